<!-- Its lens, and what is sharp enough through it. -->
<script lang="ts">
	import type { CameraRecord } from '$contract/records';
	import type { FormState } from '$lib/forms/form-state.svelte';
	import { timeQuantity } from '$lib/forms/exposures';
	import { plainNumber } from '$lib/forms/quantity';
	import QuantityField from '$lib/forms/QuantityField.svelte';

	interface Props {
		form: FormState<CameraRecord>;
		set: (fields: Partial<CameraRecord>) => void;
	}
	let { form, set }: Props = $props();
</script>

<div class="fields">
	<QuantityField
		{form}
		path="focalLength"
		label="Focal length, mm"
		value={form.draft.focalLength}
		quantity={plainNumber}
		onchange={(focalLength) => set({ focalLength: focalLength as number })}
	/>
	<QuantityField
		{form}
		path="circleOfConfusion"
		label="Largest blur that still looks sharp, mm"
		hint="empty: frame diagonal / 1500"
		value={form.draft.circleOfConfusion}
		quantity={plainNumber}
		onchange={(circleOfConfusion) => set({ circleOfConfusion })}
	/>
	<QuantityField
		{form}
		path="handHold"
		label="Slowest hand-held speed, s"
		term="hand-held"
		hint="empty: from the focal length"
		value={form.draft.handHold}
		quantity={timeQuantity}
		onchange={(handHold) => set({ handHold })}
	/>
</div>
