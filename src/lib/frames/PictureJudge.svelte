<!-- A picture of a frame, with marks on it that tell how the frame came out: of a scan, a print, a slide or a negative. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import type { FilmType } from '$core/film';
	import {
		hasSpots,
		judgedByPicture,
		marksOf,
		tonesOfThings,
		waysToJudge,
		type MarkKind,
		type PictureWay,
		type Pixels,
		type Point,
		type Thing,
		type Told
	} from '$core/prints';
	import { formatDoubt } from '$core/units';
	import { judgedInWords, markName, pictureWayHint, pictureWayName, refusalInWords, thingName } from '$words';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import { addressOf } from '$lib/parts/address-of.svelte';
	import type { ShownPicture } from '$lib/parts/shown-picture';

	interface Props {
		picture: ShownPicture;
		type: FilmType;
		onread: (told: Told, by: 'scan' | 'picture') => void;
	}
	let { picture, type, onread }: Props = $props();

	/** A mark that is set or to be set; of a spot, what it was. */
	type Mark = { name: string; at: Point | null } & ({ kind: MarkKind } | { thing: Thing });

	/** The picture is looked at no larger than this, pixels. */
	const LARGEST = 1200;
	const STEP = 0.01;
	const MIDDLE: Point = { x: 0.5, y: 0.5 };
	const things = Object.keys(tonesOfThings) as Thing[];

	let canvas: HTMLCanvasElement;
	let pixels = $state.raw<Pixels | null>(null);
	let chosen = $state<PictureWay | null>(null);
	/** The original cannot be shown, or is not at hand. */
	let failed = $state(false);
	const file = addressOf(() => picture.file);
	const source = $derived.by(() => {
		if (picture.file) return failed ? null : file.current;
		return resolve(failed ? `/api/pictures/${picture.id}/thumbnail` : `/api/pictures/${picture.id}`);
	});
	const ways = $derived(waysToJudge(type));
	const way = $derived(chosen ?? ways[0]);

	const needed = (of: PictureWay): Mark[] =>
		marksOf[of].map((kind) => ({ kind, name: markName(kind, type), at: null }));
	// svelte-ignore state_referenced_locally -- begins with the usual way
	let marks = $state<Mark[]>(needed(way));
	let active = $state(0);

	const result = $derived.by(() => {
		if (!pixels) return null;
		const spots = marks.flatMap((mark) =>
			'thing' in mark && mark.at ? [{ thing: mark.thing, at: mark.at }] : []
		);
		const set = marks.flatMap((mark) => ('kind' in mark && mark.at ? [[mark.kind, mark.at] as const] : []));
		return judgedByPicture(way, type, pixels, { marks: Object.fromEntries(set), spots });
	});

	function choose(next: PictureWay) {
		chosen = next;
		marks = needed(next);
		active = 0;
	}

	function draw(image: HTMLImageElement) {
		const scale = Math.min(1, LARGEST / Math.max(image.naturalWidth, image.naturalHeight));
		canvas.width = Math.round(image.naturalWidth * scale);
		canvas.height = Math.round(image.naturalHeight * scale);
		const context = canvas.getContext('2d', { willReadFrequently: true })!;
		context.drawImage(image, 0, 0, canvas.width, canvas.height);
		pixels = context.getImageData(0, 0, canvas.width, canvas.height);
	}

	/** A mark at a place; the next one that is not set yet is asked for. */
	function put(at: Point, on = true) {
		if (!marks[active]) return;
		marks[active].at = at;
		const open = marks.findIndex((mark) => mark.at === null);
		if (on && open >= 0) active = open;
		tell();
	}

	function tell() {
		if (result && 'told' in result && result.counts) onread(result.told, way === 'scan' ? 'scan' : 'picture');
	}

	function add(thing: Thing) {
		marks.push({ thing, name: thingName(thing), at: null });
		active = marks.findIndex((mark) => mark.at === null);
	}

	function remove(place: number) {
		marks.splice(place, 1);
		active = Math.max(0, Math.min(active, marks.length - 1));
		tell();
	}

	function point(event: MouseEvent) {
		// By a key nothing was pointed at: the mark stands where the arrows left it, and the next is asked for.
		if (event.detail === 0) return put(marks[active]?.at ?? MIDDLE);
		const box = canvas.getBoundingClientRect();
		put({ x: (event.clientX - box.left) / box.width, y: (event.clientY - box.top) / box.height });
	}

	const moves: Record<string, [number, number]> = {
		ArrowLeft: [-STEP, 0],
		ArrowRight: [STEP, 0],
		ArrowUp: [0, -STEP],
		ArrowDown: [0, STEP]
	};
	function key(event: KeyboardEvent) {
		const by = Object.hasOwn(moves, event.key) ? moves[event.key] : null;
		if (!by || !marks[active]) return;
		event.preventDefault();
		const from = marks[active].at ?? MIDDLE;
		const inside = (value: number) => Math.max(0, Math.min(1, value));
		put({ x: inside(from.x + by[0]), y: inside(from.y + by[1]) }, false);
	}
