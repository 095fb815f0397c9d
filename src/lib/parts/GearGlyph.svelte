<!-- A small drawing of a piece of gear: ours, in one line weight as the cameras'. A grey filter is as dark as it is. -->
<script lang="ts">
	import type { GearRecord } from '$contract/records';
	import LineDrawing from './LineDrawing.svelte';

	let { piece, size = 48 }: { piece: GearRecord; size?: number } = $props();

	/** Part of the light that a filter keeps off, for its tone; of colour, nothing is said by tone. */
	const kept = $derived(piece.type === 'filter' ? 1 - 2 ** -piece.stops : 0);
	const lines: Readonly<Record<GearRecord['type'], string>> = {
		filter: 'M29 6h6v-3h-6zM12 24h4M48 24h4',
		flash: 'M12 8h40v20H12zM20 28v8h24v-8M26 36v6h12v-6M35 11l-7 8h8l-6 7',
		support: 'M24 6h16v7H24zM32 13v9M32 22L18 44M32 22l14 22M32 22v22',
		'close-up': 'M32 5c9 10 9 28 0 38c-9-10-9-28 0-38zM10 24h8M14 20v8',
		modifier: 'M10 17h10v14H10zM20 20L48 6v36L20 28M48 6c5 11 5 25 0 36'
	};
</script>

<LineDrawing {size}>
	{#if piece.type === 'filter'}
		<circle cx="32" cy="25" r="18" />
		<circle cx="32" cy="25" r="14" fill="currentColor" fill-opacity={0.85 * kept} />
	{/if}
	<path d={lines[piece.type]} />
</LineDrawing>
