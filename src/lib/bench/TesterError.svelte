<!-- How well a tester tells a time. -->
<script lang="ts">
	import NumberBox from '$lib/forms/NumberBox.svelte';
	import { testerError } from './tester-error';

	interface Props {
		/** % of a time. */
		value: number | undefined;
		onchange: (value: number | undefined) => void;
	}
	let { value, onchange }: Props = $props();
</script>

<NumberBox
	label="The tester is right to, %"
	{value}
	least={testerError.least}
	most={testerError.most}
	problem={testerError.problem}
	{onchange}
/>
