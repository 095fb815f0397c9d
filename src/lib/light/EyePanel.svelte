<!-- A plain guess of the light, with one's own doubt. -->
<script lang="ts">
	import { nearestLandmark, resolveLight } from '$core/light';
	import { formatDoubt } from '$core/units';
	import { lightSchema } from '$contract/light';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import { FormState } from '$lib/forms/form-state.svelte';
	import { stopsQuantity } from '$lib/forms/exposures';
	import QuantityFields from '$lib/forms/QuantityFields.svelte';
	import { readBy, type PanelProps } from './panel';
	import ReadingForm from './ReadingForm.svelte';

	let { lights, light, onread }: PanelProps = $props();

	const fields = [{ path: 'ev', label: 'My guess, EV', placeholder: '12', quantity: stopsQuantity }] as const;
	// svelte-ignore state_referenced_locally -- the form begins with it
	const own = lights.doubts.find(({ of }) => of === 'eye');
	const doubts = [
		...(own ? [{ sd: own.sd, name: `from practice, ${formatDoubt(own.sd)} (${own.guesses} guesses)` }] : []),
		{ sd: 1 / 3, name: 'nearly certain, ⅓ stop' },
		{ sd: 2 / 3, name: 'fairly sure, ⅔ stop' },
		{ sd: 1, name: 'a stop either way' },
		{ sd: 2, name: 'a shot in the dark, 2 stops' }
	];
	// svelte-ignore state_referenced_locally -- a form begins with the last reading and is the person's from then on
	const last = readBy(light, 'eye');
	const form = new FormState<{ method: 'eye'; ev?: number; sd: number }>(lightSchema as never, {
		method: 'eye',
		ev: last?.ev,
		sd: doubts.find(({ sd }) => Math.abs(sd - (last?.sd ?? own?.sd ?? 1)) < 1e-6)?.sd ?? 1
	});
</script>

<ReadingForm
	{form}
	empty="An EV at ISO 100: 15 is full sun, 12 a grey day, 6 a lit room."
	more={(guess) => `Like ${nearestLandmark(resolveLight(guess).ev).words}.`}
	{onread}
>
	<QuantityFields {form} {fields} />
	<ChoiceField
		label="How sure"
		value={String(form.draft.sd)}
		options={doubts.map(({ sd, name }) => ({ value: String(sd), name }))}
		onchange={(sd) => (form.draft = { ...form.draft, sd: Number(sd) })}
	/>
</ReadingForm>
