<script lang="ts">
	import Field from './Field.svelte';
	import type { FormState } from './form-state.svelte';

	interface Props {
		form: FormState<object>;
		path: string;
		label: string;
		hint?: string;
		value: string | undefined;
		long?: boolean;
		onchange: (value: string) => void;
	}
	let { form, path, label, hint, value, long = false, onchange }: Props = $props();

	function typed(event: Event & { currentTarget: HTMLInputElement | HTMLTextAreaElement }) {
		form.touch(path);
		onchange(event.currentTarget.value);
	}
</script>

<Field {label} {hint} problem={form.problemAt(path)}>
	{#snippet control(attributes)}
		{#if long}
			<textarea {...attributes} rows="3" oninput={typed}>{value ?? ''}</textarea>
		{:else}
			<input {...attributes} type="text" autocomplete="off" value={value ?? ''} oninput={typed} />
		{/if}
	{/snippet}
</Field>
