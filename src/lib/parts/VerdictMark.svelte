<script lang="ts">
	import type { Verdict } from '$core/match';

	let { verdict }: { verdict: Verdict } = $props();
</script>

<svg class={verdict} viewBox="0 0 12 12" width="0.75em" height="0.75em" aria-hidden="true">
	{#if verdict === 'just-enough'}
		<circle cx="6" cy="6" r="5.5" />
	{:else if verdict === 'usable'}
		<circle cx="6" cy="6" r="4.8" fill="none" stroke="currentColor" stroke-width="1.4" />
		<path d="M6 1.2a4.8 4.8 0 0 0 0 9.6z" />
	{:else if verdict === 'too-dark'}
		<path d="M.5 2h11L6 11z" />
	{:else}
		<path d="M.5 10h11L6 1z" />
	{/if}
</svg>

<style>
	svg {
		display: inline-block;
		fill: currentColor;
		flex: none;
		vertical-align: -0.05em;
	}
</style>
