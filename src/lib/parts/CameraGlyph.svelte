<!-- A small drawing of a kind of camera: ours, in one line weight. -->
<script lang="ts">
	import { cameraKind, unknownGlyph } from '$core/camera';

	let { kind, size = 56 }: { kind: string | undefined; size?: number } = $props();

	const glyph = $derived(cameraKind(kind)?.glyph ?? unknownGlyph);
</script>

<svg
	viewBox="0 0 64 48"
	width={size}
	height={size * 0.75}
	fill="none"
	stroke="currentColor"
	stroke-width="2"
	stroke-linejoin="round"
	stroke-linecap="round"
	aria-hidden="true"
>
	<path d={glyph.lines} />
	{#each glyph.rings ?? [] as [x, y, radius] (`${x} ${y} ${radius}`)}
		<circle cx={x} cy={y} r={radius} />
	{/each}
	{#each glyph.dots ?? [] as [x, y, radius] (`${x} ${y} ${radius}`)}
		<circle cx={x} cy={y} r={radius} fill="currentColor" />
	{/each}
</svg>
