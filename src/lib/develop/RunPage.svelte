<!-- Developments that go on, with figures that are read across the room and one large button each. -->
<script lang="ts">
	import { onMount } from 'svelte';
	import { resolve } from '$app/paths';
	import { afterRolls, recipeTime } from '$core/develop';
	import type { Developed } from '$contract/loads';
	import type { RecipeRecord } from '$contract/records';
	import { read, replace, type Kept } from '$lib/records/client';
	import RunCard from './RunCard.svelte';
	import AwakeNote from '$lib/timing/AwakeNote.svelte';
	import { runs, type Run } from './runs.svelte';

	let { recipes }: { recipes: Kept<RecipeRecord>[] } = $props();

	let says = $state('');
	onMount(() => runs.watch());

	/** What all of a bath would take at another temperature, by the recipe's own table, s; null = it does not reach. */
	function wholeAt({ recipeId, celsius, water }: Run, whole: number, next: number): number | null {
		const recipe = recipes.find(({ id }) => id === recipeId) ?? {};
		const [before, after] = [celsius[celsius.length - 1], next].map((each) =>
			recipeTime(recipe, each, { water })
		);
		return before && after ? (whole * after.seconds) / before.seconds : null;
	}

	/** Saves a log with one load of a tank; says what came of it. */
	async function logWith(id: string, developed: Developed) {
		const found = await read('loads', id);
		const written = found.result === 'saved' ? await replace('loads', { ...found.record, developed }) : found;
		return written.result;
	}

	/** Counts with the recipe what went through it; what was deleted meanwhile has nothing to count. */
	async function countIn(recipeId: string, used: { rolls: number; stock: number }) {
		const found = await read('recipes', recipeId);
		if (found.result !== 'saved') return found.result;
		const after = afterRolls(found.record, used.rolls, used.stock);
		if (Object.keys(after).length === 0) return 'saved';
		return (await replace('recipes', { ...found.record, ...after })).result;
	}

	/** The same of all baths of a run; those that were counted are not counted again where another could not be. */
	async function count({ id, recipeId, used, baths = [], done }: Run) {
		const all = [
			...(used ? [{ recipeId, ...used }] : []),
			...baths.filter(({ step }) => done.some(({ name }) => name === step))
		];
		for (const bath of all) {
			const result = await countIn(bath.recipeId, bath);
			if (result === 'unreachable' || result === 'stale') return result;
			runs.counted(id, bath.recipeId);
		}
		return 'saved';
	}

	/** The log of a run. */
	const logOf = ({ recipe, recipeId, celsius, done, movement, water }: Run): Developed => ({
		...{ at: new Date().toISOString(), recipe, recipeId, celsius: [...celsius], steps: [...done] },
		...(water !== undefined && { water }),
		...(movement && movement !== 'usual' && { movement })
	});

	async function keep(run: Run) {
		const { id, loadIds = [] } = run;
		const developed = logOf(run);
		// One after the other: where one cannot be saved, all are saved again, which changes nothing of those that were.
		const results = [];
		for (const load of loadIds) results.push(await logWith(load, developed));
		if (results.length === 0 || results.includes('saved')) {
			if (!results.some((each) => each === 'unreachable' || each === 'stale')) results.push(await count(run));
		}
		if (results.includes('unreachable')) {
			says = 'Not saved: the server isn’t answering. The log is kept here; try again.';
			return;
		}
		if (results.includes('stale')) {
			says = 'Not saved: it was changed elsewhere. Save again.';
			return;
		}
		if (loadIds.length > 0)
			says = results.includes('saved')
				? `The log is saved with ${run.what}.`
				: `${run.what} has been deleted, and its log with it.`;
		runs.leave(id);
	}
</script>

<svelte:head><title>Developing · Just Enough</title></svelte:head>
<div class="page">
	<p><a class="plain-link" href={resolve('/develop')}>Back to Develop</a></p>
	<h1>Developing</h1>
	<p role="status">{says}</p>
	{#if runs.all.length === 0}
		<p class="soft">Nothing is running. Choose a recipe, measure it out, and press “Ready”.</p>
	{:else}<AwakeNote />{/if}
	<ul>
		{#each runs.all as run (run.id)}
			<li>
				<RunCard {run} whole={(seconds, celsius) => wholeAt(run, seconds, celsius)} onlog={() => keep(run)} />
			</li>
		{/each}
	</ul>
</div>
