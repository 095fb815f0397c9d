<!-- One film in all cameras of the bag that take it: which camera for which light; and what the others say to it. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { takenBy } from '$core/camera';
	import { fitOf } from '$core/film';
	import { fitAdvice, listed } from '$words';
	import type { FilmRecord } from '$contract/records';
	import type { Kept } from '$lib/records/client';
	import type { BagRecords } from '$lib/shoot/bag';
	import { filmInReach } from './film-in-reach';
	import ReachRow from './ReachRow.svelte';

	let { film, records }: { film: Kept<FilmRecord>; records: BagRecords } = $props();

	const all = $derived(
		records.cameras
			.filter(({ archived }) => !archived)
			.map((camera) => ({
				camera,
				fit: { ...fitOf(film, takenBy(camera)), say: fitAdvice(film, takenBy(camera)) }
			}))
	);
	const rows = $derived(
		all.flatMap(({ camera, fit }) =>
			fit.goes ? [{ camera, say: fit.say, works: filmInReach(camera, film, records.gear) }] : []
		)
	);
	const others = $derived(all.filter(({ fit }) => !fit.goes));
	/** Why it goes into none of some cameras, where there is something to say. */
	const reasons = $derived(others.filter(({ fit }) => fit.say));
	const plain = $derived(others.filter(({ fit }) => !fit.say).map(({ camera }) => camera.name));
</script>

<svelte:head><title>Reach of {film.name} · Just Enough</title></svelte:head>
<div class="page">
	<p><a class="plain-link" href={resolve('/bag')}>Bag</a></p>
	<h1>Which camera for which light: {film.name}</h1>
	{#if rows.length === 0}
		<p class="soft">No camera in the bag takes it.</p>
	{:else}
		<p class="soft">Filled: just enough. Hatched: usable. Thin bars: with a filter from your bag.</p>
		<ReachRow />
		<ul aria-label="Cameras in your bag">
			{#each rows as { camera, say, works } (camera.id)}
				<ReachRow {works}>
					{#snippet name()}
						<strong>{camera.name}</strong>
						{#if say}<span class="soft small">{say}</span>{/if}
						<a class="plain-link small" href={resolve(`/bag/load?camera=${camera.id}&film=${film.id}`)}
							>Load it<span class="sr-only"> into {camera.name}</span></a
						>
					{/snippet}
				</ReachRow>
			{/each}
		</ul>
	{/if}
	{#each reasons as { camera, fit } (camera.id)}
		<p>{camera.name}: {fit.say}</p>
	{/each}
	{#if plain.length > 0}<p class="soft">It doesn’t fit {listed(plain)}.</p>{/if}
</div>
