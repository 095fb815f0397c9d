<script lang="ts">
	import type { Focus } from '$core/camera';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import type { FormState } from '$lib/forms/form-state.svelte';
	import { distanceList, distanceQuantity, labelList, plainNumber } from '$lib/forms/quantity';
	import QuantityField from '$lib/forms/QuantityField.svelte';

	interface Props {
		form: FormState<object>;
		value: Focus;
		onchange: (value: Focus) => void;
	}
	let { form, value, onchange }: Props = $props();

	const blank: Record<Focus['kind'], Focus> = {
		fixed: { kind: 'fixed', distance: 4 },
		zones: { kind: 'zones', distances: [1, 2, 6, null] },
		continuous: { kind: 'continuous', nearest: 1 }
	};
	/** One distance, where an empty field or ∞ is infinity. */
	const oneDistance = {
		parse: (text: string): number | null => distanceList.parse(text || '∞')[0] ?? null,
		show: (distance: number) => plainNumber.show(distance)
	};
</script>

<ChoiceField
	label="Focus"
	value={value.kind}
	options={[
		{ value: 'fixed', name: 'fixed' },
		{ value: 'zones', name: 'a few marks' },
		{ value: 'continuous', name: 'any distance' }
	]}
	onchange={(kind) => onchange(blank[kind])}
/>
{#if value.kind === 'fixed'}
	<QuantityField
		{form}
		path="focus.distance"
		label="Focused at, m"
		hint="empty: infinity"
		value={value.distance}
		quantity={oneDistance}
		onchange={(distance) => onchange({ kind: 'fixed', distance })}
	/>
{:else if value.kind === 'zones'}
	<QuantityField
		{form}
		path="focus.distances"
		label="Distances, m"
		hint="with commas between; ∞ for the far one"
		value={value.distances}
		quantity={distanceList}
		onchange={(distances) => onchange({ ...value, distances })}
	/>
	<QuantityField
		{form}
		path="focus.labels"
		label="Their marks (if they have names)"
		hint="in the same order: person, group, hills"
		value={value.labels}
		quantity={labelList}
		onchange={(labels) =>
			onchange({ kind: 'zones', distances: value.distances, ...(labels ? { labels } : {}) })}
	/>
{:else}
	<QuantityField
		{form}
		path="focus.nearest"
		label="Nearest, m"
		value={value.nearest}
		quantity={distanceQuantity}
		onchange={(nearest) => onchange({ kind: 'continuous', nearest: nearest as number })}
	/>
{/if}
