<!-- What waits here to be sent, what a person is asked about it, and what became of some. -->
<script lang="ts">
	import StaleEdit from '$lib/forms/StaleEdit.svelte';
	import { carry } from '$lib/records/carry.svelte';
	import { changes } from '$lib/records/changes.svelte';
	import { decide, letGo, letGoOfPicture, seen } from '$lib/records/decisions';
	import { outbox } from '$lib/records/outbox.svelte';
	import { pictures } from '$lib/records/pictures.svelte';
	import { server } from '$lib/records/reach.svelte';
	import { momentInWords } from '$words';
	import { merge } from '$replica/merge';
	import { calledInWords, lastTogether, noticeInWords, writeInWords } from './words';

	let { locale }: { locale: string } = $props();

	const asked = $derived(changes.waiting.filter(({ conflict }) => conflict));
	const others = $derived(changes.waiting.filter(({ conflict }) => !conflict));
	const all = $derived(others.length + outbox.unsaved.length + pictures.waiting.length);
	const at = $derived(carry.together?.whole ? carry.together.at : null);
	const clock = (when: number) => momentInWords(new Date(when).toISOString(), { locale });
</script>

{#snippet waits(what: string, since: number, problem: string | undefined, letGo: () => Promise<void>)}
	<li>
		<strong>{what}</strong> <span class="soft">{clock(since)}</span>
		{#if problem}
			<p class="notice">
				The server refused it: {problem}.
				<button class="plain-link" type="button" onclick={() => void letGo()}>Discard it</button>
			</p>
		{/if}
	</li>
{/snippet}

<svelte:head><title>Waiting · Just Enough</title></svelte:head>
<div class="page">
	<h1>Waiting</h1>
	{#each changes.notices as notice (notice.id)}<p class="notice">{noticeInWords(notice)}</p>{/each}
	{#if changes.notices.length > 0}
		<p><button class="quiet" type="button" onclick={() => void seen()}>Got it</button></p>
	{/if}
	{#each asked as write (write.n)}
		{#if write.act === 'replace' && write.conflict}
			<h2>{calledInWords(write.kind, write.record)}</h2>
			<StaleEdit
				mine={merge(write.base, write.record, write.conflict.theirs).record}
				theirs={write.conflict.theirs}
				apart
				onmine={() => void decide(write.n, 'mine')}
				ontheirs={() => void decide(write.n, 'theirs')}
			/>
		{/if}
	{/each}
	{#if all > 0}
		<p>
			{server.away
				? 'The server isn’t answering. All of this is kept in this browser, and sent automatically when it does.'
				: 'Sent automatically, one after the other.'}
			<button class="quiet" type="button" onclick={() => void outbox.sendAll(true)}>Send it now</button>
		</p>
		<ul>
			{#each others as write (write.n)}
				{@render waits(writeInWords(write), write.at, write.problem, () => letGo(write.n))}
			{/each}
			{#each outbox.unsaved as { id, kind, record, at, problem } (id)}
				{@render waits(`${calledInWords(kind, record)}, new`, at, problem, () => outbox.drop(id))}
			{/each}
			{#each pictures.waiting as { id, name, at, problem } (id)}
				{@render waits(`Picture ${name}`, at, problem, () => letGoOfPicture(id))}
			{/each}
		</ul>
	{:else if asked.length === 0}
		<p>Nothing is waiting{at === null ? '' : `; ${lastTogether(at, Date.now(), locale)}`}.</p>
	{/if}
</div>

<style>
	.page {
		display: grid;
		gap: 1.25rem;
		justify-items: start;
	}
	ul {
		display: grid;
		gap: 0.75rem;
		max-width: 44rem;
		padding: 0;
		list-style: none;
	}
	li {
		padding-bottom: 0.75rem;
		border-bottom: 1px solid var(--line);
	}
</style>
