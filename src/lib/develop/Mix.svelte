<!-- A recipe measured out for the tank: what to take, for how many rolls, and what is left. -->
<script lang="ts">
	import { volumeQuantity } from '$lib/forms/measured';
	import { formatVolume, volumeUnit } from '$core/units';
	import { DateTime } from 'luxon';
	import { byParts, byPowders, mixesLeft, rollsLeft, stockAge } from '$core/develop';
	import { amountInWords, stockInWords } from '$core/words';
	import type { RecipeRecord } from '$contract/records';
	import NumberBox from '$lib/forms/NumberBox.svelte';
	import type { Remembered } from '$lib/timing/remembered.svelte';
	import type { Mixing } from './mixing';

	let { recipe, typed }: { recipe: RecipeRecord; typed: Remembered<Mixing> } = $props();

	const mixed = $derived([
		...(recipe.parts ? byParts(recipe.parts, typed.value.millilitres) : []),
		...(recipe.powders ? byPowders(recipe.powders, typed.value.millilitres) : [])
	]);
	const mixes = $derived(typed.value.stock === null ? null : mixesLeft(mixed, typed.value.stock));
	const counted = (count: number, one: string, many: string) => (count === 1 ? one : `${count} ${many}`);
	const left = $derived(rollsLeft(recipe.rollsPerLitre, typed.value.millilitres, typed.value.rolls));
	const age = $derived(stockAge(recipe, DateTime.local().toISODate()));
</script>

<section aria-labelledby="mix-title">
	<h2 id="mix-title">Mix</h2>
	<div class="fields">
		<NumberBox
			label="Working solution, {volumeUnit()}"
			quantity={volumeQuantity}
			value={typed.value.millilitres}
			least={1}
			most={100_000}
			problem="must be a volume, such as 500 ml"
			onchange={(millilitres) => millilitres && typed.set({ millilitres })}
		/>
		<NumberBox
			label="Rolls at a time"
			value={typed.value.atOnce}
			least={1}
			most={100}
			problem="must be a number of rolls"
			onchange={(atOnce) => atOnce && typed.set({ atOnce })}
		/>
		<NumberBox
			label="Stock left of each, {volumeUnit()}"
			quantity={volumeQuantity}
			value={typed.value.stock ?? undefined}
			least={0}
			most={100_000}
			problem="must be a volume, such as 500 ml"
			onchange={(stock) => typed.set({ stock: stock ?? null })}
		/>
		{#if recipe.rollsPerLitre !== undefined}
			<NumberBox
				label="Rolls already done in it"
				value={typed.value.rolls}
				least={0}
				most={1000}
				problem="must be a number of rolls"
				onchange={(rolls) => rolls !== undefined && typed.set({ rolls })}
			/>
		{/if}
	</div>
	<ol class="amounts">
		{#each mixed as measured (measured.name)}
			<li>
				<span>{measured.name}</span>
				<strong class="figure figures">{amountInWords(measured)}</strong>
			</li>
		{/each}
	</ol>
	{#if recipe.powders}
		<p>
			Start with three quarters of the water, warm. Dissolve each completely before the next, in this order.
			Top up to {formatVolume(typed.value.millilitres)}.
		</p>
	{/if}
	<p>
		{#if typed.value.atOnce > 1}
			{formatVolume(typed.value.millilitres / typed.value.atOnce)} for each of {typed.value.atOnce} rolls.
		{/if}
		{#if recipe.rollsPerLitre === undefined}
			One-shot: use it once, then discard it.
		{:else if left === 0}
			It’s exhausted: mix fresh.
		{:else}
			Good for {counted(left, 'one more roll', 'more rolls')}{left < typed.value.atOnce
				? ', fewer than you’re putting in: mix more.'
				: '.'}
		{/if}
		{#if mixes !== null}
			{mixes === 0
				? 'There isn’t enough stock left.'
				: `Enough stock for ${counted(mixes, 'one mix', 'mixes')}.`}
		{/if}
	</p>
	{#if age}<p class:notice={age.left !== undefined && age.left <= 0}>{stockInWords(age)}</p>{/if}
</section>

<style>
	section {
		padding-top: 1rem;
	}
	.amounts {
		max-width: 26rem;
	}
	.amounts li {
		display: flex;
		justify-content: space-between;
		align-items: baseline;
		border-bottom: 1px solid var(--line);
		padding: 0.3rem 0;
	}
	.amounts strong {
		font-size: 1.5rem;
	}
</style>
