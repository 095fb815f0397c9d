<!-- Where on earth: the own list, a town by name, this device, or coordinates. -->
<script lang="ts">
	import { givesPosition, NO_POSITION } from '$lib/here/device-position';
	import type { PlaceRecord } from '$contract/records';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import Field from '$lib/forms/Field.svelte';
	import type { FormState } from '$lib/forms/form-state.svelte';
	import { plainNumber } from '$lib/forms/quantity';
	import QuantityField from '$lib/forms/QuantityField.svelte';
	import { searchTowns } from '$lib/records/towns';
	import { outbox } from '$lib/records/outbox.svelte';

	interface Props {
		places: (PlaceRecord & { id: string })[];
		form: FormState<{ latitude?: number; longitude?: number }>;
		/** Name of the place that is chosen. */
		name: string;
		onchange: (where: { latitude?: number; longitude?: number; name: string }) => void;
	}
	let { places, form, name, onchange }: Props = $props();

	const ELSEWHERE = 'elsewhere';
	const { latitude, longitude } = $derived(form.draft);
	const known = $derived(
		places.find((place) => place.latitude === latitude && place.longitude === longitude)
	);
	// svelte-ignore state_referenced_locally -- with a list of own places one begins there
	let elsewhere = $state(places.length === 0);
	const shown = $derived(elsewhere || !known ? ELSEWHERE : known.id);

	let wanted = $state('');
	let found = $state<PlaceRecord[] | null>(null);
	let says = $state('');
	/** Counts what came from outside the fields, which then begin anew. */
	let filled = $state(0);
	let keepAs = $state('');

	function take(place: PlaceRecord) {
		onchange(place);
		found = null;
		says = '';
		filled++;
	}

	async function search(event: Event) {
		event.preventDefault();
		const text = wanted.trim();
		if (text.length < 2) {
			says = 'Two letters or more, please.';
			return;
		}
		const answer = await searchTowns(text);
		found = answer?.towns ?? [];
		says =
			answer === null
				? 'The list of towns isn’t available. Type the coordinates instead.'
				: answer.towns.length === 0
					? `No ${answer.all ? '' : 'larger '}town starts like that. Try another spelling, or coordinates.`
					: answer.all
						? ''
						: 'Without the server: larger towns only.';
	}

	function here() {
		if (!givesPosition()) {
			says = NO_POSITION;
			return;
		}
		navigator.geolocation.getCurrentPosition(
			({ coords }) =>
				take({
					name: 'here',
					latitude: Number(coords.latitude.toFixed(4)),
					longitude: Number(coords.longitude.toFixed(4))
				}),
			() => (says = 'Your position isn’t available. Search a town, or type the coordinates.')
		);
	}

	async function keepPlace() {
		const place = { name: keepAs.trim(), latitude: latitude!, longitude: longitude! };
		const sent = await outbox.send('places', place);
		if (sent.result === 'refused') {
			says = sent.problem;
			return;
		}
		says = sent.result === 'saved' ? `${place.name} is in your list.` : 'Kept here and saved later.';
		elsewhere = false;
		onchange(place);
	}

	function choose(id: string) {
		elsewhere = id === ELSEWHERE;
		const place = places.find((each) => each.id === id);
		if (place) take(place);
	}
</script>

{#if places.length > 0}
	<ChoiceField
		label="Where"
		value={shown}
		options={[
			...places.map((place) => ({ value: place.id, name: place.name })),
			{ value: ELSEWHERE, name: 'somewhere else' }
		]}
		onchange={choose}
	/>
{/if}
{#if shown === ELSEWHERE}
	<div class="search">
		<Field label="A town by name">
			{#snippet control(attributes)}
				<input
					{...attributes}
					type="text"
					autocomplete="off"
					bind:value={wanted}
					onkeydown={(event) => event.key === 'Enter' && void search(event)}
				/>
			{/snippet}
		</Field>
		<button class="quiet" type="button" onclick={search}>Find</button>
	</div>
	{#if found && found.length > 0}
		<ul aria-label="Towns found">
			{#each found as place (`${place.name} ${place.latitude} ${place.longitude}`)}
				<li><button class="plain-link" type="button" onclick={() => take(place)}>{place.name}</button></li>
			{/each}
		</ul>
	{/if}
	<button class="quiet" type="button" onclick={here}>Use this device’s position</button>
	{#key filled}
		<div class="pair">
			<QuantityField
				{form}
				path="latitude"
				label="Latitude, °"
				hint="+ north"
				placeholder="54.0"
				value={latitude}
				quantity={plainNumber}
				onchange={(next) => onchange({ latitude: next, longitude, name: '' })}
			/>
			<QuantityField
				{form}
				path="longitude"
				label="Longitude, °"
				hint="+ east"
				placeholder="−4.0"
				value={longitude}
				quantity={plainNumber}
				onchange={(next) => onchange({ latitude, longitude: next, name: '' })}
			/>
		</div>
	{/key}
	{#if latitude !== undefined && longitude !== undefined && !form.problemAt('latitude') && !form.problemAt('longitude')}
		{#if name}<p class="soft small">Taken: {name}</p>{/if}
		<div class="search">
			<Field label="Save it in my list as">
				{#snippet control(attributes)}
					<input {...attributes} type="text" maxlength="80" autocomplete="off" bind:value={keepAs} />
				{/snippet}
			</Field>
			<button class="quiet" type="button" disabled={keepAs.trim() === ''} onclick={keepPlace}>Keep</button>
		</div>
	{/if}
{/if}
<p role="status" class:notice={says !== ''}>{says}</p>

<style>
	.search {
		display: grid;
		grid-template-columns: 1fr auto;
		align-items: end;
		gap: 0.5rem;
	}
	[role='status']:empty {
		display: none;
	}
</style>
