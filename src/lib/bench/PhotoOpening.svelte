<!-- An opening in a photo of the lens: two marks at its edges, two at the ends of something of known length beside it. -->
<script lang="ts">
	import { openingInPhoto, type PicturePoint } from '$core/bench';
	import ChooseFile from '$lib/forms/ChooseFile.svelte';
	import NumberBox from '$lib/forms/NumberBox.svelte';

	let { onfound }: { onfound: (opening: number, sd: number) => void } = $props();

	const names = [
		'Left edge of the opening',
		'Right edge of the opening',
		'Left end of the length',
		'Right end of the length'
	];
	/** A mark is set as near as this part of the picture's width; common practice. */
	const AS_NEAR = 0.002;
	/** So many px around a mark are shown enlarged. */
	const AROUND = 0.06;
	const LOUPE = 160;

	let url = $state('');
	let problem = $state('');
	/** Parts of the picture's width and height. */
	let marks = $state<PicturePoint[]>([]);
	let chosen = $state(0);
	let size = $state.raw({ width: 0, height: 0 });
	let length = $state<number | undefined>();
	let metres = $state<number | undefined>(1);
	let picture = $state.raw<HTMLImageElement>();
	let loupe = $state.raw<HTMLCanvasElement>();

	function choose(file: File) {
		if (url) URL.revokeObjectURL(url);
		[url, problem] = [URL.createObjectURL(file), ''];
		marks = [
			{ x: 0.4, y: 0.45 },
			{ x: 0.6, y: 0.45 },
			{ x: 0.4, y: 0.75 },
			{ x: 0.6, y: 0.75 }
		];
	}

	const within = (part: number) => Math.min(1, Math.max(0, part));
	function move(index: number, { x, y }: PicturePoint) {
		chosen = index;
		marks[index] = { x: within(x), y: within(y) };
	}

	let grabbed: PicturePoint | null = null;
	function grab(event: PointerEvent & { currentTarget: HTMLButtonElement }, index: number) {
		event.currentTarget.setPointerCapture(event.pointerId);
		chosen = index;
		// From where it is grabbed, so that it does not jump under the finger.
		const { width, height } = picture!.getBoundingClientRect();
		grabbed = { x: event.clientX / width - marks[index].x, y: event.clientY / height - marks[index].y };
	}
	function drag(event: PointerEvent, index: number) {
		if (!grabbed) return;
		const { width, height } = picture!.getBoundingClientRect();
		move(index, { x: event.clientX / width - grabbed.x, y: event.clientY / height - grabbed.y });
	}
	const arrows: Readonly<Record<string, PicturePoint>> = {
		ArrowLeft: { x: -1, y: 0 },
		ArrowRight: { x: 1, y: 0 },
		ArrowUp: { x: 0, y: -1 },
		ArrowDown: { x: 0, y: 1 }
	};
	function press(event: KeyboardEvent, index: number) {
		const by = arrows[event.key];
		if (!by) return;
		event.preventDefault();
		const px = event.shiftKey ? 10 : 1;
		const { x, y } = marks[index];
		move(index, { x: x + (px * by.x) / size.width, y: y + (px * by.y) / size.height });
	}

	$effect(() => {
		const context = loupe?.getContext('2d');
		if (!context || !picture || size.width === 0) return;
		const { x, y } = marks[chosen];
		const across = 2 * AROUND * size.width;
		context.clearRect(0, 0, LOUPE, LOUPE);
		context.drawImage(
			picture,
			...[x * size.width - across / 2, y * size.height - across / 2, across, across],
			...([0, 0, LOUPE, LOUPE] as const)
		);
	});

	const points = $derived(marks.map(({ x, y }) => ({ x: x * size.width, y: y * size.height })));
	const measured = $derived(
		size.width > 0 && length && metres
			? openingInPhoto({
					opening: [points[0], points[1]],
					beside: [points[2], points[3]],
					...{ length, distance: 1000 * metres, markSd: AS_NEAR * size.width }
				})
			: null
	);
</script>

