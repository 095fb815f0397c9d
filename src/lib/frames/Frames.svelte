<!-- What was shot last as a contact sheet, and the shelf of all loads: some of their frames or all, one or many at a time. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { formatMoney } from '$core/units';
	import { SvelteSet } from 'svelte/reactivity';
	import { shotList, takenShots } from '$core/cine';
	import { nextTime } from '$core/develop';
	import { isDevelopedLater, latitudeOf } from '$core/film';
	import { distanceOutside } from '$core/match';
	import { counted, developedInWords, nextTimeInWords } from '$words';
	import { runningNumber } from '$contract/loads';
	import { daysInWords } from '$words/paper';
	import type { CameraRecord, FilmRecord, FrameRecord, LoadRecord, RecipeRecord } from '$contract/records';
	import ProcessOf from '$lib/develop/ProcessOf.svelte';
	import Moment from '$lib/parts/Moment.svelte';
	import type { Kept } from '$lib/records/client';
	import { FrameActions } from './frame-actions.svelte';
	import FramesNav from './FramesNav.svelte';
	import { lastEdit } from './last-edit.svelte';
	import FrameStrip from './FrameStrip.svelte';
	import FrameTable from './FrameTable.svelte';
	import LoadMore from './LoadMore.svelte';
	import LoadTools from './LoadTools.svelte';
	import Shelf from './Shelf.svelte';
	import { pageOf, type OnShelf } from './shelf';
	import { shownFrames, stripOf, whichNames, type Order, type Which } from './strip-view';

	interface LoadShown {
		load: Kept<LoadRecord>;
		camera: Kept<CameraRecord>;
		film: Kept<FilmRecord>;
	}
	interface Props {
		/** A page of them. */
		loads: OnShelf[];
		/** Where the next page begins; null: this is the last. */
		older: string | null;
		/** Where this one begins; null: with the newest. */
		after: string | null;
		chosen: LoadShown | null;
		frames: Kept<FrameRecord>[];
		pictures: Record<string, string>;
		recipes: Kept<RecipeRecord>[];
	}
	let { loads, older, after, chosen, frames, pictures, recipes }: Props = $props();

	let which = $state<Which>('all');
	let order = $state<Order>('number');
	let selecting = $state(false);
	const selected = new SvelteSet<string>();
	const actions = new FrameActions();

	const asTable = $derived(page.url.searchParams.get('view') === 'table');
	const shown = $derived(shownFrames(frames, which, order));
	const gaps = $derived(which === 'all' && order === 'number' ? (chosen?.load.unknown ?? []) : []);
	const places = $derived(
		stripOf(shown, gaps).sort((a, b) => (order === 'number' ? a.number - b.number : 0))
	);
	/** Frames on the page at first; a long load is shown piece by piece. */
	const AT_ONCE = 60;
	let most = $state(AT_ONCE);
	const count = $derived(asTable ? shown.length : places.length);
	const picked = $derived(shown.filter(({ id }) => selected.has(id)));
	const next = $derived(nextTime(frames.flatMap(({ judged }) => judged?.look ?? [])));
	const advice = $derived(next && nextTimeInWords(next));
	const lost = $derived(
		chosen &&
			frames.some(({ judged }) => judged && distanceOutside(latitudeOf(chosen.film).usable, judged.stops) > 0)
	);
	const open = $derived(frames.filter(({ judged }) => !judged));
	const kept = $derived(frames.filter(({ judged }) => judged?.kept).length);
	const inTime = $derived(frames.toSorted((a, b) => Date.parse(a.takenAt) - Date.parse(b.takenAt)));
	const days = $derived(daysInWords(inTime, page.data.locale));
	const ran = $derived(frames.reduce((sum, frame) => sum + (frame.ran ?? 0), 0));
	const each = $derived(
		chosen?.load.price !== undefined && chosen.load.frames > 0 ? chosen.load.price / chosen.load.frames : null
	);
	const here = (view: string) => resolve(`/frames?load=${chosen?.load.id}${pageOf(after)}${view}`);

	function choose(id: string, on: boolean) {
		if (on) selected.add(id);
		else selected.delete(id);
	}

	function stopSelecting() {
		selecting = false;
		selected.clear();
	}

	const keep = (kept: boolean) =>
		actions.judge(
			picked,
			({ judged }) => ({
				...(judged ?? { stops: 0, sd: 0.5, by: 'eye' as const, judgedAt: new Date().toISOString() }),
				kept
			}),
			kept ? 'to keep' : 'not to keep'
		);
</script>

