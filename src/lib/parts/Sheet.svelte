<!-- Something done without leaving the view: over it, closed by Escape, and what was pressed has the focus again. -->
<script lang="ts">
	import { Dialog, Portal } from '@skeletonlabs/skeleton-svelte';
	import type { Snippet } from 'svelte';

	interface Props {
		title: string;
		/** The title is said by what is inside. */
		titled?: boolean;
		wide?: boolean;
		onclose: () => void;
		children: Snippet;
	}
	let { title, titled = false, wide = false, onclose, children }: Props = $props();
</script>

<Dialog open onOpenChange={({ open }) => !open && onclose()}>
	<Portal>
		<Dialog.Backdrop class="backdrop" />
		<Dialog.Positioner class="positioner">
			<Dialog.Content class="sheet {wide ? 'wide' : ''}">
				<Dialog.Title class={titled ? 'sr-only' : 'sheet-title'}>{title}</Dialog.Title>
				{@render children()}
			</Dialog.Content>
		</Dialog.Positioner>
	</Portal>
</Dialog>

<style>
	:global(.backdrop) {
		position: fixed;
		inset: 0;
		z-index: 40;
		background: rgb(0 0 0 / 0.45);
	}
	:global(.positioner) {
		position: fixed;
		inset: 0;
		z-index: 41;
		display: grid;
		place-items: center;
		padding: 0.5rem;
	}
	:global(.sheet) {
		width: min(26rem, 100%);
		max-height: 94dvh;
		overflow-y: auto;
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		gap: 0.75rem;
		padding: 1rem 1.25rem;
		background: var(--paper);
		color: var(--ink);
		border: 2px solid var(--ink);
		border-radius: var(--radius-base);
	}
	:global(.sheet.wide) {
		width: min(60rem, 100%);
	}
	:global(.sheet-title) {
		font-family: var(--typo-heading--font-family);
		font-size: 1.25rem;
		font-weight: 700;
	}
</style>
