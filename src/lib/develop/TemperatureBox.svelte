<!-- How warm a bath is, as it is measured. -->
<script lang="ts">
	import { formatTemperature, temperatureUnit } from '$core/units';
	import { temperatureQuantity } from '$lib/forms/measured';
	import NumberBox from '$lib/forms/NumberBox.svelte';

	interface Props {
		/** Without its unit. */
		label: string;
		hint?: string;
		/** °C */
		value: number | undefined;
		onchange: (celsius: number | undefined) => void;
	}
	let { label, hint, value, onchange }: Props = $props();
</script>

<NumberBox
	label="{label}, {temperatureUnit()}"
	{hint}
	quantity={temperatureQuantity}
	{value}
	least={0}
	most={60}
	problem="must be a temperature, such as {formatTemperature(20)}"
	{onchange}
/>
