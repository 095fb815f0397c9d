<!-- How a load is counted, and what it cost. -->
<script lang="ts">
	import { measures } from '$core/units';
	import type { LoadRecord } from '$contract/records';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import type { FormState } from '$lib/forms/form-state.svelte';
	import { plainNumber } from '$lib/forms/quantity';
	import QuantityField from '$lib/forms/QuantityField.svelte';

	interface Props {
		form: FormState<object>;
		load: LoadRecord;
		set: (fields: Partial<LoadRecord>) => void;
	}
	let { form, load, set }: Props = $props();
</script>

{#if !load.spool}
	<ChoiceField
		label="Its counter"
		value={load.counter ?? 'up'}
		options={[
			{ value: 'up', name: 'counts up: frames taken' },
			{ value: 'down', name: 'counts down: frames left' }
		]}
		onchange={(counter) => set({ counter: counter as LoadRecord['counter'] })}
	/>
{/if}
<QuantityField
	{form}
	path="countsFrom"
	label="Your own number for its first frame"
	hint="the others count on from it; optional"
	inputmode="decimal"
	value={load.countsFrom}
	quantity={plainNumber}
	onchange={(countsFrom) => set({ countsFrom })}
/>
<QuantityField
	{form}
	path="price"
	label="What it costs"
	hint="with development, {measures().currency ?? 'in your currency'}; optional"
	inputmode="decimal"
	value={load.price as number | undefined}
	quantity={plainNumber}
	onchange={(price) => set({ price })}
/>
