<!-- Files that the server makes are not to be had without it: that is said where one is asked for. -->
<script lang="ts">
	import { onMount } from 'svelte';
	import { afterNavigate } from '$app/navigation';
	import { server } from '$lib/records/reach.svelte';

	let asked = $state(false);
	const shown = $derived(asked && server.away);

	function look(event: MouseEvent) {
		const link = event.target instanceof Element ? event.target.closest('a') : null;
		if (!server.away || link?.origin !== location.origin || !link.pathname.startsWith('/api/')) return;
		event.preventDefault();
		asked = true;
	}
	onMount(() => {
		document.addEventListener('click', look, { capture: true });
		return () => document.removeEventListener('click', look, { capture: true });
	});
	afterNavigate(() => (asked = false));
</script>

{#if shown}
	<p role="status">The server makes this file, and it isn’t answering. Try again when it does.</p>
{/if}

<style>
	p {
		position: fixed;
		inset: auto 0 0;
		z-index: 40;
		padding: 0.75rem 1.25rem;
		border-top: 2px solid var(--ink);
		background: var(--paper);
		font-weight: var(--heavy);
	}
</style>
