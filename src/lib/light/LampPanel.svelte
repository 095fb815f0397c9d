<!-- A lamp that was metered at one distance and stands at another. -->
<script lang="ts">
	import { resolveLight, type LampReading, type Light } from '$core/light';
	import { formatDistance, lengthUnit } from '$core/units';
	import { lampInWords, lightInWords } from '$words';
	import { lightSchema } from '$contract/light';
	import { FormState } from '$lib/forms/form-state.svelte';
	import { stopsQuantity } from '$lib/forms/exposures';
	import { distanceQuantity } from '$lib/forms/quantity';
	import QuantityFields from '$lib/forms/QuantityFields.svelte';
	import { readBy, type PanelProps } from './panel';
	import ReadingForm from './ReadingForm.svelte';

	let { inHand, light, onread }: PanelProps = $props();

	/** Readings weighed together stand as what they came to: lamps in lamps would never end. */
	function plain(reading: Light | null): Light | null {
		if (!readBy(reading, 'combined')) return reading;
		const { ev, sd, kelvin } = resolveLight(reading!);
		return { ev, sd, ...(kelvin === undefined ? {} : { kelvin }) };
	}

	type Draft = Partial<LampReading> & { method: 'lamp' };
	// svelte-ignore state_referenced_locally -- a form begins with the last reading and is the person's from then on
	const last = readBy(light, 'lamp');
	// svelte-ignore state_referenced_locally -- see above
	const metered: Light | null = last?.reading ?? plain(light);
	const form = new FormState<Draft>(lightSchema as never, {
		method: 'lamp',
		...(metered ? { reading: metered } : {}),
		from: last?.from,
		to: last?.to,
		...(last?.modifierStops ? { modifierStops: last.modifierStops } : {}),
		...(last?.modifiers?.length ? { modifiers: last.modifiers } : {}),
		...(last?.source ? { source: last.source } : {}),
		...(last?.second ? { second: last.second } : {})
	});
	/** What the fields do not show is kept, and said. */
	const besides = [
		...(last?.source
			? [`with a face of ${[last.source.width, last.source.height].map(formatDistance).join(' × ')}`]
			: []),
		...(last?.modifiers ?? []).map(({ name }) => `behind ${name}`),
		...(last?.second ? [`with a second lamp at ${formatDistance(last.second.to)}`] : [])
	].join(', ');
	const start = metered ? resolveLight(metered) : null;

	const distances = [
		{
			path: 'from',
			label: `Metered at, ${lengthUnit()}`,
			placeholder: distanceQuantity.show(2),
			quantity: distanceQuantity
		},
		{
			path: 'to',
			label: `Now at, ${lengthUnit()}`,
			placeholder: distanceQuantity.show(1.4),
			quantity: distanceQuantity
		}
	] as const;
	const modifier = [
		{
			path: 'modifierStops',
			label: 'A grid or softbox takes, stops',
			hint: 'all together; empty: bare lamp. A softbox about 1⅓, a grid about 2.',
			quantity: stopsQuantity
		}
	] as const;

	/** Where the lamp must stand for the chosen camera. */
	function wanted(reading: Light): string {
		const lamp = readBy(reading, 'lamp');
		if (!lamp || !inHand) return '';
		return `${inHand.camera.name}: ${lampInWords(lamp, [...inHand.good])}.`;
	}
</script>

{#if start}
	<ReadingForm {form} empty="Two distances, and the inverse square does the rest." more={wanted} {onread}>
		<p>The lamp was metered: {lightInWords(start.ev, start.sd)}.</p>
		<div class="pair">
			<QuantityFields {form} fields={distances} />
		</div>
		<QuantityFields {form} fields={modifier} />
		{#if besides}<p class="small">It stands {besides}.</p>{/if}
	</ReadingForm>
	<p class="soft small">
		Lamps run hot and on mains power: let them cool, keep cables dry and out of the way.
	</p>
{:else}
	<p>Meter the lamp first, in any other way. Then move it here.</p>
{/if}
