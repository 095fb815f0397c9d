<!-- A small drawing of a kind of camera: ours, in one line weight. -->
<script lang="ts">
	import { cameraKind, unknownGlyph } from '$core/camera';
	import LineDrawing from './LineDrawing.svelte';

	let { kind, size = 56 }: { kind: string | undefined; size?: number } = $props();

	const glyph = $derived(cameraKind(kind)?.glyph ?? unknownGlyph);
</script>

<LineDrawing {size}>
	<path d={glyph.lines} />
	{#each glyph.rings ?? [] as [x, y, radius] (`${x} ${y} ${radius}`)}
		<circle cx={x} cy={y} r={radius} />
	{/each}
	{#each glyph.dots ?? [] as [x, y, radius] (`${x} ${y} ${radius}`)}
		<circle cx={x} cy={y} r={radius} fill="currentColor" />
	{/each}
</LineDrawing>
