<!-- A recipe measured out for the tank: what to take, for how many rolls, and what is left. -->
<script lang="ts">
	import { DateTime } from 'luxon';
	import {
		mixedAnew,
		mixesLeft,
		replenisherFor,
		rollsLeft,
		servesAgain,
		stockAge,
		stockFor
	} from '$core/develop';
	import { formatVolume, volumeUnit } from '$core/units';
	import { amountInWords, exchangedInWords, stockInWords } from '$words';
	import type { RecipeRecord } from '$contract/records';
	import { volumeQuantity } from '$lib/forms/measured';
	import NumberBox from '$lib/forms/NumberBox.svelte';
	import { plainNumber } from '$lib/forms/quantity';
	import { replace, type Kept } from '$lib/records/client';
	import { refresh } from '$lib/records/refresh';
	import type { Remembered } from '$lib/timing/remembered.svelte';
	import { askedWater, mixedFrom, waterIn, type Mixing } from './mixing';

	let { recipe, typed }: { recipe: Kept<RecipeRecord>; typed: Remembered<Mixing> } = $props();

	const { millilitres, atOnce } = $derived(typed.value);
	const own = $derived(waterIn(recipe));
	const water = $derived(askedWater(recipe, typed.value));
	const { parts, powders } = $derived(mixedFrom(recipe, millilitres, water));
	const taken = $derived([...parts, ...powders]);
	/** Water that the recipe itself begins with. */
	const poured = $derived(recipe.powders?.some(({ millilitres }) => millilitres !== undefined) ?? false);
	const takes = $derived(stockFor(taken));
	const usually = $derived.by(() => {
		const asMixed = mixedFrom(recipe, millilitres);
		return stockFor([...asMixed.parts, ...asMixed.powders]);
	});
	const refill = $derived(replenisherFor(recipe, atOnce));

	/** As it is typed and not saved yet; absent: as the recipe says. */
	let counted = $state<Partial<Pick<RecipeRecord, 'stockLeft' | 'replenisherLeft' | 'rollsDone'>>>({});
	const stockLeft = $derived('stockLeft' in counted ? counted.stockLeft : recipe.stockLeft);
	const rollsDone = $derived(('rollsDone' in counted ? counted.rollsDone : recipe.rollsDone) ?? 0);
	const replenisherLeft = $derived(
		'replenisherLeft' in counted ? counted.replenisherLeft : recipe.replenisherLeft
	);
	const differs = $derived(
		stockLeft !== recipe.stockLeft ||
			replenisherLeft !== recipe.replenisherLeft ||
			rollsDone !== (recipe.rollsDone ?? 0)
	);
	let says = $state('');

	const mixes = $derived(stockLeft === undefined ? null : mixesLeft(taken, stockLeft));
	const many = (count: number, one: string, more: string) => (count === 1 ? one : `${count} ${more}`);
	const left = $derived(rollsLeft({ ...recipe, rollsDone }, millilitres));
	const today = DateTime.local().toISODate();
	const age = $derived(stockAge(recipe, today));

	async function save(changes: Partial<RecipeRecord>, done: string) {
		const written = await replace('recipes', { ...$state.snapshot(recipe), ...changes } as typeof recipe);
		says =
			written.result === 'saved'
				? done
				: written.result === 'stale'
					? 'This recipe was changed elsewhere. This is how it is now; save again.'
					: 'Not saved: the server isn’t answering. Try again.';
		if (written.result === 'saved') counted = {};
		if (written.result !== 'unreachable') await refresh();
	}
</script>

