<!-- One recipe measured out for the tank, how long it takes at its temperature, and the way to run it. -->
<script lang="ts">
	import { temperatureQuantity } from '$lib/forms/measured';
	import { formatTemperature, temperatureUnit } from '$core/units';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { v4 as uuid } from 'uuid';
	import {
		isPack,
		movementFactor,
		movements,
		processOf,
		pushes,
		pushFactor,
		timeAt,
		usualSteps
	} from '$core/develop';
	import { bathInWords, clockInWords, processInWords, timedInWords } from '$core/words';
	import type { CameraRecord, FilmRecord, LoadRecord, RecipeRecord } from '$contract/records';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import NumberBox from '$lib/forms/NumberBox.svelte';
	import type { Kept } from '$lib/records/client';
	import { Remembered } from '$lib/timing/remembered.svelte';
	import Care from './Care.svelte';
	import Mix from './Mix.svelte';
	import ChangeOfLoad from './ChangeOfLoad.svelte';
	import type { Mixing } from './mixing';
	import { runs } from './runs.svelte';

	interface Waiting {
		name: string;
		load: Kept<LoadRecord>;
		camera: Kept<CameraRecord>;
		film: Kept<FilmRecord>;
	}
	interface Props {
		recipe: Kept<RecipeRecord>;
		/** Loads that wait to be developed in such a thing. */
		loads: Waiting[];
	}
	let { recipe, loads }: Props = $props();

	const NONE = '';
	// svelte-ignore state_referenced_locally -- a page of another recipe is another page
	const typed = new Remembered<Mixing>(`mix-${recipe.id}`, {
		millilitres: 500,
		celsius: 20,
		push: 0,
		movement: 'usual',
		rolls: 0,
		atOnce: 1,
		stock: null
	});
	let loadId = $state(NONE);

	const table = $derived(recipe.times ?? []);
	const pack = $derived(isPack(recipe.kind));
	const factor = $derived(pack ? 1 : pushFactor(typed.value.push) * movementFactor(typed.value.movement));
	const timed = $derived(timeAt(table, typed.value.celsius, factor));
	const develops = $derived(recipe.kind.endsWith('developer') || pack);
	const chosen = $derived(loads.find(({ load }) => load.id === loadId) ?? null);
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
	{#if develops}
		<section aria-labelledby="time-title">
			<h2 id="time-title">Time</h2>
			<div class="fields">
				<NumberBox
					label="{pack ? 'Temperature of the picture' : 'Its temperature'}, {temperatureUnit()}"
					quantity={temperatureQuantity}
					value={typed.value.celsius}
					least={0}
					most={60}
					problem="must be a temperature, such as {formatTemperature(20)}"
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
						label="Agitation"
						value={typed.value.movement}
						options={movements.map(({ id, name }) => ({ value: id, name }))}
						onchange={(movement) => typed.set({ movement })}
					/>
				{/if}
				<ChoiceField
					label={pack ? 'From which pack' : 'What is in the tank'}
					value={loadId}
					options={[
						{ value: NONE, name: pack ? 'a pack not logged here' : 'a film not logged here' },
						...loads.map(({ load, name }) => ({ value: load.id, name }))
					]}
					onchange={(id) => (loadId = id)}
				/>
			</div>
			{#if chosen && drifts}
				<div class="notice">
					<p>
						Planned development: {chosen.load.process
							? processInWords(chosen.load.process)
							: 'as the film says'}.
					</p>
					<ChangeOfLoad load={chosen.load} camera={chosen.camera} film={chosen.film} next={process} />
				</div>
			{/if}
			{#if timed}
				<p class="answer figure figures" role="status">{timedInWords(timed)}</p>
				<button class="action" onclick={run}>Ready: {clockInWords(timed.seconds)}</button>
			{:else}
				<p role="status">
					{table.length === 0
						? 'No times yet: add yours to the recipe.'
						: 'Your table doesn’t reach that temperature, and a guess would be worthless. Bring the bath closer to it, or add a time.'}
				</p>
			{/if}
		</section>
	{/if}
	{#if recipe.notes}<p class="notes">{recipe.notes}</p>{/if}
	<p class="ends">
		<a class="quiet" href={resolve(`/develop/edit/${recipe.id}`)}>Change the recipe</a>
		<a class="quiet" href={resolve(`/develop/edit/new?from=${recipe.id}`)}>Save as another version</a>
	</p>
</div>

<style>
	section {
		padding-top: 1rem;
	}
	.answer {
		padding-block: 0.75rem 0.5rem;
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
