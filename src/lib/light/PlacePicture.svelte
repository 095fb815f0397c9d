<!-- What a kind of place looks like, in line and light. -->
<script lang="ts">
	import { placeDrawings } from './place-pictures';

	let { place }: { place: string } = $props();
	const drawing = $derived(placeDrawings[place]);
</script>

<svg viewBox="0 0 64 40" width="72" height="45" aria-hidden="true">
	<path class="line" d={drawing.line} />
	<path class="lit" d={drawing.lit} />
</svg>

<style>
	.line {
		fill: none;
		stroke: var(--ink);
		stroke-width: 1.5;
		stroke-linejoin: round;
		stroke-linecap: round;
	}
	.lit {
		fill: var(--ink);
		stroke: var(--paper);
		stroke-width: 1;
	}
</style>
