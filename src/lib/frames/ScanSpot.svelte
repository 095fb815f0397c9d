<!-- A scan with a spot on it that should be mid grey: its error is read through the film's curve. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import type { FilmType } from '$core/film';
	import { errorByGrey, meanReflectance } from '$core/prints';
	import type { PictureRecord } from '$contract/pictures';

	interface Props {
		picture: PictureRecord;
		type: FilmType;
		onread: (found: { stops: number; sd: number }) => void;
	}
	let { picture, type, onread }: Props = $props();

	/** A spot is this part of the width, the whole picture is the program's guess. */
	const SPOT = 0.03;
	const STEP = 0.02;
	/** A whole picture is seldom mid grey on the average, stops; common practice. */
	const WHOLE_DOUBT = 0.7;

	let canvas: HTMLCanvasElement;
	let place = $state({ x: 0.5, y: 0.5 });
	let shown = $state(false);

	function draw(image: HTMLImageElement) {
		canvas.width = image.naturalWidth;
		canvas.height = image.naturalHeight;
		canvas.getContext('2d')!.drawImage(image, 0, 0);
		shown = true;
	}

	function spotAt(x: number, y: number, size: number) {
		const side = Math.max(1, Math.round(canvas.width * size));
		const left = Math.max(0, Math.min(canvas.width - side, Math.round(x * canvas.width - side / 2)));
		const top = Math.max(0, Math.min(canvas.height - side, Math.round(y * canvas.height - side / 2)));
		return canvas.getContext('2d')!.getImageData(left, top, side, Math.min(side, canvas.height)).data;
	}

	function read() {
		onread(errorByGrey(type, meanReflectance(spotAt(place.x, place.y, SPOT))));
	}

	function guess() {
		const all = canvas.getContext('2d')!.getImageData(0, 0, canvas.width, canvas.height).data;
		const { stops, sd } = errorByGrey(type, meanReflectance(all));
		onread({ stops, sd: Math.hypot(sd, WHOLE_DOUBT) });
	}

	function point(event: MouseEvent) {
		const box = canvas.getBoundingClientRect();
		place = { x: (event.clientX - box.left) / box.width, y: (event.clientY - box.top) / box.height };
		read();
	}

	const moves: Record<string, [number, number]> = {
		ArrowLeft: [-STEP, 0],
		ArrowRight: [STEP, 0],
		ArrowUp: [0, -STEP],
		ArrowDown: [0, STEP]
	};
	function move(event: KeyboardEvent) {
		const by = Object.hasOwn(moves, event.key) ? moves[event.key] : null;
		if (!by) return;
		event.preventDefault();
		const inside = (value: number) => Math.max(0, Math.min(1, value));
		place = { x: inside(place.x + by[0]), y: inside(place.y + by[1]) };
		read();
	}
</script>

<img
	class="sr-only"
	src={resolve(`/api/pictures/${picture.id}/thumbnail`)}
	alt=""
	onload={(event) => draw(event.currentTarget as HTMLImageElement)}
/>
<p>Tap what should be mid grey: a grey card, weathered wood, wet stone. Arrow keys move the spot, too.</p>
<div class="scan">
	<button
		type="button"
		class="canvas"
		aria-label="The spot on {picture.name}"
		onclick={point}
		onkeydown={move}
	>
		<canvas bind:this={canvas}></canvas>
		{#if shown}
			<span
				class="spot"
				style:left="{place.x * 100}%"
				style:top="{place.y * 100}%"
				style:width="{SPOT * 100}%"
			></span>
		{/if}
	</button>
	<button type="button" class="quiet" onclick={guess}>Let the program guess from the whole picture</button>
</div>

<style>
	.scan {
		display: flex;
		flex-wrap: wrap;
		gap: 0.75rem;
		align-items: start;
	}
	.canvas {
		position: relative;
		line-height: 0;
		cursor: crosshair;
	}
	canvas {
		max-width: 100%;
		max-height: 22rem;
	}
	.spot {
		position: absolute;
		aspect-ratio: 1;
		transform: translate(-50%, -50%);
		border: 2px solid white;
		outline: 2px solid black;
		pointer-events: none;
	}
</style>
