<!-- A place to drop files or a folder on, or to choose them. -->
<script lang="ts">
	import { fromEvent } from 'file-selector';

	interface Props {
		/** What to drop here. */
		label: string;
		hint: string;
		accept?: string;
		multiple?: boolean;
		disabled?: boolean;
		onfiles: (files: File[]) => unknown;
	}
	let { label, hint, accept, multiple = false, disabled = false, onfiles }: Props = $props();

	let over = $state(false);

	async function drop(event: DragEvent) {
		event.preventDefault();
		over = false;
		if (disabled) return;
		// A folder is dropped as one thing, and has to be opened.
		const files = (await fromEvent(event)).filter((each): each is File & typeof each => each instanceof File);
		if (files.length > 0) await onfiles(multiple ? files : files.slice(0, 1));
	}

	async function choose(event: Event & { currentTarget: HTMLInputElement }) {
		const field = event.currentTarget;
		const files = [...(field.files ?? [])];
		if (files.length > 0) await onfiles(files);
		// The same file can be chosen again.
		field.value = '';
	}
</script>

<label
	class="drop"
	class:over
	ondragover={(event) => {
		event.preventDefault();
		over = true;
	}}
	ondragleave={() => (over = false)}
	ondrop={drop}
>
	<span>{label}</span>
	<span class="soft small">{hint}</span>
	<input type="file" class="sr-only" {multiple} {accept} {disabled} onchange={choose} />
</label>

<style>
	.drop {
		display: grid;
		place-content: center;
		gap: 0.25rem;
		min-height: 8rem;
		min-width: min(18rem, 100%);
		padding: 0.75rem 1rem;
		border: 2px dashed var(--edge);
		border-radius: var(--radius-base);
		text-align: center;
		cursor: pointer;
	}
	.drop.over,
	.drop:focus-within {
		border-color: var(--ink);
		background: var(--hollow);
	}
</style>
