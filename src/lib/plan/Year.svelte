<!-- A year at a place: how much of each hour of each month a camera works, and which film of the bag to load when. -->
<script lang="ts">
	import { onMount } from 'svelte';
	import { takenBy } from '$core/camera';
	import { localTime, zoneAt, type Exposed } from '$core/light';
	import { hoursADay, typicalSkies, type SkyShares, type YearPlan, type YearQuestion } from '$core/plan';
	import { checkYearRequest } from '$contract/plan';
	import { filmsThatFit } from '$lib/bag/takes';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import Field from '$lib/forms/Field.svelte';
	import { groundNames, skyNames, subjectNames } from '$lib/light/sky-names';
	import WherePicker from '$lib/light/WherePicker.svelte';
	import { secondsOf, wantedTimes } from '$lib/parts/wanted';
	import { loadedCameras, type BagRecords } from '$lib/shoot/bag';
	import { asked, placeAsked } from './asked.svelte';
	import { PlanDesk } from './plan-desk.svelte';
	import PlanPage from './PlanPage.svelte';
	import SkiesOfPlace from './SkiesOfPlace.svelte';
	import { bestFilms, monthNames } from './year-view';
	import YearTable from './YearTable.svelte';

	let { records }: { records: BagRecords } = $props();

	/** No year has one sky. */
	const AS_IT_IS = '';

	const desk = new PlanDesk<YearQuestion, YearPlan>((work, question) => work.planYear(question));
	// svelte-ignore state_referenced_locally -- a form begins with what was there
	const place = placeAsked(records);
	const { here } = $derived(place);
	const zone = $derived(here ? zoneAt(here.latitude, here.longitude) : 'Etc/UTC');
	const typed = asked.year;
	const year = $derived(
		typed.year === undefined ? Number(localTime(Date.now(), zone).date.slice(0, 4)) : typed.year
	);
	const { sky } = $derived(typed);
	const { subject, ground, wanted } = $derived(asked);

	const own = $derived(
		records.places.find((each) => each.latitude === here?.latitude && each.longitude === here?.longitude)
	);
	/** The skies of the place as they were changed here, and are not kept yet. */
	let changed = $state.raw<{ at: typeof here; skies: SkyShares[] } | null>(null);
	const skies = $derived.by((): SkyShares[] => {
		if (changed && here && changed.at?.latitude === here.latitude && changed.at.longitude === here.longitude)
			return changed.skies;
		return own?.skies ?? typicalSkies(here?.latitude ?? 0);
	});

	const cameras = $derived(records.cameras.filter(({ archived }) => !archived));
	const camera = $derived(
		cameras.find(({ id }) => id === typed.cameraId) ?? loadedCameras(records)[0]?.camera ?? cameras.at(0)
	);
	const cameraId = $derived(camera?.id ?? '');
	const inside = $derived(loadedCameras(records).find((each) => each.camera.id === cameraId)?.film);
	const films = $derived(camera ? filmsThatFit(records.films, takenBy(camera, inside)) : []);
	const film = $derived(
		films.find(({ id }) => id === typed.filmId) ?? films.find(({ id }) => id === inside?.id) ?? films[0]
	);

	const planId = (film: string) => `${cameraId} ${film}`;
	const questions = $derived.by(() => {
		if (!here || !camera) return [];
		const intent = { seconds: secondsOf(wanted) };
		const bag = { tripod: records.gear.some(({ type }) => type === 'support') };
		return films.flatMap((each) => {
			const under = {
				sky: sky === AS_IT_IS ? skies : sky,
				subject,
				...(ground === 'plain' ? {} : { ground })
			};
			const whole = { camera, film: each, bag, place: here, year, ...under, intent };
			const checked = checkYearRequest(whole);
			// What was worked out for another camera is not taken for this one.
			return checked.ok ? [{ id: planId(each.id), question: checked.value }] : [];
		});
	});
	$effect(() => void desk.ask(questions));
	onMount(() => {
		const close = desk.open();
		void desk.ask(questions);
		return close;
	});

	const shown = $derived(film && desk.plans[planId(film.id)]);
	const rows = $derived(
		films.flatMap((each) => {
			const plan = desk.plans[planId(each.id)];
			return plan ? [{ film: each, hours: plan.months.map(({ hours }) => hoursADay(hours, 'usable')) }] : [];
		})
	);
	const best = $derived(bestFilms(rows.map(({ hours }) => hours)));
	const hour = (hours: number) => (hours < 0.05 ? '–' : hours.toFixed(1));
</script>

