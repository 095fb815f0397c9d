<!-- In every view: what waits here, and when this device was last synced with the server. Nothing where all is well. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { carry } from '$lib/records/carry.svelte';
	import { changes } from '$lib/records/changes.svelte';
	import { server, signInFor } from '$lib/records/reach.svelte';
	import { waiting } from '$lib/records/waiting.svelte';
	import { lastTogether } from './words';

	interface Props {
		locale: string;
		/** A view was asked for that is not here. */
		waits: boolean;
		/** A phone has no line to spare here: what waits stands at the view's name, and on the view. */
		crowded: boolean;
	}
	let { locale, waits, crowded }: Props = $props();

	/** What only a person can say, or should know. */
	const toSee = $derived(changes.waiting.filter(({ conflict }) => conflict).length + changes.notices.length);
	const at = $derived(carry.together?.whole ? carry.together.at : null);
	const parts = $derived([
		...(server.stranger ? ['Signed out: sign in'] : server.away ? ['No server'] : []),
		...(waiting.all > 0 ? [`${waiting.all} waiting`] : []),
		...(toSee > 0 ? [`${toSee} to look at`] : []),
		...(at === null ? [] : [lastTogether(at, Date.now(), locale)])
	]);
</script>

{#if waits}
	<p role="status">The server isn’t answering. The view opens as soon as it does.</p>
{:else if server.away || server.stranger || waiting.all > 0 || toSee > 0}
	<p role="status" class="figures" class:crowded={crowded && toSee === 0 && !server.stranger}>
		{#if server.stranger}<a href={signInFor(page.url)} rel="external">{parts.join(' · ')}</a
			>{:else if waiting.all > 0 || toSee > 0}<a href={resolve('/waiting')}>{parts.join(' · ')}</a
			>{:else}{parts.join(' · ')}{/if}
	</p>
{/if}

<style>
	p {
		padding: 0.15rem 1.25rem;
		border-bottom: 1px solid var(--line);
		font-size: 0.9375rem;
		font-weight: var(--heavy);
	}
	/* A desk has room for it in the head: nothing moves. */
	@media (min-width: 1100px) and (min-height: 501px) {
		p {
			position: absolute;
			top: 0;
			right: 15.5rem;
			display: flex;
			align-items: center;
			min-height: 3.75rem;
			padding: 0;
			border: 0;
		}
	}
	@media (max-width: 820px), (max-height: 500px) {
		p {
			padding: 0 0.75rem;
			font-size: 0.8125rem;
		}
		.crowded {
			display: none;
		}
	}
</style>
