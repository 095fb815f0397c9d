<!-- A day of light at a place against the loaded cameras: when each works, and how. -->
<script lang="ts">
	import { onMount } from 'svelte';
	import { localTime, zoneAt, type Exposed, type Sky } from '$core/light';
	import type { Intent } from '$core/match';
	import { sunTimes, type DayQuestion } from '$core/plan';
	import { dayInWords, windowInWords } from '$core/words';
	import { checkPlanRequest } from '$contract/plan';
	import { placeRecordSchema } from '$contract/records';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import Field from '$lib/forms/Field.svelte';
	import { FormState } from '$lib/forms/form-state.svelte';
	import { skyNames, subjectNames } from '$lib/light/sky-names';
	import WherePicker from '$lib/light/WherePicker.svelte';
	import { loadedCameras, type BagRecords } from '$lib/shoot/bag';
	import DayPicture from './DayPicture.svelte';
	import { dayAxis } from './day-axis';
	import { PlanDesk } from './plan-desk.svelte';
	import { wantedTimes, type WantedTime } from './wanted-times';

	let { records }: { records: BagRecords } = $props();

	const desk = new PlanDesk();
	// svelte-ignore state_referenced_locally -- a form begins where the last reading was taken
	const start = records.readings.find(({ where }) => where)?.where ?? records.places[0];
	const form = new FormState<{ latitude?: number; longitude?: number }>(
		placeRecordSchema.pick(['latitude', 'longitude']) as never,
		{ latitude: start?.latitude, longitude: start?.longitude }
	);
	let placeName = $state(start?.name ?? '');
	const here = $derived.by(() => {
		const { latitude, longitude } = form.draft;
		return form.valid && latitude !== undefined && longitude !== undefined ? { latitude, longitude } : null;
	});
	let date = $state(localTime(Date.now(), start ? zoneAt(start.latitude, start.longitude) : 'Etc/UTC').date);
	let sky = $state<Sky>('clear');
	let later = $state<Sky | 'same'>('same');
	let laterFrom = $state('14:00');
	let subject = $state<Exposed>('facing');
	let wanted = $state<WantedTime['id']>('any');

	const loaded = $derived(loadedCameras(records).filter(({ finished }) => !finished));
	const tripod = $derived(records.gear.some(({ type }) => type === 'support'));
	const intent = $derived.by((): Intent => {
		const { seconds } = wantedTimes.find(({ id }) => id === wanted)!;
		return seconds ? { seconds } : {};
	});
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
			const checked = checkPlanRequest({
				camera,
				film,
				bag: { tripod },
				place: here,
				date,
				sky: skies,
				subject,
				intent
			});
			return checked.ok ? [{ id, question: checked.value }] : [];
		});
	});
	$effect(() => void desk.ask(questions));
	onMount(() => {
		const close = desk.open();
		void desk.ask(questions);
		return close;
	});

	const first = $derived(loaded.map(({ id }) => desk.plans[id]).find((plan) => plan !== undefined));
	const axis = $derived(first ? dayAxis(first) : null);
	const times = $derived(here && first && questions.length > 0 ? sunTimes(here, date) : null);
	const rows = $derived(
		axis
			? loaded.flatMap(({ id, camera, film }) => {
					const plan = desk.plans[id];
					return plan
						? [{ id, camera, film, windows: plan.windows, said: dayInWords(plan.windows, axis.clock) }]
						: [];
				})
			: []
	);
	const clock = (at: string | null, none: string) => (at && axis ? axis.clock(at) : none);
</script>

