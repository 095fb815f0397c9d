<!-- What waits here to be sent, what a person is asked about it, and what became of some. -->
<script lang="ts">
	import StaleEdit from '$lib/forms/StaleEdit.svelte';
	import { carry } from '$lib/records/carry.svelte';
	import { changes } from '$lib/records/changes.svelte';
	import { outbox } from '$lib/records/outbox.svelte';
	import { server } from '$lib/records/reach.svelte';
	import { merge } from '$replica/merge';
	import { calledInWords, lastTogether, noticeInWords, writeInWords } from './words';

	let { locale }: { locale: string } = $props();

	const asked = $derived(changes.waiting.filter(({ conflict }) => conflict));
	const others = $derived(changes.waiting.filter(({ conflict }) => !conflict));
	const all = $derived(others.length + outbox.unsaved.length);
	const at = $derived(carry.together?.whole ? carry.together.at : null);
	const clock = (when: number) =>
		new Intl.DateTimeFormat(locale, { dateStyle: 'medium', timeStyle: 'short' }).format(when);
</script>

<svelte:head><title>Waiting · Just Enough</title></svelte:head>
<div class="page">
	<h1>Waiting</h1>
	{#each changes.notices as notice (notice.id)}<p class="notice">{noticeInWords(notice)}</p>{/each}
	{#if changes.notices.length > 0}
		<p><button class="quiet" type="button" onclick={() => void changes.seen()}>I have seen it</button></p>
	{/if}
	{#each asked as write (write.n)}
		{#if write.act === 'replace' && write.conflict}
			<h2>{calledInWords(write.kind, write.record)}</h2>
			<StaleEdit
				mine={merge(write.base, write.record, write.conflict.theirs).record}
				theirs={write.conflict.theirs}
				apart
				onmine={() => void changes.decide(write.n, 'mine')}
				ontheirs={() => void changes.decide(write.n, 'theirs')}
			/>
		{/if}
	{/each}
	{#if all > 0}
		<p>
			{server.away
				? 'The server does not answer. All of this is kept in this browser, and sent by itself when it does.'
				: 'Sent by itself, one after the other.'}
			<button class="quiet" type="button" onclick={() => void outbox.sendAll(true)}>Send it now</button>
		</p>
		<ul>
			{#each others as write (write.n)}
				<li>
					<strong>{writeInWords(write)}</strong> <span class="soft">{clock(write.at)}</span>
					{#if write.problem}
						<p class="notice">
							The server would not have it: {write.problem}.
							<button class="plain-link" type="button" onclick={() => void changes.letGo(write.n)}
								>Let it go</button
							>
						</p>
					{/if}
				</li>
			{/each}
			{#each outbox.unsaved as item (item.id)}
				<li>
					<strong>{calledInWords(item.kind, item.record)}, new</strong>
					<span class="soft">{clock(item.at)}</span>
					{#if item.problem}
						<p class="notice">
							The server would not have it: {item.problem}.
							<button class="plain-link" type="button" onclick={() => void outbox.drop(item.id)}
								>Let it go</button
							>
						</p>
					{/if}
				</li>
			{/each}
		</ul>
	{:else if asked.length === 0}
		<p>Nothing waits{at === null ? '' : `; ${lastTogether(at, Date.now(), locale)}`}.</p>
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
