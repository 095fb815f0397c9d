<!-- A recipe on the shelf: what it is for, how long it takes now, and what is left of it. -->
<script lang="ts">
	import { DateTime } from 'luxon';
	import { resolve } from '$app/paths';
	import { isPack, recipeTime, timeAt } from '$core/develop';
	import { formatTemperature, stopsInWords } from '$core/units';
	import { bathInWords, byRuleInWords, clockInWords, leftInWords } from '$words';
	import type { RecipeRecord } from '$contract/records';
	import Menu from '$lib/parts/Menu.svelte';
	import type { Kept } from '$lib/records/client';

	interface Props {
		recipe: Kept<RecipeRecord>;
		/** °C */
		celsius: number;
		erased: () => void;
	}
	let { recipe, celsius, erased }: Props = $props();

	const timed = $derived(recipeTime(recipe, celsius));
	const speed = $derived(recipe.speedStops ?? 0);
	/** A pack is as warm as the air: its whole table, from cold to warm. */
	const ofPack = $derived(
		(recipe.times ?? [])
			.toSorted((a, b) => a.celsius - b.celsius)
			.filter((_, at, all) => at === 0 || at === all.length - 1)
			.map(
				(point) =>
					`${clockInWords(timeAt([point], point.celsius)!.seconds)} at ${formatTemperature(point.celsius)}`
			)
			.join(' to ')
	);
	const time = $derived.by(() => {
		if (isPack(recipe.kind)) return ofPack;
		if (timed)
			return `${clockInWords(timed.seconds)} at ${formatTemperature(celsius)}${byRuleInWords(timed)}`;
		return recipe.times?.length ? `no time at ${formatTemperature(celsius)}` : '';
	});
	const left = $derived(isPack(recipe.kind) ? [] : leftInWords(recipe, DateTime.local().toISODate()));
	const facts = $derived(
		[
			time,
			speed !== 0 && `${speed < 0 ? 'loses' : 'gains'} ${stopsInWords(speed)}`,
			recipe.parts && recipe.powders && 'by parts or from powders',
			...left
		].filter((fact): fact is string => Boolean(fact))
	);
</script>

<article aria-label={recipe.name}>
	<div>
		<h3><a class="plain-link" href={resolve(`/develop/${recipe.id}`)}>{recipe.name}</a></h3>
		<p class="soft">{bathInWords[recipe.kind]}</p>
		{#if facts.length > 0}
			<ul class="facts figures" aria-label="Facts of {recipe.name}">
				{#each facts as fact (fact)}<li>{fact}</li>{/each}
			</ul>
		{/if}
	</div>
	<Menu label="More for {recipe.name}" plain>
		{#snippet children(close)}
			<a class="plain-link" href={resolve(`/develop/edit/${recipe.id}`)}
				>Change<span class="sr-only"> {recipe.name}</span></a
			>
			<a class="plain-link" href={resolve(`/develop/edit/new?from=${recipe.id}`)}
				>Save as another version<span class="sr-only"> of {recipe.name}</span></a
			>
			<button
				class="plain-link"
				aria-label="Delete {recipe.name}"
				onclick={() => {
					close();
					erased();
				}}>Delete</button
			>
		{/snippet}
	</Menu>
</article>

<style>
	article {
		display: flex;
		justify-content: space-between;
		align-items: start;
		gap: 0.75rem;
		padding-block: 0.35rem 0.6rem;
		border-top: 1px solid var(--line);
	}
	h3 {
		font-size: 1.0625rem;
	}
	.facts {
		display: flex;
		flex-wrap: wrap;
		gap: 0 1rem;
	}
</style>
