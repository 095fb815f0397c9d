<!-- A recipe measured out for the tank: what to take, for how many rolls, and what is left. -->
<script lang="ts">
	import { DateTime } from 'luxon';
	import { mixedAnew, mixesLeft, rollsLeft, stockAge, stockFor } from '$core/develop';
	import { formatVolume, volumeUnit } from '$core/units';
	import { amountInWords, stockInWords } from '$words';
	import type { RecipeRecord } from '$contract/records';
	import { volumeQuantity } from '$lib/forms/measured';
	import NumberBox from '$lib/forms/NumberBox.svelte';
	import { replace, type Kept } from '$lib/records/client';
	import { refresh } from '$lib/records/refresh';
	import type { Remembered } from '$lib/timing/remembered.svelte';
	import { mixedFrom, type Mixing } from './mixing';

	let { recipe, typed }: { recipe: Kept<RecipeRecord>; typed: Remembered<Mixing> } = $props();

	const { parts, powders } = $derived(mixedFrom(recipe, typed.value.millilitres));
	/** Water that the recipe itself begins with. */
	const poured = $derived(recipe.powders?.some(({ millilitres }) => millilitres !== undefined) ?? false);
	const takes = $derived(stockFor([...parts, ...powders]));

	/** As it is typed and not saved yet; absent: as the recipe says. */
	let counted = $state<{ stockLeft?: number; rollsDone?: number }>({});
	const stockLeft = $derived('stockLeft' in counted ? counted.stockLeft : recipe.stockLeft);
	const rollsDone = $derived(('rollsDone' in counted ? counted.rollsDone : recipe.rollsDone) ?? 0);
	const differs = $derived(stockLeft !== recipe.stockLeft || rollsDone !== (recipe.rollsDone ?? 0));
	let says = $state('');

	const mixes = $derived(stockLeft === undefined ? null : mixesLeft([...parts, ...powders], stockLeft));
	const many = (count: number, one: string, more: string) => (count === 1 ? one : `${count} ${more}`);
	const left = $derived(rollsLeft(recipe.rollsPerLitre, typed.value.millilitres, rollsDone));
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
	</div>
	<div class="ways">
		{#if parts.length > 0}{@render amounts('By parts', parts)}{/if}
		{#if parts.length > 0 && powders.length > 0}<p class="or figure">or</p>{/if}
		{#if powders.length > 0}
			<div>
				{@render amounts('From powders', powders)}
				<p class="small">
					{#if !poured}Start with three quarters of the water, warm.{/if}
					Dissolve each completely before the next, in this order. Top up to {formatVolume(
						typed.value.millilitres
					)}.
				</p>
			</div>
		{/if}
	</div>
	<p>
		{#if typed.value.atOnce > 1}
			{formatVolume(typed.value.millilitres / typed.value.atOnce)} for each of {typed.value.atOnce} rolls.
		{/if}
		{#if recipe.rollsPerLitre === undefined}
			One-shot: use it once, then discard it.
		{:else if left === 0}
			It’s exhausted: mix fresh.
		{:else}
			Good for {many(left, 'one more roll', 'more rolls')}{left < typed.value.atOnce
				? ', fewer than you’re putting in: mix more.'
				: '.'}
		{/if}
		{#if mixes !== null}
			{mixes === 0
				? 'There isn’t enough stock left.'
				: `Enough stock for ${many(mixes, 'one mix', 'mixes')}.`}
		{/if}
	</p>
	{#if age}<p class:notice={age.left !== undefined && age.left <= 0}>{stockInWords(age)}</p>{/if}
	<details open={differs || undefined}>
		<summary>What is left</summary>
		<div class="fields">
			{#if takes > 0}
				<NumberBox
					label="Stock left of each, {volumeUnit()}"
					quantity={volumeQuantity}
					hint="each logged tank takes its share off"
					value={stockLeft}
					least={0}
					most={100_000}
					problem="must be a volume, such as 500 ml"
					onchange={(next) => (counted = { ...counted, stockLeft: next })}
				/>
			{/if}
			{#if recipe.rollsPerLitre !== undefined}
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
				<button class="quiet" onclick={() => save({ stockLeft, rollsDone }, 'Saved with the recipe.')}
					>Save what is left</button
				>
			{/if}
			{#if recipe.rollsPerLitre !== undefined}
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
	.ends {
		display: flex;
		flex-wrap: wrap;
		gap: 0.75rem;
	}
</style>
