<!-- What can be developed together: in what, for how long, and which films. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import {
		agitationOf,
		careFor,
		fittingRecipes,
		isMeantFor,
		pushes,
		type DevelopedOnce
	} from '$core/develop';
	import { formatTemperature } from '$core/units';
	import {
		agitationInWords,
		agoInWords,
		byRuleInWords,
		capital,
		clockInWords,
		counted,
		filmTypeName,
		listed
	} from '$words';
	import type { RecipeRecord } from '$contract/records';
	import type { Kept } from '$lib/records/client';
	import { ownOf, timeOf, type Own, type Tank } from './tanks';

	interface Props {
		tank: Tank;
		/** °C */
		celsius: number;
		/** What the person's own negatives say of times. */
		own: readonly Own[];
		/** What films were developed in, the last one first. */
		once: readonly DevelopedOnce[];
		/** What it may be developed in, where nothing was chosen. */
		developers: readonly Kept<RecipeRecord>[];
		/** It is what to do next on this page. */
		first: boolean;
		returned: () => void;
	}
	let { tank, celsius, own, once, developers, first, returned }: Props = $props();

	const { recipe } = $derived(tank);
	const { type } = $derived(tank.loads[0].film);
	const timed = $derived(timeOf(tank, celsius, own));
	const byNegatives = $derived(ownOf(recipe?.id, tank.loads, own) ? ', by your own negatives' : '');
	const byWhat = $derived(timed ? byRuleInWords(timed) + byNegatives : '');
	const rolls = $derived(counted(tank.loads.length, 'one roll', '# rolls'));
	const pushed = $derived(tank.push ? `, ${pushes.find(({ stops }) => stops === tank.push)?.name}` : '');
	const title = $derived(
		recipe?.name ??
			(tank.wanted === ''
				? `${capital(filmTypeName[type])}: no developer chosen`
				: `${tank.wanted}, a recipe that was deleted`)
	);
	const moves = $derived(
		recipe && timed ? `, ${agitationInWords(agitationOf(recipe, 'usual', timed.seconds), timed.seconds)}` : ''
	);
	const chosen = $derived(tank.loads.map(({ load }) => `load=${load.id}`).join('&'));
	/** Developers that it may go into, where none was chosen: those in which these films were before, first. */
	const fitting = $derived(
		fittingRecipes(
			developers,
			{
				type,
				push: tank.push,
				filmIds: tank.loads.map(({ load }) => load.filmId)
			},
			once
		).map(({ recipe, lastOf }) => ({
			recipe,
			// What another kind of film takes is not what this one does.
			timed:
				lastOf.length > 0 || isMeantFor(recipe.kind, type) ? timeOf({ ...tank, recipe }, celsius, own) : null,
			last: [
				...new Set(tank.loads.filter(({ load }) => lastOf.includes(load.filmId)).map(({ film }) => film.name))
			]
		}))
	);
	/** Black and white is; colour goes to a lab by most. */
	const mostlyAtHome = $derived(type.startsWith('bw'));
	const frames = (count: number) => counted(count, 'one frame', '# frames');
</script>

{#snippet here()}
	{#each fitting as { recipe: { id, name }, timed, last } (id)}
		<a class="quiet" href={resolve(`/develop/${id}?${chosen}`)}
			><span
				>In {name}{#if timed}, <span class="figures">{clockInWords(timed.seconds)}</span
					>{/if}{#if last.length > 0}<span class="small">{listed(last)}: as last time</span>{/if}</span
			></a
		>
	{/each}
{/snippet}

<article aria-label="{title}{pushed}">
	<header>
		<h3>
			{title}{pushed}{#if timed}, <span class="figures">{clockInWords(timed.seconds)}</span>{/if}
		</h3>
		<p class="soft">{rolls}{moves}{byWhat}</p>
	</header>
	{#if recipe && !timed}
		<p>
			{recipe.times?.length
				? `Its table doesn’t reach ${formatTemperature(celsius)}.`
				: 'Its recipe has no times yet.'}
		</p>
	{/if}
	<ul>
		{#each tank.loads as { load, camera, film, taken } (load.id)}
			<li>
				<a class="plain-link" href={resolve(`/frames?load=${load.id}`)}>{camera.name}, {film.name}</a>
				<span class="soft"
					>{taken === 0 ? 'nothing logged' : frames(taken)}, taken out {agoInWords(
						load.unloadedAt!,
						Date.now()
					)}</span
				>
			</li>
		{/each}
	</ul>
	{#if recipe}<p class="small">{careFor(recipe.kind)[0]}</p>{/if}
	<div class="ends">
		{#if recipe}
			<a class={first ? 'action' : 'quiet'} href={resolve(`/develop/${recipe.id}?${chosen}`)}
				>Mix and start<span class="sr-only">: {title}{pushed}</span></a
			>
		{:else if mostlyAtHome}
			{@render here()}
		{/if}
		<button class="plain-link" onclick={returned}
			>{counted(tank.loads.length, 'A lab developed it', 'A lab developed them')}<span class="sr-only"
				>: {title}{pushed}</span
			></button
		>
	</div>
	{#if !recipe && !mostlyAtHome && developers.length > 0}
		<details>
			<summary>Develop it yourself</summary>
			<div class="ends">{@render here()}</div>
		</details>
	{/if}
</article>

<style>
	article {
		display: grid;
		gap: 0.5rem;
		padding: 0.9rem 1rem;
		background: var(--panel);
		border: 1px solid var(--edge);
		border-radius: var(--radius-container);
	}
	header,
	li {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		align-items: baseline;
		gap: 0 1rem;
	}
	h3 {
		font-size: 1.25rem;
	}
	li {
		padding-bottom: 0.25rem;
		border-top: 1px solid var(--line);
	}
	.ends {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0.5rem 1rem;
	}
</style>
