<!-- What is set and mounted on the chosen camera: only what it has. -->
<script lang="ts">
	import { automaticExposure, dialSpeeds, markLabel, wheelPositions, type Filter } from '$core/camera';
	import { flashOf, isSameThing } from '$core/match';
	import { formatAperture, formatStops } from '$core/units';
	import { wheelInWords } from '$core/words';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import type { Loaded } from './bag';
	import type { ShootState } from './shoot-state.svelte';
	import { mounted } from './wishes';

	let { shoot, loaded }: { shoot: ShootState; loaded: Loaded } = $props();

	const FREE = 'free';
	const { camera } = $derived(loaded);
	const eye = $derived(automaticExposure(camera));
	const own = $derived(shoot.rig.of(loaded.id));
	const apertures = $derived(camera.aperture.kind === 'stops' ? camera.aperture.f : []);
	const dial = $derived(dialSpeeds(camera));
	const wheel = $derived(eye?.compensation ? wheelPositions(eye.compensation) : []);
	const filters = $derived(shoot.answers.bag.filters ?? []);

	const numberOr = (value: string) => (value === FREE ? undefined : Number(value));
	const chosen = (value: number | undefined) => (value === undefined ? FREE : String(value));
	const wanted = (value: number | undefined, values: readonly number[]) =>
		chosen(values.find((each) => value !== undefined && Math.abs(each - value) < 1e-6));

	/** How an eye can stand in other light, stops brighter than the subject's. */
	const elsewhere = $derived(
		[...new Set([own.meterDifference, -4, -3, -2, -1, 0, 1, 2, 3, 4])].sort((a, b) => a - b)
	);
	const elsewhereName = (stops: number) =>
		stops === 0 ? 'the subject’s light' : `light ${formatStops(stops)} ${stops < 0 ? 'darker' : 'brighter'}`;

	const mount = (filter: Filter, on: boolean) =>
		shoot.setChosen({ filters: mounted(own.filters, filter, on, shoot.answers.bag) });
</script>

<div class="fields">
	{#if apertures.length > 1}
		<ChoiceField
			label="Aperture"
			value={wanted(own.aperture, apertures)}
			options={[
				{ value: FREE, name: 'what suits best' },
				...apertures.map((f) => ({
					value: String(f),
					name: `${formatAperture(f)} ${markLabel(camera, f, null) ?? ''}`
				}))
			]}
			onchange={(value) => shoot.setChosen({ aperture: numberOr(value) })}
		/>
	{/if}
	{#if wheel.length > 1}
		<ChoiceField
			label="Wheel"
			value={wanted(own.compensation, wheel)}
			options={[
				{ value: FREE, name: 'what suits best' },
				...wheel.map((place) => ({ value: String(place), name: wheelInWords(place) }))
			]}
			onchange={(value) => shoot.setChosen({ compensation: numberOr(value) })}
		/>
	{/if}
	{#if dial.length > 1}
		<ChoiceField
			label="Film-speed dial"
			value={wanted(own.iso, dial)}
			options={[
				{ value: FREE, name: 'what suits best' },
				...dial.map((iso) => ({ value: String(iso), name: `ISO ${iso}` }))
			]}
			onchange={(value) => shoot.setChosen({ iso: numberOr(value) })}
		/>
	{/if}
	{#if eye}
		<ChoiceField
			label="Its eye stands in"
			value={String(own.meterDifference)}
			options={elsewhere.map((stops) => ({ value: String(stops), name: elsewhereName(stops) }))}
			onchange={(value) => shoot.setChosen({ meterDifference: Number(value), meterSd: undefined })}
		/>
	{/if}
</div>
{#if flashOf(camera, shoot.answers.bag)}
	<label class="tick-box">
		<input
			type="checkbox"
			checked={own.flash}
			onchange={(event) => shoot.setChosen({ flash: event.currentTarget.checked })}
		/>
		The flash fires
	</label>
{/if}
{#if filters.length > 0}
	<fieldset>
		<legend>Filters on the lens</legend>
		{#each filters as filter (filter.id ?? filter.name)}
			<label class="tick-box">
				<input
					type="checkbox"
					checked={own.filters.some((worn) => isSameThing(worn, filter))}
					onchange={(event) => mount(filter, event.currentTarget.checked)}
				/>
				{filter.name}, takes {formatStops(filter.stops)}
			</label>
		{/each}
	</fieldset>
{/if}

<style>
	.fields {
		grid-template-columns: repeat(auto-fill, minmax(8rem, 1fr));
	}
	legend {
		font-weight: var(--heavy);
	}
</style>
