<!-- Ways of using a camera beside each other, over a year at a place and one's own frames: what to spend money on. -->
<script lang="ts">
	import { onMount } from 'svelte';
	import { v4 as uuid } from 'uuid';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { localTime, zoneAt, type Exposed } from '$core/light';
	import { typicalSkies } from '$core/plan';
	import { formatMoney } from '$core/units';
	import { MOST_WAYS } from '$contract/compare';
	import { compareInWords, counted } from '$words';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import NumberBox from '$lib/forms/NumberBox.svelte';
	import { subjectNames } from '$lib/light/sky-names';
	import WherePicker from '$lib/light/WherePicker.svelte';
	import { asked, placeAsked } from '$lib/plan/asked.svelte';
	import PlanPage from '$lib/plan/PlanPage.svelte';
	import { keepHere, keptHere } from '$lib/records/kept-here';
	import type { KeptLog } from '$views/learn/log';
	import { CompareDesk } from './compare-desk.svelte';
	import { kindsOfLight, lightOfKind } from './kinds-of-light';
	import { suggestedWays, wayOf, type WayDraft, type WaysBag } from './ways';
	import WaySheet from './WaySheet.svelte';
	import WayTable from './WayTable.svelte';

	interface Props {
		records: WaysBag;
		/** The camera that all is about. */
		camera?: string;
		log: KeptLog | null;
	}
	let { records, camera: cameraId, log }: Props = $props();

	/** What was chosen for each camera, in this browser. */
	const KEPT = 'ways compared';
	type Choices = Record<string, { ways: WayDraft[]; perYear?: number; light?: string }>;

	const desk = new CompareDesk();
	// svelte-ignore state_referenced_locally -- a form begins with what was there
	const place = placeAsked(records);
	const { here } = $derived(place);
	const year = $derived(
		Number(localTime(Date.now(), here ? zoneAt(here.latitude, here.longitude) : 'Etc/UTC').date.slice(0, 4))
	);
	const cameras = $derived(records.cameras.filter(({ archived }) => !archived));
	const camera = $derived(records.cameras.find(({ id }) => id === cameraId));

	let drafts = $state.raw<WayDraft[]>([]);
	let perYear = $state<number | undefined>();
	/** One kind of light that all is held against, by its id; empty: a year, and one’s own frames. */
	let kindOfLight = $state('');
	/** The way that is being changed. */
	let open = $state.raw<{ draft: WayDraft; fresh: boolean } | null>(null);

	const ways = $derived(
		drafts.flatMap((draft) => {
			const way = camera && wayOf(draft, camera, records);
			return way ? [{ id: draft.id, way }] : [];
		})
	);
	const frames = $derived(log?.frames ?? []);
	const own = $derived(frames.length > 0 && kindOfLight === '');
	const held = $derived.by(() => {
		const { names: _, leftOut: _left, ...plain } = log ?? { names: {}, leftOut: 0 };
		const light = lightOfKind(kindOfLight);
		// What frames have taught counts in any light; they themselves were taken in theirs.
		if (light) return { light, ...(log && { log: { ...(plain as KeptLog), frames: [] } }) };
		const skies = records.places.find(
			(each) => each.latitude === here?.latitude && each.longitude === here.longitude
		)?.skies;
		return {
			...(here && {
				year: { place: here, year, sky: skies ?? typicalSkies(here.latitude), subject: asked.subject }
			}),
			...(own && { log: plain as KeptLog })
		};
	});

	let begun = $state(false);
	$effect(() => {
		if (begun && (own || here || kindOfLight)) void desk.ask(ways, held);
	});
	onMount(() => {
		if (camera) {
			const kept = keptHere<Choices>(KEPT, {})[camera.id];
			drafts = kept?.ways ?? suggestedWays(camera, records);
			perYear = kept?.perYear;
			kindOfLight = kept?.light && lightOfKind(kept.light) ? kept.light : '';
		}
		begun = true;
		return () => desk.stop();
	});

	function keep(next: WayDraft[]): void {
		drafts = next;
		remember();
	}
	function remember(): void {
		if (camera)
			keepHere(KEPT, {
				...keptHere<Choices>(KEPT, {}),
				[camera.id]: { ways: drafts, perYear, light: kindOfLight }
			});
	}
	function put(draft: WayDraft): void {
		const there = drafts.some(({ id }) => id === draft.id);
		keep(there ? drafts.map((each) => (each.id === draft.id ? draft : each)) : [...drafts, draft]);
		open = null;
	}
	function another(): void {
		const from = drafts.at(-1) ?? (camera && suggestedWays(camera, records)[0]);
		if (from) open = { draft: { ...from, id: uuid(), called: '' }, fresh: true };
	}

	const rows = $derived(
		desk.compared?.ways.map((each, at) => ({ ...each, told: desk.compared!.comparison.ways[at] })) ?? []
	);
	const sentence = $derived(
		desk.compared
			? compareInWords(desk.compared.comparison, {
					names: desk.compared.ways.map(({ way }) => way.name),
					own,
					perYear,
					money: (amount) => formatMoney(amount, page.data.locale)
				})
			: ''
	);
