<!-- What waits to be developed, what runs now, the recipes on the shelf, and what was developed last. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { isDeveloper, LAB, type DevelopedOnce } from '$core/develop';
	import { formatTemperature } from '$core/units';
	import { developedInWords, listed } from '$words';
	import type { Developed } from '$contract/loads';
	import type { RecipeRecord } from '$contract/records';
	import Moment from '$lib/parts/Moment.svelte';
	import { create, keptInWords, remove, replace, type Kept } from '$lib/records/client';
	import { refresh } from '$lib/records/refresh';
	import { bath } from './bath.svelte';
	import RecipeCard from './RecipeCard.svelte';
	import Running from './Running.svelte';
	import { runs } from './runs.svelte';
	import TankCard from './TankCard.svelte';
	import { tanksOf, type Own, type Waits } from './tanks';
	import TemperatureBox from './TemperatureBox.svelte';

	interface Props {
		waits: Waits[];
		/** Loads that are full, and still in their camera. */
		full: { id: string; name: string }[];
		recipes: Kept<RecipeRecord>[];
		/** What the person's own negatives say of times. */
		own: Own[];
		/** What films were developed in, the last one first. */
		once: DevelopedOnce[];
		/** Loads that were developed, the last one first. */
		done: { id: string; name: string; developed: Developed }[];
	}
	let { waits, full, recipes, own, once, done }: Props = $props();

	const going = $derived(runs.all.length > 0);
	/** What is in a tank now does not wait. */
	const inTanks = $derived(new Set(runs.all.flatMap(({ loadIds }) => loadIds ?? [])));
	const tanks = $derived(
		tanksOf(
			waits.filter(({ load }) => !inTanks.has(load.id)),
			recipes
		)
	);
	const developers = $derived(recipes.filter(({ kind }) => isDeveloper(kind)));
	const lead = $derived(going ? undefined : tanks.find(({ recipe }) => recipe)?.key);
	let says = $state('');
	let undo = $state.raw<(() => Promise<void>) | null>(null);
	const UNREACHABLE = 'Not saved: the server isn’t answering.';

	async function erase(recipe: Kept<RecipeRecord>) {
		const { id, version, ...record } = $state.snapshot(recipe) as Kept<RecipeRecord>;
		const removed = await remove('recipes', { id, version });
		says = removed.result === 'saved' ? `${record.name} is deleted.` : keptInWords(removed);
		undo = null;
		if (removed.result === 'saved') {
			undo = async () => {
				const back = await create('recipes', id, record);
				says = back.result === 'saved' ? `${record.name} is back.` : UNREACHABLE;
				undo = null;
				await refresh();
			};
		}
		await refresh();
	}

	const named = (loads: readonly Waits[]) => listed(loads.map(({ name }) => name));

	/** Films that somebody else developed; those that were changed elsewhere meanwhile still wait. */
	async function fromLab(loads: readonly Waits[]) {
		const at = new Date().toISOString();
		const developed = { at, recipe: LAB, celsius: [], steps: [] };
		const written = await Promise.all(
			loads.map(async (each) => ({ each, ...(await replace('loads', { ...each.load, developed })) }))
		);
		const saved = written.flatMap((one) => (one.result === 'saved' ? one : []));
		const failed = written.find(({ result }) => result !== 'saved');
		says = failed
			? failed.result === 'stale'
				? `${failed.each.name} was changed elsewhere. This is how it is now; try again.`
				: UNREACHABLE
			: `${named(loads)}: developed by a lab.`;
		undo =
			saved.length === 0
				? null
				: async () => {
						for (const { record } of saved) {
							const { developed: _, ...before } = record;
							const back = await replace('loads', before);
							says = back.result === 'saved' ? `${named(loads)}: waits again.` : UNREACHABLE;
						}
						undo = null;
						await refresh();
					};
		await refresh();
	}
</script>

<svelte:head><title>Develop · Just Enough</title></svelte:head>
<div class="page">
	<div class="head">
		<h1>Develop</h1>
		<TemperatureBox
			label="Bath temperature"
			value={bath.value.celsius}
			onchange={(celsius) => celsius !== undefined && bath.set({ celsius })}
		/>
	</div>
	<p role="status">
		{says}
		{#if undo}<button class="plain-link" onclick={undo}>Undo</button>{/if}
	</p>
	<div class="columns">
		<div>
			{#if going}
				<section aria-labelledby="running">
					<h2 id="running">Running</h2>
					<Running />
				</section>
			{/if}
			<section aria-labelledby="waiting">
				<h2 id="waiting">To develop</h2>
				{#if tanks.length === 0}
					<p class="soft">
						Nothing is waiting. A film that you take out of its camera shows up here, with those it can share
						a tank with.
					</p>
				{/if}
				<ul class="tanks">
					{#each tanks as tank (tank.key)}
						<li>
							<TankCard
								{tank}
								celsius={bath.value.celsius}
								{own}
								{once}
								{developers}
								first={tank.key === lead}
								returned={() => fromLab(tank.loads)}
							/>
						</li>
					{/each}
				</ul>
				{#if full.length > 0}
					<p class="soft">
						Finished, still in the camera:
						{#each full as { id, name }, at (id)}{at > 0 ? ', ' : ' '}<a
								class="plain-link"
								href={resolve(`/frames?load=${id}`)}>{name}</a
							>{/each}
					</p>
				{/if}
			</section>
			{#if done.length > 0}
				<section aria-labelledby="developed">
					<h2 id="developed">Developed</h2>
					<ul class="done">
						{#each done as { id, name, developed } (id)}
							<li>
								<a class="plain-link" href={resolve(`/frames?load=${id}`)}>{name}</a>
								<span class="soft figures">{developedInWords(developed)} <Moment at={developed.at} /></span>
							</li>
						{/each}
					</ul>
				</section>
			{/if}
		</div>
		<section aria-labelledby="shelf" class="shelf">
			<h2 id="shelf">Shelf</h2>
			{#if recipes.length === 0}
				<p class="soft">
					No recipes yet. Write down “one part each of A, B and C to fourteen of water, 11 minutes at {formatTemperature(
						20
					)}”, and it’s measured out for your tank and timed.
				</p>
			{/if}
			<ul>
				{#each recipes as recipe (recipe.id)}
					<li><RecipeCard {recipe} celsius={bath.value.celsius} erased={() => erase(recipe)} /></li>
				{/each}
			</ul>
			<a
				class={going || tanks.some(({ recipe }) => recipe) ? 'quiet' : 'action'}
				href={resolve('/develop/edit/new')}>A new recipe</a
			>
		</section>
	</div>
</div>

<style>
	.head {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		align-items: end;
		gap: 0.5rem 2rem;
	}
	h2 {
		padding-block: 1rem 0.5rem;
	}
	.columns {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 22rem;
		gap: 0 2.5rem;
		align-items: start;
	}
	.tanks {
		display: grid;
		gap: 0.75rem;
	}
	.done li {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		align-items: center;
		gap: 0 1rem;
		border-top: 1px solid var(--line);
	}
	.shelf li:last-child {
		padding-bottom: 0.75rem;
	}
	@media (max-width: 820px) {
		.columns {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
