<script lang="ts">
	import { Dialog, Portal } from '@skeletonlabs/skeleton-svelte';
	import { everywhere } from './everywhere';
	import type { Key } from './keys';

	interface Props {
		keys: readonly Key[];
		open: boolean;
		onopen: (open: boolean) => void;
	}
	let { keys, open, onopen }: Props = $props();
</script>

<Dialog {open} onOpenChange={(details) => onopen(details.open)}>
	<Portal>
		<Dialog.Backdrop class="backdrop" />
		<Dialog.Positioner class="positioner">
			<Dialog.Content class="sheet">
				<Dialog.Title class="sheet-title">Keys</Dialog.Title>
				<table>
					<thead class="sr-only"><tr><th>Key</th><th>What it does</th></tr></thead>
					<tbody>
						{#each [...keys, ...everywhere] as key (key.shown)}
							<tr><td><kbd>{key.shown}</kbd></td><td>{key.does}</td></tr>
						{/each}
					</tbody>
				</table>
				<Dialog.CloseTrigger class="quiet">Close</Dialog.CloseTrigger>
			</Dialog.Content>
		</Dialog.Positioner>
	</Portal>
</Dialog>

<style>
	:global(.backdrop) {
		position: fixed;
		inset: 0;
		z-index: 40;
		background: color-mix(in srgb, var(--paper) 70%, transparent);
	}
	:global(.positioner) {
		position: fixed;
		inset: 0;
		z-index: 41;
		display: grid;
		place-items: center;
		padding: 1rem;
	}
	:global(.sheet) {
		background: var(--panel);
		border: 2px solid var(--ink);
		border-radius: var(--radius-container);
		padding: 1.25rem;
		max-width: 26rem;
		display: grid;
		gap: 1rem;
	}
	:global(.sheet-title) {
		font-family: var(--typo-heading--font-family);
		font-size: 1.5rem;
		font-weight: 700;
	}
	td {
		padding: 0.3rem 1rem 0.3rem 0;
		vertical-align: top;
	}
	kbd {
		font: inherit;
		font-weight: var(--heavy);
		white-space: nowrap;
	}
</style>
