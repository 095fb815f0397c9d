<!-- Something that is on or off from now on; what is only ticked, and saved later, is a box. -->
<script lang="ts">
	import { tick } from 'svelte';
	import { Switch } from '@skeletonlabs/skeleton-svelte';

	interface Props {
		name: string;
		on: boolean;
		/** Where it cannot be done, `on` stays as it is, and so does the switch. */
		onchange: (on: boolean) => unknown;
	}
	let { name, on, onchange }: Props = $props();
	let input: HTMLInputElement | undefined = $state();

	async function change(next: boolean) {
		await onchange(next);
		await tick();
		if (input) input.checked = on;
	}
</script>

<Switch class="toggle" checked={on} onCheckedChange={({ checked }) => void change(checked)}>
	<Switch.Control class="toggle-track"><Switch.Thumb class="toggle-thumb" /></Switch.Control>
	<Switch.Label>{name}</Switch.Label>
	<Switch.HiddenInput>
		{#snippet element(attributes)}<input {...attributes} role="switch" bind:this={input} />{/snippet}
	</Switch.HiddenInput>
</Switch>

<style>
	:global(.toggle) {
		position: relative;
		justify-self: start;
		display: inline-flex;
		align-items: center;
		gap: 0.75rem;
		min-height: 2.75rem;
		cursor: pointer;
	}
	:global(.toggle-track) {
		flex: none;
		width: 2.75rem;
		height: 1.5rem;
		display: flex;
		align-items: center;
		padding: 0.125rem;
		border: 2px solid var(--edge);
		border-radius: 1rem;
		background: var(--panel);
	}
	:global(.toggle-thumb) {
		width: 1rem;
		height: 1rem;
		border: 2px solid var(--ink);
		border-radius: 50%;
		background: var(--panel);
		transition: translate 120ms;
	}
	:global(.toggle-track[data-state='checked']) {
		background: var(--ink);
		border-color: var(--ink);
	}
	:global(.toggle-track[data-state='checked'] .toggle-thumb) {
		translate: 1.25rem;
		border-color: var(--panel);
	}
	:global(.toggle:has(:focus-visible) .toggle-track) {
		outline: 3px solid var(--ink);
		outline-offset: 2px;
	}
	/* All of it is the control, for a pointer as for a finger that feels its way over the screen. */
	:global(.toggle input) {
		position: absolute !important;
		inset: 0;
		width: 100% !important;
		height: 100% !important;
		margin: 0 !important;
		clip: auto !important;
		opacity: 0;
	}
	@media (forced-colors: active) {
		:global(.toggle-track[data-state='checked'] .toggle-thumb) {
			background: Highlight;
		}
	}
</style>
