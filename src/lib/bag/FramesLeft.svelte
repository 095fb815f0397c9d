<!-- How much of a load is taken, as a strip of little frames; nothing where they cannot be counted by looking. -->
<script lang="ts">
	import type { Loaded } from '$lib/shoot/bag';

	let { loaded }: { loaded: Loaded } = $props();
	/** More than these are too thin to be counted. */
	const MOST = 40;
	const frames = $derived(Math.round(loaded.load.frames));
	const counted = $derived(loaded.secondsLeft === null && frames <= MOST);
	const taken = $derived(frames - loaded.left);
</script>

{#if counted}
	<span class="strip" aria-hidden="true">
		{#each { length: frames } as _, at (at)}<i class:taken={at < taken}></i>{/each}
	</span>
{/if}

<style>
	.strip {
		display: grid;
		grid-auto-flow: column;
		grid-auto-columns: minmax(0, 0.75rem);
		gap: 2px;
		height: 0.6rem;
		max-width: 11rem;
	}
	i {
		border: 1.5px solid var(--ink);
		border-radius: 1px;
	}
	i.taken {
		background: var(--ink);
	}
</style>
