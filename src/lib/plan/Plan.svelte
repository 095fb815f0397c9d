<!-- A day of light at a place against the loaded cameras: when each works, and how. -->
<script lang="ts">
	import { onMount } from 'svelte';
	import { resolve } from '$app/paths';
	import { localTime, zoneAt, type Exposed, type Sky } from '$core/light';
	import {
		bestHours,
		intentForDepth,
		sunTimes,
		type DayPlan,
		type DayQuestion,
		type SunTimes
	} from '$core/plan';
	import { bestInWords, dayInWords, moonInWords, runsOf, windowInWords } from '$words';
	import { checkPlanRequest } from '$contract/plan';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import Field from '$lib/forms/Field.svelte';
	import { ownSettings } from '$lib/records/own-settings.svelte';
	import { groundNames, skyNames, subjectNames } from '$lib/light/sky-names';
	import WherePicker from '$lib/light/WherePicker.svelte';
	import { facings, secondsOf, wantedDepths, wantedTimes } from '$lib/parts/wanted';
	import { rigs } from '$lib/records/rigs.svelte';
	import { loadedCameras, type BagRecords } from '$lib/shoot/bag';
	import { fixedInWords, fixedOn, wishesFrom } from '$lib/shoot/on-camera';
	import { asked, placeAsked } from './asked.svelte';
	import DayPicture from './DayPicture.svelte';
	import { dayAxis } from './day-axis';
	import { PlanDesk } from './plan-desk.svelte';
	import PlanPage from './PlanPage.svelte';
	import SunCompass from './SunCompass.svelte';

	let { records }: { records: BagRecords } = $props();

	/** A day with its sun: what is said above the picture is of the day and place that the picture is of. */
	type SunnyDay = DayPlan & { times: SunTimes };
	const desk = new PlanDesk<DayQuestion, SunnyDay>(async (work, question) => ({
		...(await work.planDay(question)),
		times: sunTimes(question.place, question.date)
	}));
	// svelte-ignore state_referenced_locally -- a form begins with what was there
	const place = placeAsked(records);
	const { here } = $derived(place);
	const today = $derived(
		localTime(Date.now(), here ? zoneAt(here.latitude, here.longitude) : 'Etc/UTC').date
	);
	const { day } = asked;
	const date = $derived(day.date || today);
	const sky = $derived(day.sky || (ownSettings.record?.sky ?? 'clear'));
	const { later, laterFrom, looks, depth } = $derived(day);
	const { subject, ground, wanted } = $derived(asked);

	const loaded = $derived(loadedCameras(records).filter(({ finished }) => !finished));
	const tripod = $derived(records.gear.some(({ type }) => type === 'support'));
	/** What is set and mounted on each now. */
	const on = $derived(
		new Map(loaded.map(({ id, load, camera }) => [id, wishesFrom(rigs.of(load), camera, records.gear)]))
	);
	const facing = $derived(looks === '' ? undefined : Number(looks));
	const intents = $derived(
		new Map(
			loaded.map(({ id, camera }) => {
				const seconds = secondsOf(wanted);
				const fixed = fixedOn(on.get(id)!);
				const wishes = seconds ? { ...fixed, seconds } : fixed;
				return [id, intentForDepth(camera, wishes, Number(depth) || undefined)];
			})
		)
	);
	const questions = $derived.by(() => {
		if (!here) return [];
		const skies: DayQuestion['sky'] =
			later === 'same'
				? sky
				: [
						{ from: '00:00', sky },
						{ from: laterFrom, sky: later }
					];
		return loaded.flatMap(({ id, camera, film }) => {
			const intent = intents.get(id);
			if (!intent) return [];
			const around = ground === 'plain' ? {} : { ground };
			const day = { place: here, date, sky: skies, subject, facing, ...around };
			const checked = checkPlanRequest({ camera, film, bag: { tripod }, ...day, intent });
			return checked.ok ? [{ id, question: checked.value }] : [];
		});
	});
	$effect(() => void desk.ask(questions));
	onMount(() => {
		const close = desk.open();
		void desk.ask(questions);
		return close;
	});

	const lacking = $derived(loaded.every(({ id }) => intents.get(id) === null));
	const first = $derived(loaded.map(({ id }) => desk.plans[id]).find((plan) => plan !== undefined));
	const axis = $derived(first ? dayAxis(first) : null);
	const times = $derived(questions.length > 0 ? first?.times : undefined);
	const rows = $derived(
		axis
			? loaded.flatMap(({ id, camera, film }) => {
					const intent = intents.get(id) ?? null;
					const windows = desk.plans[id]?.windows ?? [];
					if (intent && !desk.plans[id]) return [];
					const said = intent ? dayInWords(windows, axis.clock) : `It can’t be set to f/${depth} or smaller.`;
					return [{ id, camera, film, windows, intent, said, set: fixedInWords(on.get(id)!) }];
				})
			: []
	);
	const able = $derived(rows.filter(({ intent }) => intent));
	const best = $derived(
		axis && desk.left === 0
			? bestInWords(bestHours(able.map(({ windows }) => windows)), able.length, axis.clock)
			: ''
	);
	/** A window as a file for a calendar. */
	function calendarOf(load: string, from: string, to: string): string {
		const { latitude, longitude } = here!;
		const about = {
			load,
			from,
			to,
			latitude: String(latitude),
			longitude: String(longitude),
			...(place.name ? { name: place.name } : {})
		};
		return resolve(`/api/plan/window.ics?${new URLSearchParams(about)}`);
	}
	const clock = (at: string | null, none: string) => (at && axis ? axis.clock(at) : none);