</script>

{#snippet question()}
	<ChoiceField
		label="Camera"
		value={cameraId ?? ''}
		options={cameras.map(({ id, name }) => ({ value: id, name }))}
		onchange={(id) => void goto(resolve(`/plan/compare?camera=${id}`), { keepFocus: true, noScroll: true })}
	/>
	<ChoiceField
		label="In which light"
		value={kindOfLight}
		options={kindsOfLight}
		onchange={(next) => {
			kindOfLight = next;
			remember();
		}}
	/>
	{#if kindOfLight === ''}
		<WherePicker
			places={records.places}
			form={place.form}
			name={place.name}
			onchange={(where) => place.take(where)}
		/>
		<ChoiceField
			label="The subject"
			value={asked.subject}
			options={subjectNames}
			onchange={(next) => (asked.subject = next as Exposed)}
		/>
	{/if}
	<NumberBox
		label="Frames a year"
		value={perYear}
		least={1}
		most={100_000}
		problem="Write a number such as 60."
		onchange={(next) => {
			perYear = next === undefined ? undefined : Math.round(next);
			remember();
		}}
	/>
	<p class="soft small">
		{#if kindOfLight}Good frames: of those taken in such light.{:else if own}Good frames: {counted(
				frames.length,
				'your one judged frame',
				'your # judged frames'
			)} with this camera, taken again in each way. Hours: a year at the place.{:else}No judged frames with
			this camera yet: good frames are of a year’s daylight at the place.{/if}
	</p>
{/snippet}

{#snippet answer()}
	{#if !camera}
		<p class="soft">No camera yet. Add one, and this shows which way of using it pays.</p>
	{:else if drafts.length === 0 && begun}
		<p class="soft">No film in the bag fits {camera.name}.</p>
	{:else if !own && !here && !kindOfLight}
		<p class="soft">Choose a place, or judge some frames of {camera.name}, to compare ways of using it.</p>
	{:else}
		{#if sentence}<p class="decides" role="status">{sentence}</p>{/if}
		{#if desk.progress}
			<p>
				Working out {counted(ways.length, 'one way', '# ways')} …
				<button class="quiet" type="button" onclick={() => desk.stop()}>Stop</button>
			</p>
		{/if}
		{#if rows.length > 0}
			<WayTable
				{rows}
				{own}
				onchange={(id) => {
					const draft = drafts.find((each) => each.id === id);
					if (draft) open = { draft, fresh: false };
				}}
			/>
		{/if}
		{#if drafts.length < MOST_WAYS}
			<p><button class="quiet" type="button" onclick={another}>Add a way</button></p>
		{/if}
	{/if}
{/snippet}

<PlanPage
	title="Compare ways"
	here="compare"
	names={{ asked: 'What is compared', answer: 'The ways beside each other' }}
	busy={desk.progress !== null}
	failed={desk.failed}
	asked={question}
	{answer}
/>

{#if open && camera}
	{@const { draft, fresh } = open}
	<WaySheet
		{draft}
		own={camera}
		{records}
		nameOf={(way) => wayOf({ ...way, called: '' }, camera, records)?.name ?? ''}
		{fresh}
		onchoose={put}
		onremove={() => {
			keep(drafts.filter(({ id }) => id !== draft.id));
			open = null;
		}}
		onclose={() => (open = null)}
	/>
{/if}

<style>
	.decides {
		font-size: 1.25rem;
		font-weight: var(--heavy);
		max-width: 46rem;
		padding-bottom: 0.75rem;
	}
</style>
