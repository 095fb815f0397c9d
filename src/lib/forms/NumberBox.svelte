<!-- A typed number outside any record: keeps the text as typed, and says what is wrong with it. -->
<script lang="ts">
	import { untrack } from 'svelte';
	import Field from './Field.svelte';
	import { plainNumber, type Quantity } from './quantity';

	interface Props {
		label: string;
		hint?: string;
		placeholder?: string;
		value: number | undefined;
		quantity?: Quantity;
		least?: number;
		most?: number;
		/** What is said of a text that is no such number. */
		problem: string;
		onchange: (value: number | undefined) => void;
	}
	let {
		label,
		hint,
		placeholder,
		value,
		quantity = plainNumber,
		least = -Infinity,
		most = Infinity,
		problem,
		onchange
	}: Props = $props();

	const shown = (given: number | undefined) => (given === undefined ? '' : quantity.show(given));
	// svelte-ignore state_referenced_locally -- what comes later is followed below
	let typed = $state(shown(value));
	const read = $derived(quantity.parse(typed));
	const wrong = $derived(read !== undefined && !(read >= least && read <= most));

	// It may be set from elsewhere, too.
	$effect(() => {
		const given = value;
		// Said anew, too, where the reader measures in something else from now on.
		const text = shown(given);
		untrack(() => {
			if (!wrong && given !== read) typed = text;
		});
	});
</script>

<Field {label} {hint} problem={wrong ? problem : ''}>
	{#snippet control(attributes)}
		<input
			{...attributes}
			type="text"
			inputmode="decimal"
			autocomplete="off"
			{placeholder}
			bind:value={typed}
			oninput={() => !wrong && onchange(read)}
		/>
	{/snippet}
</Field>
