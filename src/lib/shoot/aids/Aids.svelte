<!-- Help with the hard situations that the chosen camera and the light bring, each a sheet of its own. -->
<script module lang="ts">
	import { later } from '$lib/parts/later';

	const sheet = later(() => import('./AidSheet.svelte'));
</script>

<script lang="ts">
	import Later from '$lib/parts/Later.svelte';
	import type { Loaded } from '../bag';
	import type { ShootState } from '../shoot-state.svelte';
	import { aids } from './aids';

	let { shoot, loaded }: { shoot: ShootState; loaded: Loaded } = $props();

	const offered = $derived(aids.filter(({ needed }) => needed(shoot, loaded)));
	let openId = $state<string | null>(null);
	/** It stays open while what it changes makes it no longer needed. */
	const shown = $derived(aids.find(({ id }) => id === openId));
</script>

<div class="aids" role="group" aria-label="Help with">
	{#each offered as { id, name } (id)}
		<button class="quiet" aria-haspopup="dialog" onclick={() => (openId = id)}>{name}</button>
	{/each}
</div>
{#if shown}
	<Later part={sheet} given={{ shoot, loaded, aid: shown, onclose: () => (openId = null) }} />
{/if}

<style>
	.aids {
		display: flex;
		flex-wrap: wrap;
		gap: 0.35rem;
		padding-top: 0.5rem;
	}
	.aids .quiet {
		flex: 1 1 auto;
		padding-inline: 0.75rem;
	}
</style>
