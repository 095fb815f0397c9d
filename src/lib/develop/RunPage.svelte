<!-- Developments that go on, with figures that are read across the room and one large button each. -->
<script lang="ts">
	import { onMount } from 'svelte';
	import { resolve } from '$app/paths';
	import { timeAt } from '$core/develop';
	import type { RecipeRecord } from '$contract/records';
	import { read, replace, type Kept } from '$lib/records/client';
	import RunCard from './RunCard.svelte';
	import AwakeNote from '$lib/timing/AwakeNote.svelte';
	import { runs, type Run } from './runs.svelte';

	let { recipes }: { recipes: Kept<RecipeRecord>[] } = $props();

	let says = $state('');
	onMount(() => runs.watch());

	/** What all of a bath would take at another temperature, by the recipe's own table, s; null = it does not reach. */
	function wholeAt({ recipeId, celsius }: Run, whole: number, next: number): number | null {
		const times = recipes.find(({ id }) => id === recipeId)?.times ?? [];
		const [before, after] = [timeAt(times, celsius[celsius.length - 1]), timeAt(times, next)];
		return before && after ? (whole * after.seconds) / before.seconds : null;
	}

	async function keep(run: Run) {
		const { recipe, celsius, done, loadId } = run;
		if (loadId) {
			const found = await read('loads', loadId);
			const developed = { at: new Date().toISOString(), recipe, celsius: [...celsius], steps: [...done] };
			const written =
				found.result === 'saved' ? await replace('loads', { ...found.record, developed }) : found;
			if (written.result === 'unreachable' || written.result === 'stale') {
				says =
					written.result === 'stale'
						? 'Not saved: the load was changed elsewhere. Save again.'
						: 'Not saved: the server isn’t answering. The log is kept here; try again.';
				return;
			}
			says =
				written.result === 'saved'
					? `The log is saved with ${run.what}.`
					: `${run.what} has been deleted, and its log with it.`;
		}
		runs.leave(run.id);
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
