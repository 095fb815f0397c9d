<!-- A typed quantity or list: keeps the text as typed, hands on what it means. -->
<script lang="ts" generics="T">
	import type { TermId } from '$words/terms-in';
	import Field from './Field.svelte';
	import type { FormState } from './form-state.svelte';

	interface Props {
		form: FormState<object>;
		path: string;
		label: string;
		term?: TermId;
		hint?: string;
		value: T;
		quantity: { parse: (text: string) => T; show: (value: NonNullable<T>) => string };
		inputmode?: 'decimal' | 'text';
		placeholder?: string;
		onchange: (value: T) => void;
	}
	let {
		form,
		path,
		label,
		term,
		hint,
		value,
		quantity,
		inputmode = 'text',
		placeholder,
		onchange
	}: Props = $props();

	const shown = (given: T) => (given === undefined || given === null ? '' : quantity.show(given));
	// svelte-ignore state_referenced_locally -- the text is the person's own once it is typed
	let text = $state(shown(value));

	function typed() {
		form.touch(path);
		onchange(quantity.parse(text));
	}
</script>

<Field {label} {term} {hint} problem={form.problemAt(path)}>
	{#snippet control(attributes)}
		<input
			{...attributes}
			type="text"
			{inputmode}
			{placeholder}
			autocomplete="off"
			bind:value={text}
			oninput={typed}
		/>
	{/snippet}
</Field>
