<!-- One print of the made-up scene. What it shows is said beside it. -->
<script lang="ts">
	import type { PrintQuestion } from '$core/prints';
	import { printFor } from './print-desk';

	let { type, error, width, height, seed, lens }: PrintQuestion = $props();

	let canvas: HTMLCanvasElement;

	$effect(() => {
		let here = true;
		void printFor({ type, error, width, height, seed, lens }).then((picture) => {
			if (here) canvas?.getContext('2d')?.putImageData(picture, 0, 0);
		});
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
