<!-- The screen of steps: one half of it as bright as the step says, the other half its complement. -->
<script lang="ts">
	import { onMount } from 'svelte';
	import { resolve } from '$app/paths';
	import { BLOCK, DARKEST_STEP, isWhite, PATTERN } from '$core/bench';
	import { stepInWords } from '$words/eye-curve';

	const steps = [...Array.from({ length: DARKEST_STEP + 1 }, (_, step) => step), null];
	let at = $state(0);
	const step = $derived(steps[at]);
	let canvas: HTMLCanvasElement;
	let frame: HTMLDivElement;
	let size = $state.raw({ width: 0, height: 0, ratio: 1 });

	/** Whole patterns alone, so that each half holds exactly its part of white. */
	const whole = (length: number, pattern: number) => Math.floor(length / (pattern * BLOCK)) * pattern * BLOCK;

	onMount(() => {
		const measure = () => {
			const ratio = devicePixelRatio;
			size = {
				ratio,
				width: 2 * whole((frame.clientWidth * ratio) / 2, PATTERN.width),
				height: whole(frame.clientHeight * ratio, PATTERN.height)
			};
		};
		const observer = new ResizeObserver(measure);
		observer.observe(frame);
		return () => observer.disconnect();
	});

	/** One pattern, its blocks as they are on the screen. */
	function tileOf(complement: boolean): HTMLCanvasElement {
		const tile = document.createElement('canvas');
		[tile.width, tile.height] = [PATTERN.width * BLOCK, PATTERN.height * BLOCK];
		const context = tile.getContext('2d')!;
		for (let row = 0; row < PATTERN.height; row++)
			for (let column = 0; column < PATTERN.width; column++) {
				context.fillStyle = isWhite(step, column, row) === complement ? '#000' : '#fff';
				context.fillRect(column * BLOCK, row * BLOCK, BLOCK, BLOCK);
			}
		return tile;
	}

	$effect(() => {
		const { width, height } = size;
		if (width === 0 || height === 0) return;
		[canvas.width, canvas.height] = [width, height];
		const context = canvas.getContext('2d')!;
		for (const complement of [false, true]) {
			context.fillStyle = context.createPattern(tileOf(complement), 'repeat')!;
			context.fillRect(complement ? width / 2 : 0, 0, width / 2, height);
		}
	});

	/** A camera that films them needs a second of each, and two of all the light. */
	const EACH = 1000;
	let running = $state(false);
	$effect(() => {
		if (!running) return;
		at = 0;
		let beats = 0;
		const beat = setInterval(() => {
			beats += 1;
			at = Math.max(0, beats - 1);
			if (at === steps.length - 1) running = false;
		}, EACH);
		return () => clearInterval(beat);
	});

	function turn(by: number) {
		running = false;
		at = Math.min(steps.length - 1, Math.max(0, at + by));
	}
	function keys(event: KeyboardEvent) {
		if (event.key === 'ArrowRight' || event.key === ' ') turn(1);
		else if (event.key === 'ArrowLeft') turn(-1);
		else return;
		event.preventDefault();
	}
</script>

<svelte:head><title>The screen of steps · Just Enough</title></svelte:head>
<svelte:window onkeydown={keys} />
<div class="steps">
	<h1 class="sr-only">The screen of steps</h1>
	<div class="frame" bind:this={frame}>
		<canvas
			bind:this={canvas}
			style:width="{size.width / size.ratio}px"
			style:height="{size.height / size.ratio}px"
			aria-hidden="true"
		></canvas>
	</div>
	<div class="strip">
		<button class="quiet" disabled={at === 0} onclick={() => turn(-1)}>Brighter</button>
		<p role="status" class="figures">{stepInWords(step === null ? 0 : 2 ** -step)}</p>
		<button class="quiet" disabled={at === steps.length - 1} onclick={() => turn(1)}>Darker</button>
		<button class="quiet" aria-pressed={running} onclick={() => (running = !running)}>Run all</button>
		<button class="quiet" onclick={() => void document.documentElement.requestFullscreen().catch(() => {})}
			>Full screen</button
		>
		<a class="quiet" href={resolve('/bag')}>Close</a>
	</div>
</div>

<style>
	/* Over all else: nothing may shine beside it. */
	.steps {
		position: fixed;
		inset: 0;
		z-index: 40;
		display: grid;
		grid-template-rows: 1fr auto;
		background: #000;
		color: #fff;
	}
	.frame {
		min-width: 0;
		min-height: 0;
		overflow: hidden;
	}
	canvas {
		display: block;
		image-rendering: pixelated;
	}
	.strip {
		display: flex;
		align-items: center;
		flex-wrap: wrap;
		justify-content: center;
		gap: 0.25rem;
		padding: 0.25rem;
	}
	.strip p {
		order: -1;
		flex-basis: 100%;
		text-align: center;
	}
	.strip :is(button, a) {
		padding: 0 0.5rem;
		background: #000;
		color: #fff;
		border-color: #fff;
	}
	.strip button:disabled {
		color: #aaa;
		border-color: #777;
	}
</style>