<svelte:head><title>Plan · Just Enough</title></svelte:head>
<div class="page">
	<h1>Plan a day</h1>
	<div class="columns">
		<form class="asked" aria-label="The day" onsubmit={(event) => event.preventDefault()}>
			<WherePicker
				places={records.places}
				{form}
				name={placeName}
				onchange={(where) => {
					placeName = where.name;
					form.draft = { latitude: where.latitude, longitude: where.longitude };
				}}
			/>
			<Field label="Date there">
				{#snippet control(attributes)}<input {...attributes} type="date" bind:value={date} />{/snippet}
			</Field>
			<ChoiceField label="The sky" value={sky} options={skyNames} onchange={(next) => (sky = next as Sky)} />
			<ChoiceField
				label="Later"
				value={later}
				options={[{ value: 'same', name: 'stays like that' }, ...skyNames]}
				onchange={(next) => (later = next as Sky | 'same')}
			/>
			{#if later !== 'same'}
				<Field label="From">
					{#snippet control(attributes)}<input {...attributes} type="time" bind:value={laterFrom} />{/snippet}
				</Field>
			{/if}
			<ChoiceField
				label="The subject"
				value={subject}
				options={subjectNames}
				onchange={(next) => (subject = next as Exposed)}
			/>
			<ChoiceField
				label="A time of"
				value={wanted}
				options={wantedTimes.map(({ id, name }) => ({ value: id, name }))}
				onchange={(next) => (wanted = next as WantedTime['id'])}
			/>
			<p class="soft small">Never look at the sun through a finder. At night mind traffic, and the tide.</p>
		</form>
		<section aria-label="The day’s light and the cameras" aria-busy={desk.left > 0}>
			{#if loaded.length === 0}
				<p class="soft">
					No camera is loaded. Load one, and here stands when its film works: “09:10 to 16:40, f/11 by hand”.
				</p>
			{:else if !here}
				<p class="soft">Say where, and the day’s light is drawn.</p>
			{:else if questions.length === 0}
				<p class="notice">This date cannot be planned: one from 1900 to 2100 can.</p>
			{:else if !first || !axis || !times}
				<p class="soft" role="status">Working out the day …</p>
			{:else}
				<p class="sun figures">
					Sun {clock(times.sun.up, 'does not rise')} to {clock(times.sun.down, 'does not set')} · light enough to
					see by {clock(times.civil.up, '–')} to {clock(times.civil.down, '–')} · dark
					{clock(times.nautical.down, 'never')}
				</p>
				<DayPicture plan={first} {axis} {rows} {intent} />
				<h2>When and how</h2>
				<ul class="cameras">
					{#each rows as { id, camera, film, windows, said } (id)}
						<li>
							<h3>{camera.name} <span class="soft">{film.name}</span></h3>
							<p>{said}</p>
							{#if windows.length > 0}
								<table class="figures">
									<thead class="sr-only"
										><tr
											><th scope="col">From</th><th scope="col">To</th><th scope="col">Verdict</th><th
												scope="col">Set</th
											></tr
										></thead
									>
									<tbody>
										{#each windows as window (window.from)}
											<tr>
												<td>{axis.clock(window.from)}</td>
												<td>{axis.clock(window.to)}</td>
												<td>{window.verdict === 'just-enough' ? '● just enough' : '◐ usable'}</td>
												<td>{windowInWords(camera, window)}</td>
											</tr>
										{/each}
									</tbody>
								</table>
							{/if}
						</li>
					{/each}
				</ul>
			{/if}
		</section>
	</div>
</div>

<style>
	.page {
		max-width: 80rem;
	}
	.columns {
		display: grid;
		grid-template-columns: 17rem minmax(0, 1fr);
		gap: 2rem;
		padding-top: 1rem;
	}
	.asked {
		display: grid;
		gap: 0.6rem;
		align-content: start;
	}
	.sun {
		font-weight: var(--heavy);
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
		.columns {
			grid-template-columns: minmax(0, 1fr);
			gap: 1rem;
		}
		.asked {
			grid-template-columns: repeat(2, minmax(0, 1fr));
			align-items: end;
		}
		.asked > p {
			grid-column: 1 / -1;
		}
		td:last-child {
			width: auto;
		}
	}
</style>
