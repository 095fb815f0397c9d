<script module lang="ts">
	import { later } from '$lib/parts/later';

	const choice = later(() => import('./DisplayChoice.svelte'));
</script>

<script lang="ts">
	import { MediaQuery } from 'svelte/reactivity';
	import Later from '$lib/parts/Later.svelte';
	import { DISPLAY_COOKIE, displayOf, displays, type Display } from './displays';

	const phone = new MediaQuery('(max-width: 820px)', false);

	let { initial }: { initial: Display } = $props();
	// svelte-ignore state_referenced_locally -- the server's word counts only at the start
	let chosen = $state(initial);

	const at = $derived(displays.findIndex(({ id }) => id === chosen));
	const shown = $derived(displays[at]);
	/** A phone has room for one button, which goes round. */
	const next = $derived(displays[(at + 1) % displays.length]);

	const A_YEAR = 31_536_000;

	function choose(value: string | null) {
		chosen = displayOf(value ?? undefined);
		const { documentElement } = document;
		documentElement.dataset.theme = chosen;
		// A phone puts the display's paper around the page.
		document
			.querySelector('meta[name=theme-color]')
			?.setAttribute('content', getComputedStyle(documentElement).backgroundColor);
		document.cookie = `${DISPLAY_COOKIE}=${chosen}; path=/; max-age=${A_YEAR}; samesite=lax`;
	}
</script>

<div class="room">
	{#if !phone.current}<Later part={choice} given={{ chosen, onchoose: choose }} />{/if}
</div>
<button
	class="turn"
	onclick={() => choose(next.id)}
	aria-label="{shown.short}: the display is {shown.name}. Change to {next.name}">{shown.short}</button
>

<style>
	/* As high as the choice, border and all, before it is there: nothing moves when it comes. */
	.room {
		min-height: calc(2.75rem + 2px);
	}
	.turn {
		display: none;
		min-height: 2.75rem;
		min-width: 2.75rem;
		padding: 0 0.5rem;
		font-size: 0.8125rem;
		border: 1px solid var(--edge);
		border-radius: var(--radius-base);
		cursor: pointer;
	}
	@media (max-width: 820px) {
		.room {
			display: none;
		}
		.turn {
			display: block;
		}
	}
</style>