</script>

{#if source}
	<img
		class="sr-only"
		src={source}
		alt=""
		onload={(event) => draw(event.currentTarget as HTMLImageElement)}
		onerror={() => (failed = true)}
	/>
{:else if failed}
	<p class="notice">
		This browser can’t show {picture.name}. You can judge from it once the server has it.
	</p>
{/if}
<div class="judge">
	{#if ways.length > 1}
		<ChoiceField
			label="What the picture shows"
			value={way}
			options={ways.map((each) => ({ value: each, name: pictureWayName(each) }))}
			onchange={choose}
		/>
	{/if}
	<p>{pictureWayHint(way, type)}</p>
	{#if hasSpots(way)}
		<div class="row" role="group" aria-label="Add a known tone">
			{#each things as thing (thing)}
				<button type="button" class="quiet" onclick={() => add(thing)}>+ {thingName(thing)}</button>
			{/each}
		</div>
	{/if}
	<p role="status" class="says">
		{#if result && 'refused' in result}
			{refusalInWords(result.refused)}
		{:else if result && result.counts}
			<strong>{judgedInWords(result.told)}</strong>, give or take {formatDoubt(result.told.sd)}.
		{:else if result}
			{judgedInWords(result.told)}, give or take {formatDoubt(result.told.sd)}, assuming it averages mid grey:
			too unsure to count. Add something whose tone you know.
		{/if}
		{#if marks[active]?.at === null}<strong>Tap {active + 1}: {marks[active].name}.</strong>{/if}
	</p>
	<button
		type="button"
		class="canvas"
		aria-label="Marks on {picture.name}{marks[active]
			? `: ${marks[active].name}`
			: ''}. Arrow keys move the mark, Enter moves on."
		onclick={point}
		onkeydown={key}
	>
		<canvas bind:this={canvas}></canvas>
		{#if pixels}
			{#each marks as mark, at (at)}
				{#if mark.at}
					<span
						class="mark"
						class:active={at === active}
						style:left="{mark.at.x * 100}%"
						style:top="{mark.at.y * 100}%">{at + 1}</span
					>
				{/if}
			{/each}
		{/if}
	</button>
	{#if marks.length > 0}
		<ol class="row" aria-label="Marks">
			{#each marks as mark, at (at)}
				<li>
					<button
						type="button"
						class="quiet figures"
						aria-label="{at + 1}: {mark.name}{mark.at ? '' : ', not set'}"
						aria-pressed={at === active}
						onclick={() => (active = at)}>{at + 1}{mark.at ? '' : ' ?'}</button
					>
					{#if 'thing' in mark}
						<button type="button" class="quiet" aria-label="Take out {at + 1}" onclick={() => remove(at)}
							>✕</button
						>
					{/if}
				</li>
			{/each}
		</ol>
	{/if}
</div>

<style>
	.judge {
		display: grid;
		gap: 0.5rem;
		max-width: 46rem;
		justify-items: start;
	}
	.canvas {
		position: relative;
		line-height: 0;
		cursor: crosshair;
		padding: 0;
	}
	canvas {
		max-width: 100%;
		max-height: 26rem;
	}
	.row {
		display: flex;
		flex-wrap: wrap;
		gap: 0.35rem;
	}
	li {
		display: flex;
	}
	[aria-pressed='true'] {
		background: var(--ink);
		color: var(--paper);
	}
	.mark {
		position: absolute;
		min-width: 1.4rem;
		height: 1.4rem;
		line-height: 1.2rem;
		transform: translate(-50%, -50%);
		border: 2px solid white;
		outline: 2px solid black;
		color: white;
		background: rgb(0 0 0 / 0.45);
		font-size: 0.8125rem;
		text-align: center;
		pointer-events: none;
	}
	.mark.active {
		background: black;
	}
	.says {
		min-height: 3rem;
	}
</style>
