<!-- What one camera's frames teach: in words with their evidence, on its lane before and after, to accept or not. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { reach } from '$core/match';
	import { formatDoubt, stopsInWords } from '$core/units';
	import {
		adviceFor,
		driftInWords,
		judgedInWords,
		learntInWords,
		tellingInWords,
		tellsSomething,
		togetherInWords,
		undecidedInWords
	} from '$words';
	import { replace, type Kept } from '$lib/records/client';
	import type { CameraRecord } from '$contract/records';
	import { axisOver } from '$lib/shoot/axis';
	import { wholeLine } from '$lib/light/line';
	import LightScale from '$lib/shoot/LightScale.svelte';
	import ReachBars from '$lib/shoot/ReachBars.svelte';
	import { accepted, putAside, reset, standingOf, type Lesson } from './lesson';
	import { refresh } from '$lib/records/refresh';

	let { lesson }: { lesson: Lesson } = $props();

	const axis = axisOver(wholeLine);
	const { camera, film, learnt, prior, undecided, withFilms } = $derived(lesson);
	const standing = $derived(standingOf(lesson));
	/** With the film that it was mostly shot on, and the wheel where it mostly stood. */
	const usual = $derived(withFilms.reduce((a, b) => (b.frames > a.frames ? b : a)));
	const advice = $derived(
		learnt.frames + learnt.known > 0 ? adviceFor(camera, usual.stops, usual.wheel) : ''
	);
	const lanes = $derived([
		{ name: 'before', ...reach({ ...camera, offset: prior }, film) },
		{ name: 'with what was learnt', ...reach({ ...camera, offset: learnt }, film) }
	]);
	const marks = $derived(learnt.bySetting.filter(tellsSomething));
	let message = $state('');
	let before = $state.raw<Kept<CameraRecord> | null>(null);

	/** Places of the dots, two stops to both sides. */
	const FAR = 2;
	const scale = [-FAR, -1, 0, 1, FAR];
	const atStops = (stops: number) =>
		stops === 0 ? 'as predicted' : `${stopsInWords(stops)} ${stops < 0 ? 'dark' : 'light'}`;
	const INSIDE = 49;
	const placeOf = (stops: number) => 50 + (Math.max(-FAR, Math.min(FAR, stops)) / FAR) * INSIDE;

	async function write(next: Kept<CameraRecord>, said: string) {
		const written = await replace('cameras', next);
		if (written.result === 'saved') {
			before = { ...camera, version: written.record.version };
			message = said;
		} else {
			message =
				written.result === 'stale'
					? 'It was changed elsewhere; here is how it is now.'
					: 'Not saved: the server isn’t answering.';
		}
		await refresh();
	}

	async function undo() {
		const back = before;
		if (!back) return;
		await write(back, 'As before.');
		before = null;
	}

	const now = () => new Date().toISOString();
</script>

