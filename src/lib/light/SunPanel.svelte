<!-- By sun and clock: a place, a time, the sky, and how the subject stands to the sun. -->
<script lang="ts">
	import { instantOf, localTime, zoneAt, type SunReading } from '$core/light';
	import { sunInWords } from '$words';
	import { lightSchema } from '$contract/light';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import Field from '$lib/forms/Field.svelte';
	import { FormState } from '$lib/forms/form-state.svelte';
	import { readBy, type PanelProps } from './panel';
	import ReadingForm from './ReadingForm.svelte';
	import { groundNames, skyNames, subjectNames } from './sky-names';
	import WherePicker from './WherePicker.svelte';

	let { lights, light, onread }: PanelProps = $props();

	type Draft = Partial<SunReading> & { method: 'sun' };
	// svelte-ignore state_referenced_locally -- a form begins with the last reading and is the person's from then on
	const last = readBy(light, 'sun');
	// svelte-ignore state_referenced_locally -- see above
	const start = lights.where ?? lights.places[0];
	const form = new FormState<Draft>(lightSchema as never, {
		method: 'sun',
		latitude: last?.latitude ?? start?.latitude,
		longitude: last?.longitude ?? start?.longitude,
		at: new Date().toISOString(),
		sky: last?.sky ?? 'clear',
		subject: last?.subject ?? 'facing',
		ground: last?.ground
	});
	let placeName = $state(start?.name ?? '');
	let now = $state(true);

	const change = (fields: Partial<Draft>) => (form.draft = { ...form.draft, ...fields });

	const located = $derived(!form.issues.some(({ path }) => path === 'latitude' || path === 'longitude'));
	const zone = $derived.by(() => {
		const { latitude, longitude } = form.draft;
		const onEarth =
			latitude !== undefined &&
			longitude !== undefined &&
			Math.abs(latitude) <= 90 &&
			Math.abs(longitude) <= 180;
		return located && onEarth ? zoneAt(latitude, longitude) : 'Etc/UTC';
	});
	let date = $state('');
	let time = $state('');
	let jumped = $state('');

	function setClock() {
		form.touch('at');
		const found = instantOf(date, time, zone);
		jumped = found?.skipped ? `The clocks skip ${time} that day, so it’s taken as that much later.` : '';
		change({ at: found?.at ?? '' });
	}

	function setNow(on: boolean) {
		now = on;
		jumped = '';
		if (on) change({ at: new Date(lights.now).toISOString() });
		else {
			({ date, time } = localTime(lights.now, zone));
			setClock();
		}
	}

	function move(where: { latitude?: number; longitude?: number; name: string }) {
		placeName = where.name;
		change({ latitude: where.latitude, longitude: where.longitude });
		if (!now) setClock();
	}

	function take(reading: Parameters<typeof onread>[0]) {
		const { latitude, longitude } = reading as SunReading;
		const at = now ? { ...(reading as SunReading), at: new Date().toISOString() } : reading;
		onread(at, { latitude, longitude, ...(placeName ? { name: placeName } : {}) });
	}
</script>

<ReadingForm
	{form}
	empty="A place and a time, and the sun does the rest."
	more={(reading) => sunInWords(reading as SunReading)}
	onread={take}
>
	<WherePicker places={lights.places} form={form as FormState<Draft>} name={placeName} onchange={move} />
	<label class="tick-box">
		<input type="checkbox" checked={now} onchange={(event) => setNow(event.currentTarget.checked)} />
		Now, following the clock
	</label>
	{#if !now}
		<div class="pair">
			<Field label="Date there" problem={form.problemAt('at') && 'must be a date and time'}>
				{#snippet control(attributes)}
					<input {...attributes} type="date" bind:value={date} oninput={setClock} />
				{/snippet}
			</Field>
			<Field label="Clock there">
				{#snippet control(attributes)}
					<input {...attributes} type="time" bind:value={time} oninput={setClock} />
				{/snippet}
			</Field>
		</div>
		{#if jumped}<p class="notice">{jumped}</p>{/if}
	{/if}
	<ChoiceField
		label="The sky"
		value={form.draft.sky!}
		options={skyNames}
		onchange={(sky) => change({ sky })}
	/>
	<ChoiceField
		label="The subject"
		value={form.draft.subject!}
		options={subjectNames}
		onchange={(subject) => change({ subject })}
	/>
	<ChoiceField
		label="Around it"
		value={form.draft.ground ?? 'plain'}
		options={groundNames}
		onchange={(ground) => change({ ground: ground === 'plain' ? undefined : ground })}
	/>
</ReadingForm>
<p class="soft small">Never look at the sun through a finder.</p>
