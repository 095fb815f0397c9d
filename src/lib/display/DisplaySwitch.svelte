<script module lang="ts">
	import { later } from '$lib/parts/later';

	const choice = later(() => import('./DisplayChoice.svelte'));
</script>

<script lang="ts">
	import { MediaQuery } from 'svelte/reactivity';
	import Later from '$lib/parts/Later.svelte';
	import { displayOf, displays } from './displays';
	import { shown } from './shown.svelte';

	const phone = new MediaQuery('(max-width: 820px)', false);

	const at = $derived(displays.findIndex(({ id }) => id === shown.display));
	const now = $derived(displays[at]);
	/** A phone has room for one button, which goes round. */
	const next = $derived(displays[(at + 1) % displays.length]);

	$effect(() => shown.apply());
</script>

<div class="room">
	{#if !phone.current}<Later
			part={choice}
			given={{ chosen: now.id, onchoose: (id) => shown.choose(displayOf(id ?? undefined)) }}
		/>{/if}
</div>
<button
	class="turn"
	onclick={() => shown.choose(next.id)}
	aria-label="{now.short}: the display is {now.name}. Change to {next.name}">{now.short}</button
>

<style>
	/* As high as the choice, border and all, before it is there: nothing moves when it comes. */
	.room {
		min-height: calc(2.75rem + 2px);
	}
	.turn {
		display: none;
		min-height: min(2.75rem, 44px);
		min-width: min(2.75rem, 44px);
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
