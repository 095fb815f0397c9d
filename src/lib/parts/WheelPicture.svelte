<!-- The lighten–darken wheel and its clicks, darken on the left; the place that is taken is filled; its words stand beside it. -->
<script lang="ts">
	let { places, at = null }: { places: readonly number[]; at?: number | null } = $props();

	const WIDTH = 120;
	const HEIGHT = 34;
	const RADIUS = 92;
	const SPREAD = 0.55;
	const most = $derived(Math.max(...places.map(Math.abs), 0.01));

	/** A place of the rim, which bulges upward. */
	function rim(place: number, radius: number): { x: number; y: number } {
		const angle = (place / most) * SPREAD;
		return { x: WIDTH / 2 + radius * Math.sin(angle), y: RADIUS + 14 - radius * Math.cos(angle) };
	}
	const taken = (place: number) => at !== null && Math.abs(place - at) < 1e-6;
	const edge = $derived(
		[-1, 1]
			.map((side) => rim(side * most * 1.15, RADIUS))
			.map(({ x, y }) => `${x.toFixed(1)} ${y.toFixed(1)}`)
	);
</script>

<svg viewBox="0 0 {WIDTH} {HEIGHT}" width={WIDTH} height={HEIGHT} aria-hidden="true">
	<path d="M{edge[0]}A{RADIUS} {RADIUS} 0 0 1 {edge[1]}" />
	{#each places as place (place)}
		{@const inner = rim(place, RADIUS - (Math.abs(place) < 1e-6 ? 9 : 5))}
		{@const outer = rim(place, RADIUS)}
		<line x1={inner.x} y1={inner.y} x2={outer.x} y2={outer.y} />
		{#if taken(place)}
			{@const mark = rim(place, RADIUS + 7)}
			<circle cx={mark.x} cy={mark.y} r="4.5" />
		{/if}
	{/each}
</svg>

<style>
	path,
	line {
		fill: none;
		stroke: currentColor;
		stroke-width: 1.5;
		stroke-linecap: round;
	}
	circle {
		fill: currentColor;
	}
</style>
