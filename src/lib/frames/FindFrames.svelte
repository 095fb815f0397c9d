<!-- What is typed to find frames again: words, numbers, days. -->
<script lang="ts">
	import { untrack } from 'svelte';
	import { DateTime } from 'luxon';
	import { page } from '$app/state';
	import type { FrameSearch } from '$contract/frame-search';
	import Field from '$lib/forms/Field.svelte';

	interface Props {
		asked: FrameSearch;
		set: (changes: Record<string, string>) => void;
	}
	let { asked, set }: Props = $props();

	/** Days are those of the reader's calendar; the last one is whole. */
	const days = [
		{ name: 'from', label: 'Taken from', whole: 0 },
		{ name: 'before', label: 'to', whole: 1 }
	] as const;
	const dayOf = (instant: string | undefined, whole: number) =>
		instant === undefined ? '' : DateTime.fromISO(instant).minus({ days: whole }).toISODate();
	const startOf = (day: string, whole: number) =>
		day === '' ? '' : DateTime.fromISO(day).plus({ days: whole }).toUTC().toISO()!;

	/** A pause in typing after which it is looked for, ms. */
	const PAUSE = 300;
	let waits: ReturnType<typeof setTimeout> | undefined;
	function find(q: string, after = PAUSE) {
		clearTimeout(waits);
		waits = setTimeout(() => set({ q: q.trim() }), after);
	}

	/** It is typed into at once where that was asked for, and says what was looked for unless one is typing. */
	const field = (input: HTMLInputElement) => {
		if (untrack(() => page.url.hash) === '#find') input.focus();
		$effect(() => {
			const q = asked.q ?? '';
			if (document.activeElement !== input) input.value = q;
		});
	};
</script>

<form
	role="search"
	onsubmit={(event) => {
		event.preventDefault();
		find(String(new FormData(event.currentTarget).get('q')), 0);
	}}
>
	<Field label="Find">
		{#snippet control(attributes)}
			<input
				{...attributes}
				data-find
				type="search"
				name="q"
				autocomplete="off"
				placeholder="a word, a place, a number"
				value={untrack(() => asked.q ?? '')}
				{@attach field}
				oninput={(event) => find(event.currentTarget.value)}
			/>
		{/snippet}
	</Field>
	{#each days as { name, label, whole } (name)}
		<Field {label}>
			{#snippet control(attributes)}
				<input
					{...attributes}
					type="date"
					value={dayOf(asked[name], whole)}
					onchange={(event) => set({ [name]: startOf(event.currentTarget.value, whole) })}
				/>
			{/snippet}
		</Field>
	{/each}
</form>

<style>
	form {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem 0.75rem;
		padding-top: 0.75rem;
	}
	form > :global(:first-child) {
		flex: 1 1 14rem;
		max-width: 28rem;
	}
</style>
