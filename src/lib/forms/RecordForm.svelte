<!-- The page of one record: its title, whose version is right where it was changed elsewhere, its fields, the way out. -->
<script lang="ts" generics="K extends Kind">
	import type { Snippet } from 'svelte';
	import type { Records } from '$contract/records';
	import type { Kept, Kind } from '$lib/records/client';
	import type { FormState } from './form-state.svelte';
	import FormEnd from './FormEnd.svelte';
	import type { RecordEditor } from './record-editor.svelte';
	import StaleEdit from './StaleEdit.svelte';

	interface Props {
		editor: RecordEditor<K>;
		title: string;
		back: { href: string; name: string };
		/** It stands within another view: how that is come back to. */
		leave?: () => void;
		action: string;
		/** Done before anything is saved. */
		prepare?: () => Promise<void>;
		onsaved: (record: Kept<Records[K]>) => Promise<void>;
		/** Stands between the title and the fields. */
		about?: Snippet;
		fields: Snippet;
		/** Stands beside the action. */
		more: Snippet;
	}
	let { editor, title, back, leave, action, prepare, onsaved, about, fields, more }: Props = $props();
	const form = $derived(editor.form as unknown as FormState<object>);

	async function finish(writing: Promise<Kept<Records[K]> | undefined>) {
		const saved = await writing;
		if (saved) await onsaved(saved);
	}

	async function submit(event: SubmitEvent) {
		event.preventDefault();
		await prepare?.();
		await finish(editor.save());
	}
</script>

<svelte:head
	>{#if !leave}<title>{title} · Just Enough</title>{/if}</svelte:head
>
<div class="page">
	{#if leave}
		<p><button class="plain-link" type="button" onclick={leave}>{back.name}</button></p>
		<h2>{title}</h2>
	{:else}
		<!-- eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved by the page that names it -->
		<p><a class="plain-link" href={back.href}>{back.name}</a></p>
		<h1>{title}</h1>
	{/if}
	{@render about?.()}
	{#if editor.theirs}
		<StaleEdit
			mine={form.draft}
			theirs={editor.theirs}
			onmine={() => finish(editor.saveMine())}
			ontheirs={() => editor.takeTheirs()}
		/>
	{/if}
	<form onsubmit={submit} novalidate>
		{@render fields()}
		<FormEnd {form} {action} busy={editor.busy} message={editor.message} {more} />
	</form>
</div>

<style>
	form {
		display: grid;
		gap: 1.25rem;
		padding-top: 1rem;
	}
</style>
