<!-- What is said of a frame in words: all of it is found again by the search. -->
<script lang="ts">
	import type { FrameRecord } from '$contract/records';
	import type { FormState } from '$lib/forms/form-state.svelte';
	import TextField from '$lib/forms/TextField.svelte';

	type Said = Pick<FrameRecord, 'subject' | 'note' | 'caption' | 'givenTo'>;
	interface Props {
		form: FormState<object>;
		frame: Said;
		onchange: (said: Said) => void;
	}
	let { form, frame, onchange }: Props = $props();

	const lines = [
		{ path: 'subject', label: 'What is in it', long: false },
		{ path: 'note', label: 'Note', long: true },
		{ path: 'caption', label: 'Caption, to print with it', long: false },
		{ path: 'givenTo', label: 'Given away to', long: false }
	] as const;
</script>

{#each lines as { path, label, long } (path)}
	<TextField
		{form}
		{path}
		{label}
		{long}
		value={frame[path]}
		onchange={(said) => onchange({ [path]: said || undefined })}
	/>
{/each}
