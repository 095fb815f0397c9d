<!-- How the person reads what is said here, on every device. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { schools, type ShadowsReading } from '$core/light';
	import { papers, type Paper } from '$contract/paper';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import { skyNames } from '$lib/light/sky-names';
	import { ownSettings } from '$lib/records/own-settings.svelte';
	import { changeSettings } from './change';

	const { record } = $derived(ownSettings);
	const set = $derived({ ...ownSettings.measures, paper: record?.paper ?? 'a4' });
	/** What is not set: as the language of the browser has it. */
	const USUAL = 'usual';
	/** Two choices that a language makes where the person makes none. */
	const ofLanguage = <T extends string>(value: T | typeof USUAL) => (value === USUAL ? undefined : value);
	let message = $state('');

	async function change(changed: Parameters<typeof changeSettings>[0]) {
		message = '';
		message = await changeSettings(changed);
	}

	const lengths = [
		{ value: 'm', name: 'metres' },
		{ value: 'ft', name: 'feet and inches' }
	] as const;
	const temperatures = [
		{ value: 'C', name: '°C' },
		{ value: 'F', name: '°F' }
	] as const;
	const volumes = [
		{ value: 'ml', name: 'millilitres' },
		{ value: 'fl oz', name: 'US fluid ounces' }
	] as const;
	const clocks = [
		{ value: USUAL, name: 'as my language has it' },
		{ value: '24', name: '24 hours, 15:30' },
		{ value: '12', name: '12 hours, 3:30 pm' }
	] as const;
	const orders = [
		{ value: USUAL, name: 'as my language has it' },
		{ value: 'dmy', name: 'day first: 3 May 2026' },
		{ value: 'mdy', name: 'month first: May 3, 2026' },
		{ value: 'ymd', name: 'year first: 2026 May 3' }
	] as const;
	const zones = [
		{ value: 'place', name: 'of the place, by its clock' },
		{ value: 'mine', name: 'mine, wherever I was' }
	] as const;
	const NONE = '';
	const nameOf = new Intl.DisplayNames('en', { type: 'currency' });
	const currencies = [
		{ value: NONE, name: 'none: bare numbers' },
		...Intl.supportedValuesOf('currency')
			.map((value) => ({ value, name: `${nameOf.of(value)} (${value})` }))
			.sort((a, b) => a.name.localeCompare(b.name))
	];
	const schoolNames = Object.entries(schools).map(([value, { name }]) => ({
		value: value as ShadowsReading['school'],
		name
	}));
	const sheets = Object.entries(papers).map(([value, { name }]) => ({ value: value as Paper, name }));
</script>

<section aria-labelledby="reading">
	<h2 id="reading">How you read and write</h2>
	<p>
		They hold on all your devices. A unit you type always counts: “2 m” is two metres, whatever is set here.
	</p>
	<div class="fields">
		<ChoiceField
			label="Distances"
			value={set.length}
			options={lengths}
			onchange={(length) => change({ length })}
		/>
		<ChoiceField
			label="Temperatures"
			value={set.temperature}
			options={temperatures}
			onchange={(temperature) => change({ temperature })}
		/>
		<ChoiceField
			label="Volumes"
			value={set.volume}
			options={volumes}
			onchange={(volume) => change({ volume })}
		/>
		<ChoiceField label="Paper" value={set.paper} options={sheets} onchange={(paper) => change({ paper })} />
	</div>
	<h3>Dates and money</h3>
	<div class="fields">
		<ChoiceField
			label="Clock"
			value={record?.clock ?? USUAL}
			options={clocks}
			onchange={(clock) => change({ clock: ofLanguage(clock) })}
		/>
		<ChoiceField
			label="Dates"
			value={record?.dates ?? USUAL}
			options={orders}
			onchange={(dates) => change({ dates: ofLanguage(dates) })}
		/>
		<ChoiceField
			label="Times of frames"
			value={set.zone ?? 'place'}
			options={zones}
			onchange={(zone) => change({ zone })}
		/>
		<ChoiceField
			label="Currency"
			value={set.currency ?? NONE}
			options={currencies}
			onchange={(currency) => change({ currency: currency || undefined })}
		/>
	</div>
	<h3>Light</h3>
	<div class="fields">
		<ChoiceField
			label="Read daylight by"
			value={record?.school ?? 'shadow-edge'}
			options={schoolNames}
			onchange={(school) => change({ school })}
		/>
		<ChoiceField
			label="A plan begins with"
			value={record?.sky ?? 'clear'}
			options={skyNames}
			onchange={(sky) => change({ sky })}
		/>
	</div>
	<p>
		How sure you read light by eye is measured in
		<a href={resolve('/practice/progress')}>Practice</a>, and used once you say so there.
	</p>
	<p role="status">{message}</p>
</section>

<style>
	section {
		display: grid;
		gap: 0.5rem;
		max-width: 44rem;
	}
	.fields {
		grid-template-columns: repeat(auto-fill, minmax(min(16rem, 100%), 1fr));
	}
</style>
