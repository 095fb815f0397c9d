<!-- Each load with its frames: as a strip or a table, some of them or all, one or many at a time. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { SvelteSet } from 'svelte/reactivity';
	import { shotList, takenShots } from '$core/cine';
	import { nextTime } from '$core/develop';
	import { isDevelopedLater } from '$core/film';
	import { developedInWords } from '$core/words';
	import { runningNumber } from '$contract/loads';
	import type { CameraRecord, FilmRecord, FrameRecord, LoadRecord, RecipeRecord } from '$contract/records';
	import ProcessOf from '$lib/develop/ProcessOf.svelte';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import Moment from '$lib/parts/Moment.svelte';
	import type { Kept } from '$lib/records/client';
	import { FrameActions } from './frame-actions.svelte';
	import FramesNav from './FramesNav.svelte';
	import { lastEdit } from './last-edit.svelte';
	import FrameStrip from './FrameStrip.svelte';
	import FrameTable from './FrameTable.svelte';
	import LoadMore from './LoadMore.svelte';
	import { orderNames, shownFrames, stripOf, whichNames, type Order, type Which } from './strip-view';

	interface LoadShown {
		load: Kept<LoadRecord>;
		camera: Kept<CameraRecord>;
		film: Kept<FilmRecord>;
	}
	interface Props {
		/** A page of them. */
		loads: { id: string; camera: string; film: string; loadedAt: string; inCamera: boolean }[];
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
	const advice = $derived(nextTime(frames.flatMap(({ judged }) => judged?.look ?? [])));
	const toJudge = $derived(frames.find(({ judged }) => !judged));
	const ran = $derived(frames.reduce((sum, frame) => sum + (frame.ran ?? 0), 0));
	const each = $derived(
		chosen?.load.price !== undefined && chosen.load.frames > 0 ? chosen.load.price / chosen.load.frames : null
	);
	const options = <T extends string>(names: Readonly<Record<T, string>>) =>
		(Object.keys(names) as T[]).map((value) => ({ value, name: names[value] }));
	/** The page of loads that one stays on. */
	const pageOf = (from: string | null) => (from ? `&after=${encodeURIComponent(from)}` : '');
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
			<nav aria-label="Loads">
				<ul>
					{#each loads as { id, camera, film, loadedAt, inCamera } (id)}
						<li>
							<a
								href={resolve(`/frames?load=${id}${pageOf(after)}`)}
								aria-current={id === chosen.load.id ? 'true' : undefined}
							>
								<strong>{camera}</strong>
								<span class="soft small">{film} · {inCamera ? 'in the camera' : 'taken out'}</span>
								<span class="soft small"><Moment at={loadedAt} /></span>
							</a>
						</li>
					{/each}
					{#if older}
						<li><a href={resolve(`/frames?load=${chosen.load.id}${pageOf(older)}`)}>Older loads</a></li>
					{/if}
					{#if after}
						<li><a href={resolve(`/frames?load=${chosen.load.id}`)}>Back to the newest</a></li>
					{/if}
				</ul>
			</nav>
			<section aria-labelledby="load-title">
				<h2 id="load-title">{chosen.camera.name}, {chosen.film.name}</h2>
				<p class="soft">
					{frames.length} of {chosen.load.frames}
					{chosen.load.spool ? 'shots' : 'frames'} logged, loaded <Moment at={chosen.load.loadedAt} />.
					{#if chosen.load.spool}
						{@const { counter } = shotList(
							chosen.load.spool,
							[],
							takenShots(frames),
							chosen.load.flippedAfter
						)}
						{ran.toFixed(0)} s run: side {counter.side}, foot {counter.feet.toFixed(0)}.
					{/if}
					{#if each !== null}{each.toFixed(2)} a frame.{/if}
					{#if chosen.load.note}{chosen.load.note}.{/if}
				</p>
				{#if chosen.load.developed}<p>{developedInWords(chosen.load.developed)}</p>
				{:else if isDevelopedLater(chosen.film)}
					{#key chosen.load.id}<ProcessOf {...chosen} {frames} {recipes} />{/key}
				{/if}
				{#if advice}
					<p class="advice">
						Next time: <strong>{advice.words}</strong>
						<span class="soft"
							>{advice.why} Based on {advice.of === 1 ? 'one negative' : `${advice.of} negatives`}.</span
						>
					</p>
				{/if}
				<div class="bar">
					{#if toJudge}<a class="action" href={resolve(`/frames/${toJudge.id}/judge`)}
							>Judge frame {toJudge.number}</a
						>{/if}
					<a class="quiet" href={resolve(`/bag/load/${chosen.load.id}`)}>Correct the load</a>
					<button class="quiet" onclick={() => actions.move(chosen.load, !chosen.load.unloadedAt)}>
						{chosen.load.unloadedAt ? 'Put it back in the camera' : 'Take it out of the camera'}
					</button>
					{#if frames.length > 0}<LoadMore load={chosen.load.id} />{/if}
				</div>
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
					<div class="tools">
						<ChoiceField
							label="Show"
							value={which}
							options={options(whichNames)}
							onchange={(next) => (which = next as Which)}
						/>
						<ChoiceField
							label="In order"
							value={order}
							options={options(orderNames)}
							onchange={(next) => (order = next as Order)}
						/>
						{#if asTable}
							<!-- eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved above -->
							<a class="quiet" href={here('')}>As a strip</a>
						{:else}
							<!-- eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved above -->
							<a class="quiet" href={here('&view=table')}>As a table</a>
							<button class="quiet" onclick={() => (selecting ? stopSelecting() : (selecting = true))}>
								{selecting ? 'Done selecting' : 'Select several'}
							</button>
						{/if}
					</div>
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
	nav a {
		display: grid;
		padding: 0.5rem 0.75rem;
		border-left: 4px solid transparent;
		text-decoration: none;
		line-height: 1.3;
	}
	nav a[aria-current] {
		border-color: var(--ink);
		background: var(--hollow);
	}
	.bar {
		align-items: start;
	}
	.tools {
		align-items: end;
	}
	.bar,
	.tools {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem 0.75rem;
		padding-block: 0.75rem;
	}
	@media (max-width: 820px) {
		.columns {
			grid-template-columns: minmax(0, 1fr);
			gap: 1rem;
		}
		nav ul {
			display: flex;
			overflow-x: auto;
			gap: 0.25rem;
		}
		nav a {
			min-width: 10rem;
			border-left: 0;
			border-bottom: 4px solid transparent;
		}
	}
</style>
