<script lang="ts">
	import type { Aperture } from '$core/camera';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import type { FormState } from '$lib/forms/form-state.svelte';
	import { fNumberQuantity } from '$lib/forms/exposures';
	import { labelList, listOf } from '$lib/forms/lists';
	import QuantityField from '$lib/forms/QuantityField.svelte';

	interface Props {
		form: FormState<object>;
		value: Aperture;
		onchange: (value: Aperture) => void;
	}
	let { form, value, onchange }: Props = $props();

	const blank: Record<Aperture['kind'], Aperture> = {
		fixed: { kind: 'fixed', f: 11 },
		stops: { kind: 'stops', f: [8, 11] },
		range: { kind: 'range', widest: 2.8, smallest: 22 }
	};
	const list = listOf(fNumberQuantity);
</script>

<ChoiceField
	label="Aperture"
	value={value.kind}
	options={[
		{ value: 'fixed', name: 'one, fixed' },
		{ value: 'stops', name: 'several marks' },
		{ value: 'range', name: 'anything in a range' }
	]}
	onchange={(kind) => onchange(blank[kind])}
/>
{#if value.kind === 'fixed'}
	<QuantityField
		{form}
		path="aperture.f"
		label="f-number"
		term="f-number"
		placeholder="f/11"
		value={value.f}
		quantity={fNumberQuantity}
		onchange={(f) => onchange({ kind: 'fixed', f: f as number })}
	/>
{:else if value.kind === 'stops'}
	<QuantityField
		{form}
		path="aperture.f"
		label="f-numbers"
		hint="separated by commas: 8, 11"
		value={value.f}
		quantity={list}
		onchange={(f) => onchange({ ...value, f })}
	/>
	<QuantityField
		{form}
		path="aperture.labels"
		label="Names of the marks (if any)"
		hint="in the same order: cloud, sun"
		value={value.labels}
		quantity={labelList}
		onchange={(labels) => onchange({ kind: 'stops', f: value.f, ...(labels ? { labels } : {}) })}
	/>
{:else}
	<QuantityField
		{form}
		path="aperture.widest"
		label="Widest"
		placeholder="f/2.8"
		value={value.widest}
		quantity={fNumberQuantity}
		onchange={(widest) => onchange({ ...value, widest: widest as number })}
	/>
	<QuantityField
		{form}
		path="aperture.smallest"
		label="Smallest"
		placeholder="f/22"
		value={value.smallest}
		quantity={fNumberQuantity}
		onchange={(smallest) => onchange({ ...value, smallest: smallest as number })}
	/>
{/if}
