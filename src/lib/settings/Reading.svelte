<!-- How the person reads what is said here, on every device. -->
<script lang="ts">
	import { papers, type Paper } from '$contract/paper';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import { ownSettings } from '$lib/records/own-settings.svelte';
	import { changeSettings } from './change';

	const set = $derived({ ...ownSettings.measures, paper: ownSettings.record?.paper ?? 'a4' });
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
	const sheets = Object.entries(papers).map(([value, { name }]) => ({ value: value as Paper, name }));
</script>

<section aria-labelledby="reading">
	<h2 id="reading">Units and paper</h2>
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
