<!-- A list that is typed line by line. -->
<script lang="ts" generics="T">
	import Field from './Field.svelte';
	import type { FormState } from './form-state.svelte';

	interface Props {
		form: FormState<object>;
		path: string;
		label: string;
		hint?: string;
		value: readonly T[];
		line: { parse: (line: string) => T; show: (value: T) => string };
		onchange: (value: T[]) => void;
	}
	let { form, path, label, hint, value, line, onchange }: Props = $props();

	// svelte-ignore state_referenced_locally -- the text is the person's own once it is typed
	let text = $state(value.map(line.show).join('\n'));

	function typed() {
		form.touch(path);
		const lines = text.split('\n').map((each) => each.trim());
		onchange(lines.filter(Boolean).map(line.parse));
	}
</script>

<Field {label} {hint} problem={form.problemAt(path)}>
	{#snippet control(attributes)}
		<textarea {...attributes} rows="4" bind:value={text} oninput={typed}></textarea>
	{/snippet}
</Field>
