<!-- What is set and mounted on the chosen camera: only what it has. -->
<script lang="ts">
	import { automaticExposure, type Filter } from '$core/camera';
	import { flashOf } from '$core/match';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import { elsewhereOptions } from '$lib/parts/elsewhere';
	import FilterTicks from '$lib/parts/FilterTicks.svelte';
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
			label="Light on its eye"
			value={String(own.meterDifference)}
			options={elsewhereOptions(own.meterDifference)}
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
		Eye switched off: set by hand
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
<FilterTicks {filters} worn={own.filters} onwear={mount} />

<style>
	.fields {
		grid-template-columns: repeat(auto-fill, minmax(min(8rem, 100%), 1fr));
	}
</style>
