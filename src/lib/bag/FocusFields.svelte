<script lang="ts">
	import { lengthUnit } from '$core/units';
	import type { Focus, FocusedBy } from '$core/camera';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import type { FormState } from '$lib/forms/form-state.svelte';
	import { distanceList, labelList } from '$lib/forms/lists';
	import { distanceQuantity } from '$lib/forms/quantity';
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
	/** What a lens does that focuses near, by what is usual for its kind of focus. */
	const moves = {
		unit: 'moves forward as a whole',
		'front-cell': 'turns its front element, or the body compensates'
	};
	const usual = (kind: Focus['kind']): FocusedBy => (kind === 'continuous' ? 'unit' : 'front-cell');
	const movesAsOptions = Object.entries(moves).map(([value, name]) => ({ value: value as FocusedBy, name }));

	/** As it usually is. */
	function without({ by: _by, ...rest }: Exclude<Focus, { kind: 'fixed' }>): Focus {
		return rest as Focus;
	}

	/** One distance, where an empty field or ∞ is infinity. */
	const oneDistance = {
		parse: (text: string): number | null => distanceList.parse(text || '∞')[0] ?? null,
		show: distanceQuantity.show
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
		label="Focused at, {lengthUnit()}"
		hint="empty: infinity"
		value={value.distance}
		quantity={oneDistance}
		onchange={(distance) => onchange({ kind: 'fixed', distance })}
	/>
{:else if value.kind === 'zones'}
	<QuantityField
		{form}
		path="focus.distances"
		label="Distances, {lengthUnit()}"
		hint="separated by commas; ∞ for infinity"
		value={value.distances}
		quantity={distanceList}
		onchange={(distances) => onchange({ ...value, distances })}
	/>
	<QuantityField
		{form}
		path="focus.labels"
		label="Names of the marks (if any)"
		hint="in the same order: person, group, hills"
		value={value.labels}
		quantity={labelList}
		onchange={(labels) => onchange({ ...value, labels })}
	/>
{:else}
	<QuantityField
		{form}
		path="focus.nearest"
		label="Nearest, {lengthUnit()}"
		value={value.nearest}
		quantity={distanceQuantity}
		onchange={(nearest) => onchange({ ...value, nearest: nearest as number })}
	/>
{/if}
{#if value.kind !== 'fixed'}
	<ChoiceField
		label="To focus close, the lens"
		value={value.by ?? usual(value.kind)}
		options={movesAsOptions}
		onchange={(by) => onchange(by === usual(value.kind) ? without(value) : { ...value, by })}
	/>
{/if}