<article aria-labelledby="lesson-{camera.id}">
	<h2 id="lesson-{camera.id}">{camera.name}</h2>
	<p class="said">{learntInWords(camera, learnt)}</p>
	{#if undecided}
		<p>{undecidedInWords(camera, undecided)}</p>
	{:else}
		{#each withFilms as each (each.film)}
			<p>{togetherInWords(camera, each, each.frames, each.known)}</p>
		{/each}
	{/if}
	{#if lesson.telling}<p>{tellingInWords(lesson.telling)}</p>{/if}
	{#if advice}<p><strong>{advice}</strong></p>{/if}
	{#if learnt.drift}<p>{driftInWords(camera, learnt.drift)}</p>{/if}
	{#if learnt.wheel && Math.abs(learnt.wheel.gain - 1) > learnt.wheel.sd}
		<p class="soft">
			A marked stop on its wheel is really {Math.round(learnt.wheel.gain * 100)} % of one, give or take {Math.round(
				learnt.wheel.sd * 100
			)}.
		</p>
	{/if}
	{#each marks as { setting, stops, sd, frames } (setting)}
		<p class="soft">
			At {setting} it gives {stopsInWords(stops)}
			{stops > 0 ? 'more' : 'less'} beyond that, give or take {formatDoubt(sd)}, from {frames} frames.
		</p>
	{/each}
	{#each lesson.outliers as { id, number, stops } (id)}
		<p class="soft">
			<a class="plain-link" href={resolve(`/frames/${id}`)}>Frame {number}</a>, {judgedInWords({ stops })},
			doesn’t fit the others (fogged, different film, misjudged?), so it hardly counts.
		</p>
	{/each}
	<div
		class="dots"
		role="img"
		aria-label="{learnt.points
			.length} judged frames against what its settings predict; the learnt offset is {judgedInWords(learnt)}"
	>
		<span class="zero"></span>
		<span
			class="interval"
			style:left="{placeOf(learnt.stops - learnt.sd)}%"
			style:width="{placeOf(learnt.stops + learnt.sd) - placeOf(learnt.stops - learnt.sd)}%"
		></span>
		{#each learnt.points as { id, stops, clamped }, at (id)}
			<span class="dot" class:clamped style:left="{placeOf(stops)}%" style:top="{20 + ((at * 37) % 60)}%"
			></span>
		{/each}
	</div>
	<div class="scale small" aria-hidden="true">
		{#each scale as stops (stops)}
			<span style:left="{placeOf(stops)}%">{atStops(stops)}</span>
		{/each}
	</div>
	<p class="soft small">
		Each dot is a frame: left of the line, it came out darker than predicted. The band is what
		{camera.name} really gives.
	</p>
	<dl class="lanes">
		<div aria-hidden="true">
			<dt></dt>
			<dd class="scaled"><LightScale {axis} /></dd>
		</div>
		{#each lanes as { name, good, usable } (name)}
			<div>
				<dt class="small">{film.name}, {name}</dt>
				<dd aria-hidden="true"><ReachBars {axis} {good} {usable} /></dd>
			</div>
		{/each}
	</dl>
	<div class="end-row">
		{#if standing === 'news'}
			<button
				class="action"
				onclick={() => write(accepted(lesson, now()), `Answers for ${camera.name} now use it.`)}
			>
				Use it from now on
			</button>
			<button class="quiet" onclick={() => write(putAside(lesson, now()), 'Set aside.')}>Set it aside</button>
		{:else if standing === 'in-use'}
			<span><strong>In use.</strong></span>
			<button
				class="quiet"
				onclick={() => write(reset(lesson, now()), 'Back to before any frame was judged.')}>Reset it</button
			>
		{:else if standing === 'put-aside'}
			<span class="soft">Set aside.</span>
			<button
				class="quiet"
				onclick={() => write(accepted(lesson, now()), `Answers for ${camera.name} now use it.`)}
			>
				Use it after all
			</button>
		{/if}
		<span role="status">
			{message}
			{#if before}<button class="plain-link" onclick={undo}>Undo</button>{/if}
		</span>
	</div>
</article>

<style>
	h2 {
		font-size: 1.25rem;
	}
	.said {
		font-size: 1.25rem;
		line-height: 1.3;
		max-width: 46rem;
		padding-block: 0.25rem;
	}
	.dots {
		position: relative;
		height: 3.5rem;
		max-width: 40rem;
		margin-top: 0.5rem;
		border-block: 1px solid var(--line);
	}
	.zero {
		position: absolute;
		left: 50%;
		inset-block: 0;
		border-left: 2px solid var(--ink);
	}
	.interval {
		position: absolute;
		inset-block: 0;
		background: color-mix(in srgb, var(--ink) 14%, transparent);
	}
	.dot {
		position: absolute;
		width: 0.6rem;
		height: 0.6rem;
		margin: -0.3rem;
		border-radius: 50%;
		background: var(--ink);
	}
	.dot.clamped {
		background: var(--paper);
		border: 2px solid var(--ink);
	}
	.scale {
		position: relative;
		height: 1.5rem;
		max-width: 40rem;
	}
	.scale span {
		position: absolute;
		transform: translateX(-50%);
		white-space: nowrap;
	}
	.scale span:first-child {
		transform: none;
	}
	.scale span:last-child {
		transform: translateX(-100%);
	}
	.lanes {
		max-width: 58rem;
		display: grid;
		gap: 0.35rem;
		padding-top: 0.75rem;
	}
	.lanes > div {
		display: grid;
		grid-template-columns: 17rem minmax(0, 1fr);
		align-items: center;
		gap: 0.25rem 1rem;
	}
	dd.scaled {
		height: auto;
	}
	@media (max-width: 820px) {
		.lanes > div {
			grid-template-columns: minmax(0, 1fr);
		}
		.scale span:nth-child(even) {
			display: none;
		}
	}
	dd {
		position: relative;
		height: 0.9rem;
	}
	.end-row {
		display: flex;
		flex-wrap: wrap;
		gap: 0.75rem;
		align-items: center;
		padding-top: 0.75rem;
	}
</style>
