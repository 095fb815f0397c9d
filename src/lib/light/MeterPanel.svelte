<!-- A reading by meter, as the meter shows it. -->
<script lang="ts">
	import type { MeterReading } from '$core/light';
	import { lightSchema } from '$contract/light';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import { FormState } from '$lib/forms/form-state.svelte';
	import { filmSpeedQuantity, fNumberQuantity, timeQuantity } from '$lib/forms/exposures';
	import { plainNumber } from '$lib/forms/quantity';
	import QuantityFields from '$lib/forms/QuantityFields.svelte';
	import { keepMeterIso, meterIso, onlyTime } from './meter-set';
	import { readBy, type PanelProps } from './panel';
	import ReadingForm from './ReadingForm.svelte';
	import StandInMeter from './StandInMeter.svelte';

	interface Props extends Omit<PanelProps, 'lights' | 'inHand'> {
		inHand?: PanelProps['inHand'];
	}
	let { light, inHand = null, onread }: Props = $props();

	type Shows = 'settings' | 'ev' | 'lux';
	type Aim = MeterReading['kind'] | 'spots';
	type Draft = Record<string, unknown> & { method: 'meter' | 'spots' };

	// svelte-ignore state_referenced_locally -- a form begins with the last reading and is the person's from then on
	const last = readBy(light, 'meter', 'spots');
	// svelte-ignore state_referenced_locally -- what it begins with
	const [iso0, time] = [meterIso(inHand), onlyTime(inHand)];
	const blank: Draft = { method: 'meter', kind: 'incident', iso: iso0, ...(time ? { seconds: time } : {}) };
	const form = new FormState<Draft>(lightSchema as never, { ...blank, ...(last ?? {}) });
	let shows = $state<Shows>(last && 'lux' in last ? 'lux' : last && 'ev' in last ? 'ev' : 'settings');
	/** Counts the readings that came from outside the fields, which then begin anew. */
	let filled = $state(0);

	const aim = $derived<Aim>(
		form.draft.method === 'spots' ? 'spots' : (form.draft.kind as MeterReading['kind'])
	);

	const iso = { path: 'iso', label: 'Set to ISO', quantity: filmSpeedQuantity };
	const shown = (path: string, label: string, placeholder: string, quantity = plainNumber) => ({
		path,
		label,
		placeholder,
		quantity
	});
	/** The fields of what the meter shows. */
	const fields = {
		settings: [
			iso,
			shown('f', 'f-number', '8', fNumberQuantity),
			shown('seconds', 'Time, s', '1/125', timeQuantity)
		],
		ev: [iso, shown('ev', 'EV', '12')],
		lux: [shown('lux', 'lux', '5000')],
		spots: [iso, shown('darkest', 'Darkest, EV', '8'), shown('brightest', 'Brightest, EV', '14')]
	};

	const tones = [
		{ value: '-2', name: 'black coat, dark bark' },
		{ value: '-1', name: 'dark foliage, slate' },
		{ value: '0', name: 'grey card, grass, weathered wood' },
		{ value: '1', name: 'pale skin, light stone' },
		{ value: '2', name: 'snow, white wall' }
	] as const;

	function change(fields: Record<string, unknown>) {
		form.draft = { ...form.draft, ...fields };
	}

	/** Only the fields of what the meter shows are part of the reading. */
	function ask(nextAim: Aim, nextShows: Shows) {
		shows = nextShows;
		const { iso = iso0, tone = 0 } = form.draft;
		if (nextAim === 'spots') form.draft = { method: 'spots', iso };
		else if (nextShows === 'lux') form.draft = { method: 'meter', kind: 'incident', lux: undefined };
		else {
			const reflected = nextAim === 'reflected' ? { tone } : {};
			form.draft = {
				...blank,
				kind: nextAim,
				iso,
				...reflected,
				...(nextShows === 'ev' ? { seconds: undefined, ev: undefined } : {})
			};
		}
	}

	function aimAt(next: Aim) {
		ask(next, next === 'incident' || shows !== 'lux' ? shows : 'settings');
	}

	function fill(kind: MeterReading['kind'], shown: { iso: number; f: number; seconds: number }) {
		ask(kind, 'settings');
		change(shown);
		filled++;
	}
</script>

<ReadingForm
	{form}
	empty="Enter what the meter shows."
	onread={(read) => {
		keepMeterIso(form.draft.iso);
		onread(read);
	}}
>
	<ChoiceField
		label="It measures"
		value={aim}
		options={[
			{ value: 'incident', name: 'light falling on the subject' },
			{ value: 'reflected', name: 'light coming off the subject' },
			{ value: 'spots', name: 'two spots, darkest and brightest' }
		]}
		onchange={aimAt}
	/>
	{#if aim === 'reflected'}
		<ChoiceField
			label="Metered off"
			value={String(form.draft.tone ?? 0)}
			options={tones}
			onchange={(tone) => change({ tone: Number(tone) })}
		/>
	{/if}
	{#if aim !== 'spots'}
		<ChoiceField
			label="The meter shows"
			value={shows}
			options={[
				{ value: 'settings', name: 'f-number and time' },
				{ value: 'ev', name: 'EV' },
				...(aim === 'incident' ? [{ value: 'lux' as const, name: 'lux' }] : [])
			]}
			onchange={(next) => ask(aim, next)}
		/>
	{/if}
	{#key `${aim} ${shows} ${filled}`}
		<div class="pair">
			<QuantityFields {form} fields={fields[aim === 'spots' ? 'spots' : shows]} />
		</div>
	{/key}
</ReadingForm>
<details>
	<summary>No meter at hand: try a stand-in</summary>
	<StandInMeter onshown={fill} />
</details>
