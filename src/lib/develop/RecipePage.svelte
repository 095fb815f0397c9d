<!-- One recipe measured out for the tank, how long it takes at its temperature, and the way to run it. -->
<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { v4 as uuid } from 'uuid';
	import { byParts, byPowders, rollsLeft, timeAt, usualSteps } from '$core/develop';
	import { amountInWords, bathInWords, clockInWords, timedInWords } from '$core/words';
	import type { RecipeRecord } from '$contract/records';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import NumberBox from '$lib/forms/NumberBox.svelte';
	import type { Kept } from '$lib/records/client';
	import { Remembered } from '$lib/timing/remembered.svelte';
	import Care from './Care.svelte';
	import { runs } from './runs.svelte';

	interface Props {
		recipe: Kept<RecipeRecord>;
		/** Loads that wait to be developed. */
		loads: { id: string; name: string }[];
	}
	let { recipe, loads }: Props = $props();

	const NONE = '';
	const pushes = [
		{ value: '1', name: 'as it is' },
		{ value: '1.4', name: 'pushed a stop, 1.4 × the time' },
		{ value: '0.75', name: 'pulled a stop, ¾ of the time' }
	];
	const typed = new Remembered('mix', { millilitres: 500, celsius: 20, factor: '1', rolls: 0 });
	let loadId = $state(NONE);

	const parts = $derived(recipe.parts ? byParts(recipe.parts, typed.value.millilitres) : []);
	const powders = $derived(recipe.powders ? byPowders(recipe.powders, typed.value.millilitres) : []);
	const table = $derived(recipe.times ?? []);
	const timed = $derived(timeAt(table, typed.value.celsius, Number(typed.value.factor)));
	const left = $derived(rollsLeft(recipe.rollsPerLitre, typed.value.millilitres, typed.value.rolls));
	const develops = $derived(recipe.kind.endsWith('developer'));

	async function run() {
		if (!timed) return;
		runs.add({
			id: uuid(),
			recipe: recipe.name,
			recipeId: recipe.id,
			...(loadId === NONE ? {} : { loadId }),
			what: loads.find(({ id }) => id === loadId)?.name ?? 'a film',
			celsius: [typed.value.celsius],
			steps: usualSteps(recipe.kind, Math.round(timed.seconds)),
			done: [],
			begunAt: null
		});
		await goto(resolve('/develop/run'));
	}
</script>

<svelte:head><title>{recipe.name} · Just Enough</title></svelte:head>
<div class="page">
	<p><a class="plain-link" href={resolve('/develop')}>Back to Develop</a></p>
	<h1>{recipe.name}</h1>
	<p class="soft">{bathInWords[recipe.kind]}</p>
	<Care kind={recipe.kind} />

	<section aria-labelledby="mix-title">
		<h2 id="mix-title">Mix</h2>
		<div class="fields">
			<NumberBox
				label="Working solution, ml"
				value={typed.value.millilitres}
				least={1}
				most={100_000}
				problem="must be millilitres, such as 500"
				onchange={(millilitres) => millilitres && typed.set({ millilitres })}
			/>
			{#if recipe.rollsPerLitre !== undefined}
				<NumberBox
					label="Rolls done in it already"
					value={typed.value.rolls}
					least={0}
					most={1000}
					problem="must be a number of rolls"
					onchange={(rolls) => rolls !== undefined && typed.set({ rolls })}
				/>
			{/if}
		</div>
		<ol class="amounts">
			{#each parts as part (part.name)}
				<li><span>{part.name}</span> <strong class="figure figures">{amountInWords(part, 'ml')}</strong></li>
			{/each}
			{#each powders as powder, at (powder.name)}
				<li>
					<span>{at + 1}. {powder.name}</span>
					<strong class="figure figures">{amountInWords(powder, 'g')}</strong>
				</li>
			{/each}
		</ol>
		{#if powders.length > 0}
			<p>
				Begin with three quarters of the water, warm; dissolve each wholly before the next; fill up to {typed
					.value.millilitres} ml.
			</p>
		{/if}
		<p>
			{recipe.rollsPerLitre === undefined
				? 'Used once, then given up.'
				: left === 0
					? 'It is used up: mix it afresh.'
					: `It does ${left === 1 ? 'one more roll' : `${left} more rolls`}.`}
		</p>
		{#if recipe.speedStops}
			<p>
				It changes the speed of a film: say so at the film, before you shoot, as its change by development.
			</p>
		{/if}
	</section>

	{#if develops}
		<section aria-labelledby="time-title">
			<h2 id="time-title">Time</h2>
			<div class="fields">
				<NumberBox
					label="Its temperature, °C"
					value={typed.value.celsius}
					least={0}
					most={60}
					problem="must be a temperature, such as 20"
					onchange={(celsius) => celsius !== undefined && typed.set({ celsius })}
				/>
				<ChoiceField
					label="Developed"
					value={typed.value.factor}
					options={pushes}
					onchange={(factor) => typed.set({ factor })}
				/>
				<ChoiceField
					label="What is in the tank"
					value={loadId}
					options={[
						{ value: NONE, name: 'a film that is not in here' },
						...loads.map(({ id, name }) => ({ value: id, name }))
					]}
					onchange={(id) => (loadId = id)}
				/>
			</div>
			{#if timed}
				<p class="answer figure figures" role="status">{timedInWords(timed)}</p>
				<button class="action" onclick={run}>Ready: {clockInWords(timed.seconds)}</button>
			{:else}
				<p role="status">
					{table.length === 0
						? 'It has no times yet: write yours down in the recipe.'
						: 'Your table does not reach that temperature, and a guess would be worth nothing. Bring the bath nearer to it, or add a point.'}
				</p>
			{/if}
		</section>
	{/if}
	{#if recipe.notes}<p class="notes">{recipe.notes}</p>{/if}
	<p><a class="quiet" href={resolve(`/develop/edit/${recipe.id}`)}>Change the recipe</a></p>
</div>

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
	.amounts strong,
	.answer {
		font-size: 1.5rem;
	}
	.notes {
		white-space: pre-line;
		padding-block: 1rem;
	}
</style>
