<!-- One print of the made-up scene. What it shows is said beside it. -->
<script lang="ts">
	import type { PrintQuestion } from '$core/prints';
	import { printFor } from './print-desk';

	let { type, error, width, height, seed, lens, straight, seen }: PrintQuestion = $props();

	let canvas: HTMLCanvasElement;

	$effect(() => {
		let here = true;
		// A print that cannot be made leaves its paper empty: what it shows is said beside it.
		printFor({ type, error, width, height, seed, lens, straight, seen }).then(
			(picture) => {
				if (here) canvas?.getContext('2d')?.putImageData(picture, 0, 0);
			},
			(problem) => console.error(problem)
		);
		return () => (here = false);
	});
</script>

<canvas bind:this={canvas} {width} {height} aria-hidden="true"></canvas>

<style>
	canvas {
		display: block;
		width: 100%;
		background: var(--hollow);
	}
</style>