{#snippet amounts(label: string, all: typeof parts)}
	<ol class="amounts" aria-label={label}>
		{#each all as measured (measured.name)}
			<li>
				<span>{measured.name}</span>
				<strong class="figure figures">{amountInWords(measured)}</strong>
			</li>
		{/each}
	</ol>
{/snippet}

{#snippet bottle(label: string, what: 'stockLeft' | 'replenisherLeft', left: number | undefined)}
	<NumberBox
		label="{label}, {volumeUnit()}"
		quantity={volumeQuantity}
		hint="each logged tank takes its share off"
		value={left}
		least={0}
		most={100_000}
		problem="must be a volume, such as 500 ml"
		onchange={(next) => (counted = { ...counted, [what]: next })}
	/>
{/snippet}

<section aria-labelledby="mix-title">
	<h2 id="mix-title">Mix</h2>
	<div class="fields">
		<NumberBox
			label="Working solution, {volumeUnit()}"
			quantity={volumeQuantity}
			value={millilitres}
			least={1}
			most={100_000}
			problem="must be a volume, such as 500 ml"
			onchange={(millilitres) => millilitres && typed.set({ millilitres })}
		/>
		<NumberBox
			label="Rolls at a time"
			value={atOnce}
			least={1}
			most={100}
			problem="must be a number of rolls"
			onchange={(atOnce) => atOnce && typed.set({ atOnce })}
		/>
		{#if own !== null}
			<NumberBox
				label="Water to one part of stock"
				hint={water === undefined ? 'as the recipe has it' : `the recipe has ${plainNumber.show(own)}`}
				value={water ?? own}
				least={0}
				most={1000}
				problem="must be parts of water, such as 9"
				onchange={(water) => water !== undefined && typed.set({ water })}
			/>
		{/if}
	</div>
	<div class="ways">
		{#if parts.length > 0}{@render amounts('By parts', parts)}{/if}
		{#if parts.length > 0 && powders.length > 0}<p class="or figure">or</p>{/if}
		{#if powders.length > 0}
			<div>
				{@render amounts('From powders', powders)}
				<p class="small">
					{#if !poured}Start with three quarters of the water, warm.{/if}
					Dissolve each completely before the next, in this order. Top up to {formatVolume(millilitres)}.
				</p>
			</div>
		{/if}
	</div>
	<p>
		{#if atOnce > 1}
			{formatVolume(millilitres / atOnce)} for each of {atOnce} rolls.
		{/if}
		{#if recipe.replenish !== undefined}
			Replenished: afterwards {exchangedInWords(refill)}{atOnce > 1
				? `, ${formatVolume(recipe.replenish)} for each roll`
				: ''}.
			{#if replenisherLeft !== undefined}
				{replenisherLeft < refill
					? 'There isn’t enough replenisher left.'
					: `Enough replenisher for ${many(Math.floor(replenisherLeft / recipe.replenish + 1e-9), 'one roll', 'rolls')}.`}
			{/if}
		{:else if recipe.rollsPerLitre === undefined}
			One-shot: use it once, then discard it.
		{:else if left === 0}
			It’s exhausted: mix fresh.
		{:else if left !== null}
			Good for {many(left, 'one more roll', 'more rolls')}{left < atOnce
				? ', fewer than you’re putting in: mix more.'
				: '.'}
		{/if}
		{#if mixes !== null}
			{mixes === 0
				? 'There isn’t enough stock left.'
				: `Enough stock for ${many(mixes, 'one mix', 'mixes')}.`}
		{/if}
	</p>
	{#if takes < usually}
		<p>
			That leaves {formatVolume(takes / atOnce)} of stock for each roll; as the recipe is mixed it would be {formatVolume(
				usually / atOnce
			)}. Check the maker’s minimum.
		</p>
	{/if}
	{#if age}<p class:notice={age.left !== undefined && age.left <= 0}>{stockInWords(age)}</p>{/if}
	<details open={differs || undefined}>
		<summary>What is left</summary>
		<div class="fields">
			{#if takes > 0}{@render bottle('Stock left of each', 'stockLeft', stockLeft)}{/if}
			{#if recipe.replenish !== undefined}
				{@render bottle('Replenisher left', 'replenisherLeft', replenisherLeft)}
			{/if}
			{#if servesAgain(recipe)}
				<NumberBox
					label="Rolls already done in it"
					hint="each logged tank adds its rolls"
					value={rollsDone}
					least={0}
					most={1000}
					problem="must be a number of rolls"
					onchange={(rolls) => rolls !== undefined && (counted = { ...counted, rollsDone: rolls })}
				/>
			{/if}
		</div>
		<div class="ends">
			{#if differs}
				<button
					class="quiet"
					onclick={() => save({ stockLeft, replenisherLeft, rollsDone }, 'Saved with the recipe.')}
					>Save what is left</button
				>
			{/if}
			{#if servesAgain(recipe)}
				<button class="quiet" onclick={() => save(mixedAnew(recipe, takes, today), 'It’s fresh from today.')}
					>Mixed fresh today</button
				>
			{/if}
		</div>
	</details>
	<p aria-live="polite">{says}</p>
</section>

<style>
	section {
		padding-top: 1rem;
	}
	.ways {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem 2rem;
		align-items: start;
	}
	.ways > :global(:not(.or)) {
		flex: 0 1 26rem;
	}
	.or {
		padding-top: 0.6rem;
		font-size: 1.25rem;
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
	.ways + p {
		padding-top: 0.75rem;
	}
	.ends {
		display: flex;
		flex-wrap: wrap;
		gap: 0.75rem;
	}
</style>
