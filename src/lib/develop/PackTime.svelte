<!-- How long a picture out of a pack develops, as warm as it is known to be. -->
<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { feels, timeAt, timeFelt, usualSteps, type TimedDiluted } from '$core/develop';
	import { formatTemperature } from '$core/units';
	import type { RecipeRecord } from '$contract/records';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import type { Kept } from '$lib/records/client';
	import type { Remembered } from '$lib/timing/remembered.svelte';
	import Answer from './Answer.svelte';
	import type { Mixing } from './mixing';
	import { begun, runs } from './runs.svelte';
	import type { InTheTank } from './tanks';
	import TemperatureBox from './TemperatureBox.svelte';

	interface Props {
		recipe: Kept<RecipeRecord>;
		typed: Remembered<Mixing>;
		/** Loads of packs. */
		loads: readonly InTheTank[];
		/** The one that the picture is of; none: of no pack that was logged. */
		chosen: readonly InTheTank[];
		put: (ids: readonly string[]) => void;
	}
	let { recipe, typed, loads, chosen, put }: Props = $props();

	const NONE = '';
	const { celsius } = $derived(typed.value);
	const table = $derived(recipe.times ?? []);
	const felt = $derived(feels.find(({ id }) => id === typed.value.feel));
	const timed = $derived(felt ? timeFelt(table, celsius, felt.sd) : timeAt(table, celsius));

	/** A picture of a pack is developed by itself: the pack goes on. */
	async function run({ seconds }: TimedDiluted) {
		const steps = usualSteps(recipe, Math.round(seconds));
		runs.add(begun(recipe, { what: chosen[0]?.name ?? 'a picture', celsius, steps }));
		await goto(resolve('/develop/run'));
	}
</script>

<section aria-labelledby="time-title">
	<h2 id="time-title">Time</h2>
	<div class="fields">
		{#if !felt}
			<TemperatureBox
				label="Temperature of the picture"
				value={celsius}
				onchange={(celsius) => celsius !== undefined && typed.set({ celsius })}
			/>
		{/if}
		<ChoiceField
			label="How warm it is, I know"
			value={typed.value.feel}
			options={[
				{ value: 'measured', name: 'by a thermometer' },
				...feels.map(({ id, name }) => ({ value: id, name: `by feel: ${name}` }))
			]}
			onchange={(feel) =>
				typed.set({
					feel,
					...(feel !== 'measured' && { celsius: feels.find(({ id }) => id === feel)!.celsius })
				})}
		/>
		<ChoiceField
			label="From which pack"
			value={chosen[0]?.load.id ?? NONE}
			options={[
				{ value: NONE, name: 'a pack not logged here' },
				...loads.map(({ load, name }) => ({ value: load.id, name }))
			]}
			onchange={(id) => put(id === NONE ? [] : [id])}
		/>
	</div>
	<Answer {timed} {table} begin={run}>
		{#if felt}
			<p class="soft">
				{formatTemperature(celsius)}, give or take {felt.sd} degrees: a thermometer knows it better.
			</p>
		{/if}
	</Answer>
</section>

<style>
	section {
		padding-top: 1rem;
	}
</style>
