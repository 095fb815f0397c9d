<!-- What is set and mounted on the chosen camera: only what it has. -->
<script lang="ts">
	import { automaticExposure, type Filter } from '$core/camera';
	import { flashOf, isSameThing } from '$core/match';
	import { formatStops } from '$core/units';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import type { Loaded } from './bag';
	import { canPutEyeAside, chosenOn, choosersOf, type Chooser } from './choices';
	import { closeUpsOf } from './on-camera';
	import type { ShootState } from './shoot-state.svelte';
	import { mounted } from './wishes';

	let { shoot, loaded }: { shoot: ShootState; loaded: Loaded } = $props();

	const NONE = '';
	const { camera, film } = $derived(loaded);
	const eye = $derived(automaticExposure(camera));
	const own = $derived(shoot.rig.of(loaded.id));
	const choosers = $derived(choosersOf(camera, film, own));
	const filters = $derived(shoot.answers.bag.filters ?? []);
	const closeUps = $derived(closeUpsOf(shoot.answers.gear));

	function choose({ options }: Chooser, value: string) {
		const { changes } = options.find((option) => option.value === value)!;
		shoot.setChosen(chosenOn(camera, own, changes));
	}

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
	{#each choosers as chooser (chooser.label)}
		<ChoiceField
			label={chooser.label}
			value={chooser.value}
			options={chooser.options}
			onchange={(value) => choose(chooser, value)}
		/>
	{/each}
	{#if eye && !own.manual && !own.handTimed}
		<ChoiceField
			label="Its eye stands in"
			value={String(own.meterDifference)}
			options={elsewhere.map((stops) => ({ value: String(stops), name: elsewhereName(stops) }))}
			onchange={(value) => shoot.setChosen({ meterDifference: Number(value), meterSd: undefined })}
		/>
	{/if}
	{#if closeUps.length > 0}
		<ChoiceField
			label="Close-up lens"
			value={own.closeUp?.id ?? NONE}
			options={[{ value: NONE, name: 'none' }, ...closeUps.map(({ id, name }) => ({ value: id, name }))]}
			onchange={(chosen) => shoot.setChosen({ closeUp: closeUps.find(({ id }) => id === chosen) })}
		/>
	{/if}
</div>
{#if canPutEyeAside(camera)}
	<label class="tick-box">
		<input
			type="checkbox"
			checked={own.manual ?? false}
			onchange={({ currentTarget: { checked } }) =>
				shoot.setChosen(chosenOn(camera, own, { manual: checked || undefined }))}
		/>
		Its eye is put aside: set by hand
	</label>
{/if}
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