{#snippet question()}
	<ChoiceField
		label="Camera"
		value={cameraId}
		options={cameras.map(({ id, name }) => ({ value: id, name }))}
		onchange={(id) => (typed.cameraId = id)}
	/>
	<WherePicker
		places={records.places}
		form={place.form}
		name={place.name}
		onchange={(where) => place.take(where)}
	/>
	<Field
		label="Year"
		problem={year !== null && year >= 1900 && year <= 2100 ? '' : 'must be from 1900 to 2100'}
	>
		{#snippet control(attributes)}<input
				{...attributes}
				type="number"
				min="1900"
				max="2100"
				value={year}
				oninput={(event) =>
					(typed.year = event.currentTarget.value === '' ? null : event.currentTarget.valueAsNumber)}
			/>{/snippet}
	</Field>
	<ChoiceField
		label="The sky"
		value={sky}
		options={[{ value: AS_IT_IS, name: 'typical for the place' }, ...skyNames]}
		onchange={(next) => (typed.sky = next)}
	/>
	{#if here && sky === AS_IT_IS}
		<SkiesOfPlace
			{skies}
			latitude={here.latitude}
			place={own}
			onchange={(next) => (changed = { at: here, skies: next })}
		/>
	{/if}
	<ChoiceField
		label="The subject"
		value={subject}
		options={subjectNames}
		onchange={(next) => (asked.subject = next as Exposed)}
	/>
	<ChoiceField
		label="Around it"
		value={ground}
		options={groundNames}
		onchange={(next) => (asked.ground = next)}
	/>
	<ChoiceField label="Time" value={wanted} options={wantedTimes} onchange={(next) => (asked.wanted = next)} />
	<p class="soft small">Sun only: the moon shifts every night.</p>
{/snippet}

{#snippet answer()}
	{#if !camera}
		<p class="soft">No camera yet. Add one, and this shows which film to load in which month.</p>
	{:else if films.length === 0}
		<p class="soft">No film in the bag fits {camera.name}.</p>
	{:else if !here || questions.length === 0}
		<p class="soft">Choose a place and a year to see the hours.</p>
	{:else if rows.length === 0 || !shown}
		<p class="soft" role="status">Working out the year …</p>
	{:else}
		<h2>Which film when: hours a day in which {camera.name} works</h2>
		<div class="wide">
			<table class="films figures">
				<thead
					><tr>
						<th scope="col">Film</th>
						{#each monthNames as name (name)}<th scope="col">{name}</th>{/each}
					</tr></thead
				>
				<tbody>
					{#each rows as { film: each, hours }, row (each.id)}
						<tr class:chosen={each.id === film.id}>
							<th scope="row"
								><button
									class="plain-link"
									aria-pressed={each.id === film.id}
									onclick={() => (typed.filmId = each.id)}>{each.name}</button
								></th
							>
							{#each hours as value, month (month)}
								<td class:best={best[month] === row} style:--share="{(value / 24) * 100}%"
									>{hour(value)}{#if best[month] === row}<span class="sr-only">, the most</span>{/if}</td
								>
							{/each}
						</tr>
					{/each}
				</tbody>
			</table>
		</div>
		<p class="soft small">
			Filled: hours of the day it works. Framed: the film that works longest that month. Choose a film to see
			its hours.
		</p>
		<h2>{film.name} by month and hour</h2>
		<YearTable plan={shown} />
	{/if}
{/snippet}

<PlanPage
	title="Plan a year"
	here="year"
	names={{ asked: 'The year', answer: 'The year with this camera' }}
	busy={desk.left > 0}
	failed={desk.failed}
	asked={question}
	{answer}
/>

<style>
	.wide {
		/* What is only read aloud stays inside. */
		position: relative;
		overflow-x: auto;
	}
	.films {
		border-collapse: collapse;
		width: 100%;
	}
	.films th,
	.films td {
		padding: 0.15rem 0.4rem;
		text-align: right;
	}
	.films td {
		height: 3.25rem;
		vertical-align: bottom;
		text-align: center;
		border: 1px solid var(--line);
		background: linear-gradient(
			to top,
			color-mix(in srgb, var(--bar) 30%, var(--paper)) var(--share),
			transparent var(--share)
		);
	}
	.films thead th {
		text-align: center;
	}
	.films th:first-child {
		text-align: left;
		white-space: nowrap;
	}
	.films .chosen button {
		font-weight: var(--heavy);
	}
	.films .best {
		font-weight: var(--heavy);
		outline: 2px solid var(--ink);
		outline-offset: -2px;
	}
</style>
