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
		/** What is usual; anything else may be typed. */
		among?: readonly string[];
		onchange: (value: string) => void;
	}
	let { form, path, label, hint, value, long = false, among = [], onchange }: Props = $props();

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
			{@const list = among.length > 0 ? `${attributes.id}-list` : undefined}
			<input {...attributes} type="text" autocomplete="off" value={value ?? ''} {list} oninput={typed} />
			{#if list}
				<datalist id={list}>
					{#each among as usual (usual)}<option value={usual}></option>{/each}
				</datalist>
			{/if}
		{/if}
	{/snippet}
</Field>
