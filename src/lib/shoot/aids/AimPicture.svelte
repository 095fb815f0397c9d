<!-- The finder's frame, what the picture takes of it, and where the head goes. -->
<script lang="ts">
	import type { Camera } from '$core/camera';
	import type { Aimed } from '$core/focus';

	let { frame, aimed }: { frame: Camera['frame']; aimed: Aimed } = $props();

	const HEIGHT = 100;
	const width = $derived((HEIGHT * frame.width) / frame.height);
	const [x, y] = $derived([width * (0.5 + aimed.right), HEIGHT * (0.5 + aimed.below)]);
</script>

<svg
	viewBox="-12 -12 {width + 24} {HEIGHT + 24}"
	style:--ratio={(width + 24) / (HEIGHT + 24)}
	aria-hidden="true"
>
	<rect class="taken" x={width * aimed.right} y={HEIGHT * aimed.below} {width} height={HEIGHT} />
	<rect class="finder" x="0" y="0" {width} height={HEIGHT} />
	<path class="middle" d="M{width / 2 - 4} 50h8M{width / 2} 46v8" />
	<circle class="head" cx={x} cy={y} r="8" />
	<path class="head" d="M{x - 16} {y + 30}q2 -20 16 -20t16 20" />
</svg>

<style>
	svg {
		height: 11rem;
		max-width: 100%;
		aspect-ratio: var(--ratio);
	}
	.finder {
		fill: none;
		stroke: var(--ink);
		stroke-width: 1.5;
	}
	.taken {
		fill: var(--hollow);
		stroke: var(--edge);
		stroke-width: 1;
		stroke-dasharray: 4 3;
	}
	.middle {
		stroke: var(--ink-soft);
	}
	.head {
		fill: none;
		stroke: var(--ink);
		stroke-width: 2;
	}
</style>