<svelte:head><title>Frames · Just Enough</title></svelte:head>
<div class="page">
	<h1>Frames</h1>
	<FramesNav here="loads" />
	{#if !chosen}
		<p class="soft">
			No film loaded yet. Once there is, every frame you take appears here with its light and settings: frame
			1, grey day, f/11, just enough.
		</p>
		<p><a class="action" href={resolve('/bag/load')}>Load a film</a></p>
	{:else}
		<div class="columns">
			<Shelf {loads} {older} {after} open={chosen.load.id} />
			<section aria-labelledby="load-title">
				<div class="head">
					<div>
						<h2 id="load-title">{chosen.camera.name}, {chosen.film.name}</h2>
						<p class="soft">
							{#if frames.length > 0}
								{days}. {frames.length} of {chosen.load.frames}
								{chosen.load.spool ? 'shots' : 'frames'} logged{kept > 0 ? `, ${kept} to keep` : ''}.
							{:else}
								Loaded <Moment at={chosen.load.loadedAt} />. Room for {chosen.load.frames}
								{chosen.load.spool ? 'shots' : 'frames'}.
							{/if}
							{#if chosen.load.spool}
								{@const { counter } = shotList(
									chosen.load.spool,
									[],
									takenShots(frames),
									chosen.load.flippedAfter
								)}
								{ran.toFixed(0)} s run: side {counter.side}, foot {counter.feet.toFixed(0)}.
							{/if}
							{#if each !== null}{formatMoney(each, page.data.locale)} a frame.{/if}
							{#if chosen.load.note}{chosen.load.note}.{/if}
						</p>
					</div>
					<div class="bar">
						<LoadMore load={chosen.load.id} empty={frames.length === 0}>
							{#snippet children(close)}
								<li>
									<a class="plain-link" href={resolve(`/bag/load/${chosen.load.id}`)}>Correct the load</a>
								</li>
								<li>
									<button
										class="plain-link"
										onclick={() => {
											close();
											void actions.move(chosen.load, !chosen.load.unloadedAt);
										}}
									>
										{chosen.load.unloadedAt ? 'Put it back in the camera' : 'Take it out of the camera'}
									</button>
								</li>
							{/snippet}
						</LoadMore>
						{#if open.length > 0}<a class="action" href={resolve(`/frames/${open[0].id}/judge`)}
								>{counted(open.length, `Judge frame ${open[0].number}`, 'Judge # frames')}</a
							>{/if}
					</div>
				</div>
				{#if chosen.load.developed}<p>{developedInWords(chosen.load.developed)}</p>
				{:else if isDevelopedLater(chosen.film)}
					{#key chosen.load.id}<ProcessOf {...chosen} {frames} {recipes} />{/key}
				{/if}
				{#if advice}
					<p class="advice">
						Next time: <strong>{advice.what}</strong>
						<span class="soft">{advice.why}</span>
					</p>
				{/if}
				{#if lost}
					<p>
						<a class="plain-link" href={resolve(`/plan/what-if?load=${chosen.load.id}`)}
							>What would have saved the lost ones</a
						>
					</p>
				{/if}
				<div role="status">
					{#if lastEdit.of(chosen.load.id) !== null}
						<p class="notice">
							Frame {lastEdit.of(chosen.load.id)} changed.
							<button class="plain-link" onclick={() => lastEdit.undo()}>Undo</button>
						</p>
					{/if}
					{#if lastEdit.problem}<p class="notice">{lastEdit.problem}</p>{/if}
					{#if actions.message}
						<p class="notice">
							{actions.message}
							{#if actions.undo}<button class="plain-link" onclick={() => actions.undo?.()}>Undo</button>{/if}
						</p>
					{/if}
				</div>
				{#if frames.length === 0 && gaps.length === 0}
					<p class="notice">
						Nothing taken on this load yet. On Shoot, one key logs a frame with everything the screen shows.
					</p>
				{:else}
					{#if count > 1 || which !== 'all'}<LoadTools
							bind:which
							bind:order
							{asTable}
							other={here(asTable ? '' : '&view=table')}
							{selecting}
							onselect={() => (selecting ? stopSelecting() : (selecting = true))}
						/>{/if}
					{#if selecting}
						<div class="tools" role="group" aria-label="With the selected frames">
							<span>{picked.length} selected</span>
							<button class="quiet" onclick={() => shown.forEach(({ id }) => selected.add(id))}
								>All of these</button
							>
							<button class="quiet" disabled={picked.length === 0 || actions.busy} onclick={() => keep(true)}
								>To keep</button
							>
							<button class="quiet" disabled={picked.length === 0 || actions.busy} onclick={() => keep(false)}
								>Not to keep</button
							>
							<button
								class="quiet"
								disabled={picked.length === 0 || actions.busy}
								onclick={() => actions.erase(picked)}>Delete</button
							>
						</div>
					{/if}
					{#if shown.length === 0 && gaps.length === 0}
						<p class="soft">No frame of this load is {whichNames[which]}.</p>
					{:else if asTable}
						<FrameTable
							rows={shown.slice(0, most).map((frame) => ({
								frame,
								camera: chosen.camera,
								film: chosen.film,
								own: runningNumber(chosen.load, frame.number)
							}))}
						/>
					{:else}
						<FrameStrip
							places={places.slice(0, most)}
							camera={chosen.camera}
							film={chosen.film}
							load={chosen.load}
							{pictures}
							selected={selecting ? selected : null}
							onselect={choose}
						/>
					{/if}
					{#if count > most}
						<button class="quiet" onclick={() => (most += AT_ONCE)}>
							Show more ({most} of {count} shown)
						</button>
					{/if}
				{/if}
			</section>
		</div>
	{/if}
</div>

<style>
	.page {
		max-width: 80rem;
	}
	.columns {
		display: grid;
		grid-template-columns: 14rem minmax(0, 1fr);
		gap: 2rem;
		padding-top: 1rem;
	}
	.head {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		align-items: start;
		gap: 0.75rem;
		padding-bottom: 0.5rem;
	}
	.bar,
	.tools {
		display: flex;
		flex-wrap: wrap;
		align-items: start;
		gap: 0.5rem 0.75rem;
	}
	.tools {
		padding-bottom: 0.75rem;
	}
	@media (max-width: 820px) {
		/* The way to it says so already. */
		.page > h1 {
			position: absolute;
			clip-path: inset(50%);
		}
		.columns {
			grid-template-columns: minmax(0, 1fr);
			gap: 1rem;
		}
	}
</style>
