<!-- One recipe measured out for the tank, how long it takes at its temperature, and the way to run it. -->
<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { DateTime } from 'luxon';
	import { v4 as uuid } from 'uuid';
	import {
		byParts,
		byPowders,
		isPack,
		mixesLeft,
		movementFactor,
		movements,
		processOf,
		pushes,
		pushFactor,
		rollsLeft,
		stockAge,
		timeAt,
		usualSteps,
		type Movement
	} from '$core/develop';
	import { isDevelopedLater } from '$core/film';
	import {
		amountInWords,
		bathInWords,
		clockInWords,
		processInWords,
		stockInWords,
		timedInWords
	} from '$core/words';
	import type { CameraRecord, FilmRecord, FrameRecord, LoadRecord, RecipeRecord } from '$contract/records';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import NumberBox from '$lib/forms/NumberBox.svelte';
	import type { Kept } from '$lib/records/client';
	import { Remembered } from '$lib/timing/remembered.svelte';
	import Care from './Care.svelte';
	import ProcessChange from './ProcessChange.svelte';
	import { runs } from './runs.svelte';

	interface Waiting {
		name: string;
		load: Kept<LoadRecord>;
		camera: Kept<CameraRecord>;
		film: Kept<FilmRecord>;
		frames: Kept<FrameRecord>[];
	}
	interface Props {
		recipe: Kept<RecipeRecord>;
		/** Loads that wait to be developed. */
		loads: Waiting[];
	}
	let { recipe, loads }: Props = $props();

	const NONE = '';
	// svelte-ignore state_referenced_locally -- a page of another recipe is another page
	const typed = new Remembered(`mix-${recipe.id}`, {
		millilitres: 500,
		celsius: 20,
		push: 0,
		movement: 'usual' as Movement,
		rolls: 0,
		atOnce: 1,
		stock: null as number | null
	});
	let loadId = $state(NONE);

	const mixed = $derived([
		...(recipe.parts ? byParts(recipe.parts, typed.value.millilitres) : []),
		...(recipe.powders ? byPowders(recipe.powders, typed.value.millilitres) : [])
	]);
	const age = $derived(stockAge(recipe, DateTime.local().toISODate()));
	const table = $derived(recipe.times ?? []);
	const pack = $derived(isPack(recipe.kind));
	const factor = $derived(pack ? 1 : pushFactor(typed.value.push) * movementFactor(typed.value.movement));
	const timed = $derived(timeAt(table, typed.value.celsius, factor));
	const mixes = $derived(typed.value.stock === null ? null : mixesLeft(mixed, typed.value.stock));
	const counted = (count: number, one: string, many: string) => (count === 1 ? one : `${count} ${many}`);
	const left = $derived(rollsLeft(recipe.rollsPerLitre, typed.value.millilitres, typed.value.rolls));
	const develops = $derived(recipe.kind.endsWith('developer') || pack);
	const waiting = $derived(loads.filter(({ film }) => isDevelopedLater(film) !== pack));
	const chosen = $derived(waiting.find(({ load }) => load.id === loadId) ?? null);
	/** What the load would have to be shot for; the same change of speed by another name is no other. */
	const process = $derived(processOf(recipe, typed.value.push));
	/** Loads that count with what this recipe did to film speed before it was changed. */
	const drifted = $derived(
		loads.filter(
			({ load: { process } }) =>
				process?.recipeId === recipe.id && process.stops !== processOf(recipe, process.push ?? 0)!.stops
		)
	);

	const drifts = $derived(
		chosen !== null &&
			!pack &&
			!drifted.includes(chosen) &&
			(chosen.load.process?.stops ?? 0) !== (process?.stops ?? 0)
	);

	async function run() {
		if (!timed) return;
		runs.add({
			id: uuid(),
			recipe: recipe.name,
			recipeId: recipe.id,
			// A picture of a pack is developed by itself: the pack goes on.
			...(chosen && !pack ? { loadId: chosen.load.id } : {}),
			what: chosen?.name ?? (pack ? 'a picture' : 'a film'),
			celsius: [typed.value.celsius],
			steps: usualSteps(recipe.kind, Math.round(timed.seconds), typed.value.movement),
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

	{#if !pack}
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
				<NumberBox
					label="Rolls in it at once"
					value={typed.value.atOnce}
					least={1}
					most={100}
					problem="must be a number of rolls"
					onchange={(atOnce) => atOnce && typed.set({ atOnce })}
				/>
				<NumberBox
					label="Left of each stock, ml"
					value={typed.value.stock ?? undefined}
					least={0}
					most={100_000}
					problem="must be millilitres, such as 500"
					onchange={(stock) => typed.set({ stock: stock ?? null })}
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
				{#each mixed as measured (measured.name)}
					<li>
						<span>{measured.name}</span>
						<strong class="figure figures">{amountInWords(measured)}</strong>
					</li>
				{/each}
			</ol>
			{#if recipe.powders}
				<p>
					Begin with three quarters of the water, warm; dissolve each wholly before the next, in this order;
					fill up to {typed.value.millilitres} ml.
				</p>
			{/if}
			<p>
				{#if typed.value.atOnce > 1}
					{Math.round(typed.value.millilitres / typed.value.atOnce)} ml for each of {typed.value.atOnce} rolls.
				{/if}
				{#if recipe.rollsPerLitre === undefined}
					Used once, then given up.
				{:else if left === 0}
					It is used up: mix it afresh.
				{:else}
					It does {counted(left, 'one more roll', 'more rolls')}{left < typed.value.atOnce
						? ', fewer than are to go in: mix more.'
						: '.'}
				{/if}
				{#if mixes !== null}
					{mixes === 0
						? 'There is too little stock left for it.'
						: `The stock is enough for it ${counted(mixes, 'once', 'times')}.`}
				{/if}
			</p>
			{#if age}<p class:notice={age.left !== undefined && age.left <= 0}>{stockInWords(age)}</p>{/if}
		</section>
	{/if}

	{#each drifted as each (each.load.id)}
		<div class="notice">
			<p>{each.name} was shot for another speed of this recipe: {processInWords(each.load.process!)}.</p>
			<ProcessChange {...each} next={processOf(recipe, each.load.process!.push ?? 0)} />
		</div>
	{/each}
	{#if develops}
		<section aria-labelledby="time-title">
			<h2 id="time-title">Time</h2>
			<div class="fields">
				<NumberBox
					label={pack ? 'Temperature of the picture, °C' : 'Its temperature, °C'}
					value={typed.value.celsius}
					least={0}
					most={60}
					problem="must be a temperature, such as 20"
					onchange={(celsius) => celsius !== undefined && typed.set({ celsius })}
				/>
				{#if !pack}
					<ChoiceField
						label="Push or pull"
						value={String(typed.value.push)}
						options={pushes.map(({ stops, name }) => ({ value: String(stops), name }))}
						onchange={(push) => typed.set({ push: Number(push) })}
					/>
					<ChoiceField
						label="Moved"
						value={typed.value.movement}
						options={movements.map(({ id, name }) => ({ value: id, name }))}
						onchange={(movement) => typed.set({ movement })}
					/>
				{/if}
				<ChoiceField
					label={pack ? 'From which pack' : 'What is in the tank'}
					value={loadId}
					options={[
						{ value: NONE, name: pack ? 'a pack that is not in here' : 'a film that is not in here' },
						...waiting.map(({ load, name }) => ({ value: load.id, name }))
					]}
					onchange={(id) => (loadId = id)}
				/>
			</div>
			{#if chosen && drifts}
				<div class="notice">
					<p>
						It was to be developed {chosen.load.process
							? processInWords(chosen.load.process)
							: 'as its film says'}.
					</p>
					<ProcessChange {...chosen} next={process} />
				</div>
			{/if}
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
	<p class="ends">
		<a class="quiet" href={resolve(`/develop/edit/${recipe.id}`)}>Change the recipe</a>
		<a class="quiet" href={resolve(`/develop/edit/new?from=${recipe.id}`)}>Another version of it</a>
	</p>
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
	.answer {
		padding-block: 0.75rem 0.5rem;
	}
	.amounts strong,
	.answer {
		font-size: 1.5rem;
	}
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
