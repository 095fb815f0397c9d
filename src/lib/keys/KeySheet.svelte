<script lang="ts">
	import { Dialog, Portal } from '@skeletonlabs/skeleton-svelte';
	import { resolve } from '$app/paths';
	import { everywhere } from './everywhere';
	import { sheet } from './sheet.svelte';
</script>

<Dialog open={sheet.open} onOpenChange={({ open }) => (sheet.open = open)}>
	<Portal>
		<Dialog.Backdrop class="backdrop" />
		<Dialog.Positioner class="positioner">
			<Dialog.Content class="sheet">
				<Dialog.Title class="sheet-title">Keys</Dialog.Title>
				<table>
					<thead class="sr-only"><tr><th>Key</th><th>What it does</th></tr></thead>
					<tbody>
						{#each [...sheet.ofView, ...everywhere] as key (key.shown)}
							<tr><td><kbd>{key.shown}</kbd></td><td>{key.does}</td></tr>
						{/each}
					</tbody>
				</table>
				<p class="soft">
					{#if sheet.single}Pressed by accident? Switch single keys off{:else}Single keys are off. Switch them
						on{/if}
					in <a href={resolve('/settings#here')} onclick={() => (sheet.open = false)}>Settings</a>.
				</p>
				<p>
					<a class="plain-link" href={resolve('/words')} onclick={() => (sheet.open = false)}
						>What the words mean</a
					>
				</p>
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
