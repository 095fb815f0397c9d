<!-- An expired film: what has become of its speed, and how sure that is. -->
<script lang="ts">
	import { agedSpeed, type Film, type Storage } from '$core/film';
	import { formatDoubt, stopsInWords } from '$core/units';
	import { storageNames } from '$words';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import Field from '$lib/forms/Field.svelte';

	let { film, onuse }: { film: Film; onuse: (aged: { processStops: number; speedSd: number }) => void } =
		$props();

	const DAYS_A_YEAR = 365.25;
	let date = $state('');
	let storage = $state<Storage>('room');
	const years = $derived(
		date === '' ? null : (Date.now() - Date.parse(`${date}-15T00:00:00Z`)) / (DAYS_A_YEAR * 86_400_000)
	);
	const aged = $derived(years === null || Number.isNaN(years) ? null : agedSpeed(film, years, storage));
	const rounded = (value: number) => Number(value.toFixed(2));
</script>

<div class="fields">
	<Field label="Expired (month on its box)">
		{#snippet control(attributes)}
			<input {...attributes} type="month" bind:value={date} />
		{/snippet}
	</Field>
	<ChoiceField label="Stored" value={storage} options={storageNames} onchange={(next) => (storage = next)} />
</div>
<p role="status">
	{#if aged}
		{aged.stops === 0 ? 'No speed lost' : `About ${stopsInWords(aged.stops)} slower`}, give or take {formatDoubt(
			aged.sd
		)} stop. One trial frame will tell you more.
	{/if}
</p>
{#if aged}
	<button
		class="quiet"
		type="button"
		onclick={() => onuse({ processStops: rounded(aged.stops), speedSd: rounded(aged.sd) })}
		>Use it for this film</button
	>
{/if}
