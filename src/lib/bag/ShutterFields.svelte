<script lang="ts">
	import type { Camera, Shutter } from '$core/camera';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import type { FormState } from '$lib/forms/form-state.svelte';
	import { timeQuantity } from '$lib/forms/exposures';
	import { listOf } from '$lib/forms/lists';
	import QuantityField from '$lib/forms/QuantityField.svelte';

	interface Props {
		form: FormState<object>;
		value: Shutter;
		bulb: Camera['bulb'];
		onchange: (value: Shutter) => void;
		onbulb: (bulb: Camera['bulb']) => void;
	}
	let { form, value, bulb, onchange, onbulb }: Props = $props();

	const blank: Record<Shutter['kind'], Shutter> = {
		fixed: { kind: 'fixed', seconds: 1 / 100 },
		speeds: { kind: 'speeds', seconds: [1 / 125, 1 / 60, 1 / 30] },
		range: { kind: 'range', fastest: 1 / 500, slowest: 1 }
	};
	const list = listOf(timeQuantity);
</script>

<ChoiceField
	label="Shutter"
	value={value.kind}
	options={[
		{ value: 'fixed', name: 'one speed' },
		{ value: 'speeds', name: 'several speeds' },
		{ value: 'range', name: 'anything in a range' }
	]}
	onchange={(kind) => onchange(blank[kind])}
/>
{#if value.kind === 'fixed'}
	<QuantityField
		{form}
		path="shutter.seconds"
		label="Time, s"
		term="shutter-speed"
		placeholder="1/100"
		value={value.seconds}
		quantity={timeQuantity}
		onchange={(seconds) => onchange({ kind: 'fixed', seconds: seconds as number })}
	/>
{:else if value.kind === 'speeds'}
	<QuantityField
		{form}
		path="shutter.seconds"
		label="Times, s"
		hint="separated by commas: 1/125, 1/60, ½"
		value={value.seconds}
		quantity={list}
		onchange={(seconds) => onchange({ kind: 'speeds', seconds })}
	/>
{:else}
	<QuantityField
		{form}
		path="shutter.fastest"
		label="Fastest, s"
		placeholder="1/500"
		value={value.fastest}
		quantity={timeQuantity}
		onchange={(fastest) => onchange({ ...value, fastest: fastest as number })}
	/>
	<QuantityField
		{form}
		path="shutter.slowest"
		label="Slowest, s"
		placeholder="1"
		value={value.slowest}
		quantity={timeQuantity}
		onchange={(slowest) => onchange({ ...value, slowest: slowest as number })}
	/>
{/if}
<label class="tick-box">
	<input
		type="checkbox"
		checked={Boolean(bulb)}
		onchange={(event) => onbulb(event.currentTarget.checked || undefined)}
	/>
	It has bulb (B): open as long as you hold it
</label>
