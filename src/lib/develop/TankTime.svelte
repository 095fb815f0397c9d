<!-- How long a tank is developed: what is in it, how warm, how it is moved, what goes before and after. -->
<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import {
		agitationOf,
		movementFactor,
		movements,
		ownTimed,
		processOf,
		pushes,
		pushFactor,
		recipeTime,
		usualSteps,
		type TimedDiluted
	} from '$core/develop';
	import { agitationInWords, listed, ownTimeInWords, processInWords } from '$words';
	import type { RecipeRecord } from '$contract/records';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import type { Kept } from '$lib/records/client';
	import type { Remembered } from '$lib/timing/remembered.svelte';
	import Answer from './Answer.svelte';
	import { bath } from './bath.svelte';
	import ChangeOfLoad from './ChangeOfLoad.svelte';
	import CourseFields from './CourseFields.svelte';
	import InTank from './InTank.svelte';
	import { askedWater, bathOf, takenOf, type Mixing } from './mixing';
	import Reels from './Reels.svelte';
	import { begun, runs } from './runs.svelte';
	import { ownOf, type InTheTank, type Own } from './tanks';
	import TemperatureBox from './TemperatureBox.svelte';
	import ToFetch from './ToFetch.svelte';

	interface Props {
		recipe: Kept<RecipeRecord>;
		typed: Remembered<Mixing>;
		/** Stop baths and fixers of the shelf. */
		baths: readonly Kept<RecipeRecord>[];
		/** What the person's own negatives say of its times. */
		own: readonly Own[];
		/** Loads that wait, and those of them that are in the tank. */
		loads: readonly InTheTank[];
		chosen: readonly InTheTank[];
		/** Those that count with what the recipe once did: said elsewhere. */
		drifted: readonly InTheTank[];
		put: (ids: readonly string[]) => void;
	}
	let { recipe, typed, baths, own, loads, chosen, drifted, put }: Props = $props();

	const ids = $derived(chosen.map(({ load }) => load.id));
	const { celsius } = $derived(bath.value);
	const { push, movement } = $derived(typed.value);
	const water = $derived(askedWater(recipe, typed.value));
	/** What negatives of the film in the tank say; the table is used where the person wants that. */
	const told = $derived(ownOf(recipe.id, chosen, own));
	let byTable = $state(false);
	const timed = $derived.by(() => {
		const factor = pushFactor(push) * movementFactor(movement);
		const plain = recipeTime(recipe, celsius, { factor, water });
		return plain && told && !byTable ? ownTimed(plain, told) : plain;
	});
	/** What the load would have to be shot for; the same change of speed by another name is no other. */
	const process = $derived(processOf(recipe, push));
	/** Of what is in the tank, what was shot for another speed than it would be developed for. */
	const drifts = $derived(
		chosen.filter(
			(each) => !drifted.includes(each) && (each.load.process?.stops ?? 0) !== (process?.stops ?? 0)
		)
	);

	async function run({ seconds }: TimedDiluted) {
		const { prewash, wash } = typed.value;
		const after = (['stop', 'fixer'] as const).flatMap((kind) => {
			const bath = bathOf(baths, kind, typed.value);
			const step = kind === 'stop' ? 'Stop' : 'Fix';
			return bath ? [{ step, recipeId: bath.id, ...takenOf(bath, typed.value) }] : [];
		});
		runs.add({
			...begun(recipe, {
				what: chosen.length > 0 ? listed(chosen.map(({ name }) => name)) : 'a film',
				celsius,
				steps: usualSteps(recipe, Math.round(seconds), movement, { prewash, wash })
			}),
			loadIds: ids,
			used: takenOf(recipe, typed.value, water),
			...{ baths: after, movement, water }
		});
		await goto(resolve('/develop/run'));
	}
</script>

<section aria-labelledby="time-title">
	<h2 id="time-title">Time</h2>
	<div class="fields">
		<TemperatureBox
			label="Bath temperature"
			value={celsius}
			onchange={(celsius) => celsius !== undefined && bath.set({ celsius })}
		/>
		<ChoiceField
			label="Push or pull"
			value={String(push)}
			options={pushes.map(({ stops, name }) => ({ value: String(stops), name }))}
			onchange={(push) => typed.set({ push: Number(push) })}
		/>
		<ChoiceField
			label="Agitation"
			value={movement}
			options={movements.map(({ id, name }) => ({ value: id, name }))}
			onchange={(movement) => typed.set({ movement })}
		/>
	</div>
	{#if loads.length > 0}
		<InTank {recipe} {loads} {ids} onchange={put} />
		<Reels {typed} loads={chosen} />
	{/if}
	{#each drifts as each (each.load.id)}
		<div class="notice">
			<p>
				{#if drifts.length > 1}{each.name}:
				{/if}Planned development: {each.load.process
					? processInWords(each.load.process)
					: 'as the film says'}.
			</p>
			<ChangeOfLoad load={each.load} camera={each.camera} film={each.film} next={process} />
		</div>
	{/each}
	<Answer {timed} table={recipe.times ?? []} begin={run}>
		{#snippet children({ seconds })}
			<p class="figures">
				Agitation: {agitationInWords(agitationOf(recipe, movement, seconds), seconds)}.
			</p>
			{#if told}
				<p>
					{ownTimeInWords(told, chosen[0].film.name)}
					{byTable ? 'Not used here.' : 'Used here.'}
					<button class="plain-link" onclick={() => (byTable = !byTable)}
						>{byTable ? 'Use your own time' : 'Use the table'}</button
					>
				</p>
			{/if}
			<CourseFields {typed} {baths} />
			<ToFetch {recipe} {baths} mixing={typed.value} {celsius} />
		{/snippet}
	</Answer>
</section>

<style>
	section {
		padding-top: 1rem;
	}
</style>
