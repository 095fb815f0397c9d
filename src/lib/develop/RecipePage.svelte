<!-- One recipe measured out for the tank, how long it takes at its temperature, and the way to run it. -->
<script lang="ts">
	import { v4 as uuid } from 'uuid';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import {
		agitationOf,
		feels,
		isDeveloper,
		isPack,
		movementFactor,
		movements,
		ownTimed,
		processOf,
		pushes,
		pushFactor,
		stockFor,
		timeAt,
		timeFelt,
		usualSteps
	} from '$core/develop';
	import { formatTemperature } from '$core/units';
	import {
		agitationInWords,
		bathInWords,
		clockInWords,
		listed,
		ownTimeInWords,
		processInWords,
		timedInWords
	} from '$words';
	import type { CameraRecord, FilmRecord, LoadRecord, RecipeRecord } from '$contract/records';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import type { Kept } from '$lib/records/client';
	import { Remembered } from '$lib/timing/remembered.svelte';
	import { bath } from './bath.svelte';
	import Care from './Care.svelte';
	import ChangeOfLoad from './ChangeOfLoad.svelte';
	import CourseFields from './CourseFields.svelte';
	import InTank from './InTank.svelte';
	import Mix from './Mix.svelte';
	import { bathOf, mixedFrom, UNTYPED, type Mixing } from './mixing';
	import Reels from './Reels.svelte';
	import { volumeFor } from './reels.svelte';
	import { runs } from './runs.svelte';
	import { ownOf, type Own } from './tanks';
	import TemperatureBox from './TemperatureBox.svelte';
	import ToFetch from './ToFetch.svelte';

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
		/** Stop baths and fixers of the shelf. */
		baths: Kept<RecipeRecord>[];
		/** What the person's own negatives say of its times. */
		own: Own[];
	}
	let { recipe, loads, baths, own }: Props = $props();

	const NONE = '';
	// svelte-ignore state_referenced_locally -- a page of another recipe is another page
	const typed = new Remembered<Mixing>(`mix-${recipe.id}`, UNTYPED);
	/** What is in the tank. */
	let ids = $state.raw<readonly string[]>([]);
	const chosen = $derived(loads.filter(({ load }) => ids.includes(load.id)));

	/** The volume goes with what is in the tank, as long as nobody typed another. */
	function put(next: readonly string[]) {
		const follows = typed.value.millilitres === (chosen.length > 0 ? volumeFor(chosen) : UNTYPED.millilitres);
		ids = next;
		if (next.length === 0) return;
		typed.set({ atOnce: next.length, ...(follows && { millilitres: volumeFor(chosen) }) });
	}

	// What was put together in Develop is in the tank, and developed as it was shot for.
	// svelte-ignore state_referenced_locally -- a page begins with what it was opened for
	const asked = loads.filter(({ load }) => page.url.searchParams.getAll('load').includes(load.id));
	if (asked.length > 0) {
		ids = asked.map(({ load }) => load.id);
		const push = asked[0].load.process?.push ?? 0;
		typed.set({ push, atOnce: asked.length, millilitres: volumeFor(asked) });
	}

	const table = $derived(recipe.times ?? []);
	const pack = $derived(isPack(recipe.kind));
	const celsius = $derived(pack ? typed.value.celsius : bath.value.celsius);
	const warm = (next: number) => (pack ? typed : bath).set({ celsius: next });
	const factor = $derived(pack ? 1 : pushFactor(typed.value.push) * movementFactor(typed.value.movement));
	const felt = $derived(feels.find(({ id }) => id === typed.value.feel));
	/** What negatives of the film in the tank say; the table is used where the person wants that. */
	const told = $derived(pack ? null : ownOf(recipe.id, chosen, own));
	let byTable = $state(false);
	const timed = $derived.by(() => {
		if (pack && felt) return timeFelt(table, celsius, felt.sd);
		const plain = timeAt(table, celsius, factor);
		return plain && told && !byTable ? ownTimed(plain, told) : plain;
	});
	const moves = $derived(
		timed && !pack
			? agitationInWords(agitationOf(recipe, typed.value.movement, timed.seconds), timed.seconds)
			: ''
	);
	const develops = $derived(isDeveloper(recipe.kind) || pack);
	/** What the load would have to be shot for; the same change of speed by another name is no other. */
	const process = $derived(processOf(recipe, typed.value.push));
	/** Loads that count with what this recipe did to film speed before it was changed. */
	const drifted = $derived(
		loads.filter(
			({ load: { process } }) =>
				process?.recipeId === recipe.id && process.stops !== processOf(recipe, process.push ?? 0)!.stops
		)
	);
	/** Of what is in the tank, what was shot for another speed than it would be developed for. */
	const drifts = $derived(
		pack
			? []
			: chosen.filter(
					(each) => !drifted.includes(each) && (each.load.process?.stops ?? 0) !== (process?.stops ?? 0)
				)
	);

	async function run() {
		if (!timed) return;
		const { millilitres, atOnce, movement, prewash, wash } = typed.value;
		const stockOf = (bath: RecipeRecord) => {
			const { parts, powders } = mixedFrom(bath, millilitres);
			return stockFor([...parts, ...powders]);
		};
		const after = (['stop', 'fixer'] as const).flatMap((kind) => {
			const bath = bathOf(baths, kind, typed.value);
			const step = kind === 'stop' ? 'Stop' : 'Fix';
			return bath ? [{ step, recipeId: bath.id, rolls: atOnce, stock: stockOf(bath) }] : [];
		});
		runs.add({
			id: uuid(),
			recipe: recipe.name,
			recipeId: recipe.id,
			// A picture of a pack is developed by itself: the pack goes on.
			...(pack
				? {}
				: {
						loadIds: [...ids],
						used: { rolls: atOnce, stock: stockOf(recipe) },
						...{ baths: after, movement }
					}),
			what: chosen.length > 0 ? listed(chosen.map(({ name }) => name)) : pack ? 'a picture' : 'a film',
			celsius: [celsius],
			steps: usualSteps(recipe, Math.round(timed.seconds), movement, { prewash, wash }),
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
				{#if !felt || !pack}
					<TemperatureBox
						label={pack ? 'Temperature of the picture' : 'Bath temperature'}
						value={celsius}
						onchange={(next) => next !== undefined && warm(next)}
					/>
				{/if}
				{#if pack}
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
				{/if}
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
				{#if pack}
					<ChoiceField
						label="From which pack"
						value={ids[0] ?? NONE}
						options={[
							{ value: NONE, name: 'a pack not logged here' },
							...loads.map(({ load, name }) => ({ value: load.id, name }))
						]}
						onchange={(id) => (ids = id === NONE ? [] : [id])}
					/>
				{/if}
			</div>
			{#if !pack && loads.length > 0}
				<InTank recipe={recipe.id} {loads} {ids} onchange={put} />
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
			{#if timed}
				<p class="answer figure figures" role="status">{timedInWords(timed)}</p>
				{#if moves}<p class="figures moves">Agitation: {moves}.</p>{/if}
				{#if pack && felt}
					<p class="soft moves">
						{formatTemperature(celsius)}, give or take {felt.sd} degrees: a thermometer knows it better.
					</p>
				{/if}
				{#if told}
					<p class="moves">
						{ownTimeInWords(told, chosen[0].film.name)}
						{byTable ? 'Not used here.' : 'Used here.'}
						<button class="plain-link" onclick={() => (byTable = !byTable)}
							>{byTable ? 'Use your own time' : 'Use the table'}</button
						>
					</p>
				{/if}
				{#if !pack}
					<CourseFields {typed} {baths} />
					<ToFetch {recipe} {baths} mixing={typed.value} {celsius} />
				{/if}
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
	.moves {
		padding-bottom: 0.5rem;
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