<div class="photo">
	<p class="soft">
		Hold the shutter open before a bright wall, lay a coin or a ruler beside the lens, facing you, and
		photograph both from a metre away, filling the picture by zooming in. From nearer, perspective makes the
		opening look smaller than it is.
	</p>
	<ChooseFile accept="image/*" choose={(file) => choose(file)}>Choose a photo of the lens</ChooseFile>
	<div role="status">
		{#if problem}<p class="notice">{problem}</p>{/if}
	</div>
	{#if url}
		<div class="picture">
			<img
				src={url}
				alt="The lens from the front"
				bind:this={picture}
				onload={() => (size = { width: picture!.naturalWidth, height: picture!.naturalHeight })}
				onerror={() => ([url, problem] = ['', 'This photo can’t be shown here. Save it as JPEG.'])}
			/>
			<svg viewBox="0 0 1 1" preserveAspectRatio="none" aria-hidden="true">
				{#each [0, 2] as first (first)}
					<line x1={marks[first].x} y1={marks[first].y} x2={marks[first + 1].x} y2={marks[first + 1].y} />
				{/each}
			</svg>
			{#each marks as mark, index (index)}
				<button
					type="button"
					class="mark"
					aria-label="{names[index]}, moved by the arrow keys"
					aria-pressed={chosen === index}
					style:left="{100 * mark.x}%"
					style:top="{100 * mark.y}%"
					onpointerdown={(event) => grab(event, index)}
					onpointermove={(event) => drag(event, index)}
					onpointerup={() => (grabbed = null)}
					onpointercancel={() => (grabbed = null)}
					onfocus={() => (chosen = index)}
					onkeydown={(event) => press(event, index)}
				></button>
			{/each}
		</div>
		<div class="near">
			<div class="loupe">
				<canvas bind:this={loupe} width={LOUPE} height={LOUPE} aria-hidden="true"></canvas>
			</div>
			<p class="soft small">{names[chosen]}, enlarged. Drag a mark, or move it by the arrow keys.</p>
		</div>
		<div class="fields">
			<NumberBox
				label="Length beside it, mm"
				hint="from the third mark to the fourth"
				placeholder="20"
				value={length}
				least={1}
				most={1000}
				problem="must be between 1 and 1000"
				onchange={(next) => (length = next)}
			/>
			<NumberBox
				label="Photographed from, m"
				value={metres}
				least={0.1}
				most={20}
				problem="must be between 0.1 and 20"
				onchange={(next) => (metres = next)}
			/>
		</div>
		{#if measured}
			<p role="status">The opening is {measured.opening.toFixed(1)} mm across, ± {measured.sd.toFixed(1)}.</p>
			<button type="button" class="quiet" onclick={() => onfound(measured.opening, measured.sd)}
				>Use this opening</button
			>
		{/if}
	{/if}
</div>

<style>
	.photo {
		display: grid;
		gap: 0.75rem;
		justify-items: start;
	}
	.photo > :is(.picture, .fields) {
		width: 100%;
	}
	.picture {
		position: relative;
		touch-action: pan-y;
	}
	.picture img {
		display: block;
		width: 100%;
	}
	.picture svg {
		position: absolute;
		inset: 0;
		width: 100%;
		height: 100%;
		pointer-events: none;
	}
	line {
		stroke: #fff;
		stroke-width: 3;
		vector-effect: non-scaling-stroke;
		mix-blend-mode: difference;
	}
	.mark {
		position: absolute;
		width: 2.75rem;
		height: 2.75rem;
		transform: translate(-50%, -50%);
		touch-action: none;
		cursor: grab;
		border: 2px solid #fff;
		border-radius: 50%;
		outline: 1px solid #000;
		/* A cross whose middle is the mark. */
		background:
			linear-gradient(#000, #000) center / 1px 60% no-repeat,
			linear-gradient(#000, #000) center / 60% 1px no-repeat,
			linear-gradient(#fff, #fff) center / 3px 60% no-repeat,
			linear-gradient(#fff, #fff) center / 60% 3px no-repeat;
	}
	.mark[aria-pressed='true'] {
		border-width: 4px;
	}
	.mark:focus-visible {
		outline: 3px solid #000;
	}
	.near {
		display: flex;
		gap: 0.75rem;
		align-items: center;
	}
	.loupe {
		position: relative;
		flex: none;
		width: 8rem;
		height: 8rem;
		overflow: hidden;
		border: 1px solid var(--edge);
	}
	.loupe canvas {
		width: 100%;
		height: 100%;
		image-rendering: pixelated;
	}
	.loupe::after {
		content: '';
		position: absolute;
		inset: 0;
		background:
			linear-gradient(#fff, #fff) center / 1px 100% no-repeat,
			linear-gradient(#fff, #fff) center / 100% 1px no-repeat;
		mix-blend-mode: difference;
	}
</style>
