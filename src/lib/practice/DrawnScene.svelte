<!-- A made-up scene; once it is told what the light was, a spot meter can be pointed at it. -->
<script lang="ts">
	import { formatClock } from '$core/units';
	import { evFromLuminance, formatEv } from '$core/units';
	import { apertureRule, sceneInWords } from '$words';
	import { onTheCard, type DrawnPicture, type DrawnScene } from '$core/practice';
	import { paint, pictureOf } from './drawing';

	interface Props {
		scene: DrawnScene;
		/** Whether the stand-in's spot meter reads where the picture is touched. */
		metered?: boolean;
	}
	let { scene, metered = false }: Props = $props();

	let canvas: HTMLCanvasElement;
	let picture = $state.raw<DrawnPicture | null>(null);
	let failed = $state(false);
	/** Where the meter points, parts of the width and of the height. */
	// svelte-ignore state_referenced_locally -- begun anew with each scene below
	let spot = $state(onTheCard(scene));

	$effect(() => {
		let wanted = true;
		picture = null;
		failed = false;
		spot = onTheCard(scene);
		pictureOf(scene).then(
			(next) => {
				if (wanted) picture = next;
			},
			() => {
				if (wanted) failed = true;
			}
		);
		return () => {
			wanted = false;
		};
	});

	$effect(() => {
		if (picture) paint(canvas, picture);
	});

	const reads = $derived.by(() => {
		if (!picture) return null;
		const { width, height, luminances } = picture;
		const [column, row] = [
			Math.min(width - 1, Math.floor(spot.x * width)),
			Math.min(height - 1, Math.floor(spot.y * height))
		];
		return evFromLuminance(luminances[row * width + column]);
	});

	function point(event: PointerEvent) {
		if (!metered) return;
		const { left, top, width, height } = canvas.getBoundingClientRect();
		spot = { x: (event.clientX - left) / width, y: (event.clientY - top) / height };
	}

	const STEP = 0.02;
	const moves: Record<string, readonly [number, number]> = {
		ArrowLeft: [-STEP, 0],
		ArrowRight: [STEP, 0],
		ArrowUp: [0, -STEP],
		ArrowDown: [0, STEP]
	};

	function move(event: KeyboardEvent) {
		const by = moves[event.key];
		if (!by) return;
		event.preventDefault();
		event.stopPropagation();
		const held = (value: number) => Math.min(0.999, Math.max(0, value));
		spot = { x: held(spot.x + by[0]), y: held(spot.y + by[1]) };
	}
</script>

<figure>
	<div class="picture">
		<canvas
			bind:this={canvas}
			width="600"
			height="400"
			onpointerdown={point}
			data-drawn={picture ? 'yes' : undefined}
			aria-label={sceneInWords(scene)}
		></canvas>
		{#if failed}<p class="wait soft" role="status">This scene couldn’t be drawn. Go on to the next one.</p>
		{:else if !picture}<p class="wait soft" aria-busy="true">Drawing the scene …</p>{/if}
		{#if metered && picture}
			<button
				class="spot"
				style:left="{spot.x * 100}%"
				style:top="{spot.y * 100}%"
				onkeydown={move}
				aria-label="Spot meter; arrows point it elsewhere"
			></button>
		{/if}
	</div>
	<figcaption class="soft small figures">
		{#if metered && reads !== null}
			<span role="status"
				>A spot meter (simulated) there: <strong>EV {formatEv(reads)}</strong>, {apertureRule(reads)}. Touch
				the picture to point it; it assumes mid grey everywhere.</span
			>
		{:else}
			A made-up place at {formatClock(scene.clock)}
		{/if}
	</figcaption>
</figure>

<style>
	.picture {
		position: relative;
	}
	canvas {
		display: block;
		width: 100%;
		aspect-ratio: 3 / 2;
		background: var(--hollow);
	}
	.wait {
		position: absolute;
		inset: 0;
		display: grid;
		place-items: center;
	}
	.spot {
		position: absolute;
		width: 2.75rem;
		height: 2.75rem;
		margin: -1.375rem 0 0 -1.375rem;
		border-radius: 50%;
		cursor: move;
		pointer-events: none;
	}
	/* Ink and paper both, so that it shows on any ground. */
	.spot::before {
		content: '';
		position: absolute;
		inset: 0.75rem;
		border: 3px solid #000;
		outline: 3px solid #fff;
		border-radius: 50%;
	}
	figcaption {
		padding-top: 0.25rem;
	}
	:global([data-theme='dark']) canvas {
		filter: grayscale(1) sepia(1) hue-rotate(-50deg) saturate(4) brightness(0.5);
	}
</style>
