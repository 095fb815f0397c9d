<!-- One recipe measured out for the tank, how long it takes at its temperature, and the way to run it. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { isDeveloper, isPack, processOf } from '$core/develop';
	import { bathInWords, processInWords } from '$words';
	import type { RecipeRecord } from '$contract/records';
	import type { Kept } from '$lib/records/client';
	import { Remembered } from '$lib/timing/remembered.svelte';
	import Care from './Care.svelte';
	import ChangeOfLoad from './ChangeOfLoad.svelte';
	import Mix from './Mix.svelte';
	import { UNTYPED, type Mixing } from './mixing';
	import PackTime from './PackTime.svelte';
	import { volumeFor } from './reels.svelte';
	import TankTime from './TankTime.svelte';
	import type { InTheTank, Own } from './tanks';

	interface Props {
		recipe: Kept<RecipeRecord>;
		/** Loads that wait to be developed in such a thing. */
		loads: InTheTank[];
		/** Stop baths and fixers of the shelf. */
		baths: Kept<RecipeRecord>[];
		/** What the person's own negatives say of its times. */
		own: Own[];
	}
	let { recipe, loads, baths, own }: Props = $props();

	// svelte-ignore state_referenced_locally -- a page of another recipe is another page
	const typed = new Remembered<Mixing>(`mix-${recipe.id}`, UNTYPED);

	// What was put together in Develop is in the tank, and developed as it was shot for.
	// svelte-ignore state_referenced_locally -- a page begins with what it was opened for
	const asked = loads.filter(({ load }) => page.url.searchParams.getAll('load').includes(load.id));
	/** What is in the tank. */
	let ids = $state.raw<readonly string[]>(asked.map(({ load }) => load.id));
	if (asked.length > 0) {
		const push = asked[0].load.process?.push ?? 0;
		typed.set({ push, atOnce: asked.length, millilitres: volumeFor(asked) });
	}
	const chosen = $derived(loads.filter(({ load }) => ids.includes(load.id)));

	/** The volume goes with what is in the tank, as long as nobody typed another. */
	function put(next: readonly string[]) {
		const follows = typed.value.millilitres === (chosen.length > 0 ? volumeFor(chosen) : UNTYPED.millilitres);
		ids = next;
		if (next.length === 0) return;
		typed.set({ atOnce: next.length, ...(follows && { millilitres: volumeFor(chosen) }) });
	}

	const pack = $derived(isPack(recipe.kind));
	/** Loads that count with what this recipe did to film speed before it was changed. */
	const drifted = $derived(
		loads.filter(
			({ load: { process } }) =>
				process?.recipeId === recipe.id && process.stops !== processOf(recipe, process.push ?? 0)!.stops
		)
	);
</script>

<svelte:head><title>{recipe.name} · Just Enough</title></svelte:head>
<div class="page">
	<p><a class="plain-link" href={resolve('/develop')}>Back to Develop</a></p>
	<h1>{recipe.name}</h1>
	<p class="soft">{bathInWords[recipe.kind]}</p>
	<Care kind={recipe.kind} />

	{#if !pack}
		<Mix {recipe} {typed} />
	{/if}

	{#each drifted as each (each.load.id)}
		<div class="notice">
			<p>
				{each.name} was shot for a different speed with this recipe: {processInWords(each.load.process!)}.
			</p>
			<ChangeOfLoad
				load={each.load}
				camera={each.camera}
				film={each.film}
				next={processOf(recipe, each.load.process!.push ?? 0)}
			/>
		</div>
	{/each}
	{#if pack}
		<PackTime {recipe} {typed} {loads} {chosen} put={(next) => (ids = next)} />
	{:else if isDeveloper(recipe.kind)}
		<TankTime {recipe} {typed} {baths} {own} {loads} {chosen} {drifted} {put} />
	{/if}
	{#if recipe.notes}<p class="notes">{recipe.notes}</p>{/if}
	<p class="ends">
		<a class="quiet" href={resolve(`/develop/edit/${recipe.id}`)}>Change the recipe</a>
		<a class="quiet" href={resolve(`/develop/edit/new?from=${recipe.id}`)}>Save as another version</a>
	</p>
</div>

<style>
	.ends {
		display: flex;
		flex-wrap: wrap;
		gap: 0.75rem;
		padding-top: 1rem;
	}
	.notes {
		white-space: pre-line;
		padding-block: 1rem;
	}
</style>
