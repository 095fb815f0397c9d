<!-- The recipes, what runs now, and what was developed last. -->
<script lang="ts">
	import { formatTemperature } from '$core/units';
	import { resolve } from '$app/paths';
	import { bathInWords, developedInWords } from '$core/words';
	import type { Developed } from '$contract/loads';
	import type { RecipeRecord } from '$contract/records';
	import Moment from '$lib/parts/Moment.svelte';
	import { create, keptInWords, remove, type Kept } from '$lib/records/client';
	import { runs } from './runs.svelte';
	import { refresh } from '$lib/records/refresh';

	interface Props {
		recipes: Kept<RecipeRecord>[];
		/** Loads that were developed, the last one first. */
		done: { id: string; name: string; developed: Developed }[];
	}
	let { recipes, done }: Props = $props();

	const going = $derived(runs.all.length);
	let says = $state('');
	let undo = $state.raw<(() => Promise<void>) | null>(null);
	const UNREACHABLE = 'Not saved: the server isn’t answering.';

	async function erase(recipe: Kept<RecipeRecord>) {
		const { id, version, ...record } = $state.snapshot(recipe) as Kept<RecipeRecord>;
		const removed = await remove('recipes', { id, version });
		says = removed.result === 'saved' ? `${record.name} is deleted.` : keptInWords(removed);
		undo = null;
		if (removed.result === 'saved') {
			undo = async () => {
				const back = await create('recipes', id, record);
				says = back.result === 'saved' ? `${record.name} is back.` : UNREACHABLE;
				undo = null;
				await refresh();
			};
		}
		await refresh();
	}
</script>

<svelte:head><title>Develop · Just Enough</title></svelte:head>
<div class="page">
	<h1>Develop</h1>
	{#if going > 0}
		<p>
			<a class="action" href={resolve('/develop/run')}
				>{going === 1 ? 'One development runs' : `${going} developments run`}</a
			>
		</p>
	{/if}
	<h2>Recipes</h2>
	{#if recipes.length === 0}
		<p class="soft">
			None yet. Write down “one part each of A, B and C to fourteen of water, 11 minutes at {formatTemperature(
				20
			)}”, and it’s measured out for your tank and timed.
		</p>
	{/if}
	<ul>
		{#each recipes as recipe (recipe.id)}
			<li>
				<span>
					<a class="plain-link" href={resolve(`/develop/${recipe.id}`)}>{recipe.name}</a>
					<span class="soft">{bathInWords[recipe.kind]}</span>
				</span>
				<button class="quiet" aria-label="Delete {recipe.name}" onclick={() => erase(recipe)}>Delete</button>
			</li>
		{/each}
	</ul>
	<p role="status">
		{says}
		{#if undo}<button class="plain-link" onclick={undo}>Undo</button>{/if}
	</p>
	<p><a class={going > 0 ? 'quiet' : 'action'} href={resolve('/develop/edit/new')}>A new recipe</a></p>
	{#if done.length > 0}
		<h2>Developed</h2>
		<ul>
			{#each done as { id, name, developed } (id)}
				<li>
					<a class="plain-link" href={resolve(`/frames?load=${id}`)}>{name}</a>
					<span class="soft figures">{developedInWords(developed)} <Moment at={developed.at} /></span>
				</li>
			{/each}
		</ul>
	{/if}
</div>

<style>
	h2 {
		padding-top: 1rem;
	}
	li {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		align-items: center;
		gap: 0.25rem 1rem;
		padding: 0.35rem 0;
		border-bottom: 1px solid var(--line);
	}
</style>