</script>

{#snippet question()}
	<WherePicker
		places={records.places}
		form={place.form}
		name={place.name}
		onchange={(where) => place.take(where)}
	/>
	<Field label="Date there">
		{#snippet control(attributes)}<input
				{...attributes}
				type="date"
				value={date}
				oninput={(event) => (day.date = event.currentTarget.value)}
			/>{/snippet}
	</Field>
	<ChoiceField label="The sky" value={sky} options={skyNames} onchange={(next) => (day.sky = next as Sky)} />
	<ChoiceField
		label="Later"
		value={later}
		options={[{ value: 'same', name: 'no change' }, ...skyNames]}
		onchange={(next) => (day.later = next as Sky | 'same')}
	/>
	{#if later !== 'same'}
		<Field label="From">
			{#snippet control(attributes)}<input {...attributes} type="time" bind:value={day.laterFrom} />{/snippet}
		</Field>
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
	<ChoiceField
		label="It faces"
		hint={facing === undefined ? '' : 'the sun goes round it'}
		value={looks}
		options={facings}
		onchange={(next) => (day.looks = next)}
	/>
	<ChoiceField label="Time" value={wanted} options={wantedTimes} onchange={(next) => (asked.wanted = next)} />
	<ChoiceField label="Depth" value={depth} options={wantedDepths} onchange={(next) => (day.depth = next)} />
	<p class="soft small">Never look at the sun through a finder. At night, watch for traffic and the tide.</p>
{/snippet}

{#snippet answer()}
	{#if loaded.length === 0}
		<p class="soft">
			No camera is loaded. Load one, and this shows when its film works: “09:10 to 16:40, f/11 hand-held”.
		</p>
	{:else if !here}
		<p class="soft">Choose a place to see the day’s light.</p>
	{:else if lacking}
		<p class="notice">No loaded camera can be set to f/{depth} or smaller.</p>
	{:else if questions.length === 0}
		<p class="notice">Choose a date from 1900 to 2100.</p>
	{:else if !first || !axis || !times}
		<p class="soft" role="status">Working out the day …</p>
	{:else}
		<p class="best figure figures">{best || 'Working out the best hours …'}</p>
		<p class="sun figures">
			Sun {clock(times.sun.up, 'does not rise')} to {clock(times.sun.down, 'does not set')} · light enough to see
			by (civil twilight) {clock(times.civil.up, '–')} to {clock(times.civil.down, '–')} · dark (nautical twilight
			over) {clock(times.nautical.down, 'never')} · {moonInWords(times.moon, axis.clock)}
		</p>
		<DayPicture plan={first} {axis} {rows}>
			{#snippet more(at)}<SunCompass place={here} {at} {facing} />{/snippet}
		</DayPicture>
		<h2>When and how</h2>
		<ul class="cameras">
			{#each rows as { id, camera, film, windows, said, set } (id)}
				<li>
					<h3>{camera.name} <span class="soft">{film.name}</span></h3>
					<p>
						{said}
						{#if set}<span class="soft small">As it is set now: {set}.</span>{/if}
					</p>
					{#if windows.length > 0}
						<div class="table-box">
							<table class="figures">
								<thead class="sr-only"
									><tr
										><th scope="col">From</th><th scope="col">To</th><th scope="col">Verdict</th><th
											scope="col">Set</th
										><th scope="col">Calendar</th></tr
									></thead
								>
								<tbody>
									{#each runsOf(windows) as run (run[0].from)}
										<tr>
											<td>{axis.clock(run[0].from)}</td>
											<td>{axis.clock(run[run.length - 1].to)}</td>
											<td>{run[0].verdict === 'just-enough' ? '● just enough' : '◐ usable'}</td>
											<td>{windowInWords(camera, run)}</td>
											<td>
												<!-- eslint-disable svelte/no-navigation-without-resolve -- resolved by calendarOf -->
												<a
													class="plain-link"
													href={calendarOf(id, run[0].from, run[run.length - 1].to)}
													download
													>Calendar<span class="sr-only">, {camera.name} from {axis.clock(run[0].from)}</span
													></a
												>
												<!-- eslint-enable svelte/no-navigation-without-resolve -->
											</td>
										</tr>
									{/each}
								</tbody>
							</table>
						</div>
					{/if}
				</li>
			{/each}
		</ul>
	{/if}
{/snippet}

<PlanPage
	title="Plan a day"
	here="day"
	names={{ asked: 'The day', answer: 'The day’s light and the cameras' }}
	busy={desk.left > 0}
	failed={desk.failed}
	asked={question}
	{answer}
/>

<style>
	.best {
		padding-bottom: 0.35rem;
		font-size: 1.375rem;
	}
	h3 {
		font-size: 1.0625rem;
	}
	.cameras > li {
		border-top: 1px solid var(--line);
		padding-block: 0.6rem;
	}
	table {
		width: 100%;
		border-collapse: collapse;
	}
	td {
		padding: 0.15rem 0.75rem 0.15rem 0;
		vertical-align: baseline;
	}
	td:last-child {
		width: 60%;
	}
	@media (max-width: 820px) {
		td:last-child {
			width: auto;
		}
	}
</style>
