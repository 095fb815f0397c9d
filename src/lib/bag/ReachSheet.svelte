<!-- One camera against all films of the bag: which film for which light, with the filters of the bag. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { takenBy } from '$core/camera';
	import { reach, suitsFilm } from '$core/match';
	import { worksInWords } from '$words';
	import type { CameraRecord } from '$contract/records';
	import type { Kept } from '$lib/records/client';
	import { axisOver } from '$lib/shoot/axis';
	import LightScale from '$lib/shoot/LightScale.svelte';
	import { wholeLine } from '$lib/light/line';
	import { loadedCameras, type BagRecords } from '$lib/shoot/bag';
	import { filmsThatFit } from './takes';
	import ReachBars from '$lib/shoot/ReachBars.svelte';
	import { bagOf } from '$lib/shoot/wishes';

	let { camera, records }: { camera: Kept<CameraRecord>; records: BagRecords } = $props();

	const axis = axisOver(wholeLine);
	const inside = $derived(loadedCameras(records).find((each) => each.camera.id === camera.id)?.film);
	const films = $derived(filmsThatFit(records.films, takenBy(camera, inside)));
	const rows = $derived(
		films.map((film) => {
			const { filters = [] } = bagOf(records.gear, [], { film }, null);
			return {
				film,
				plain: reach(camera, film),
				filtered: filters
					.filter((filter) => suitsFilm(filter, film))
					.sort((a, b) => a.stops - b.stops)
					.map((filter) => ({ name: filter.name, ...reach(camera, film, { filters: [filter] }) }))
			};
		})
	);
</script>

<svelte:head><title>Reach of {camera.name} · Just Enough</title></svelte:head>
<div class="page">
	<p><a class="plain-link" href={resolve('/bag')}>Bag</a></p>
	<h1>Which film for which light: {camera.name}</h1>
	{#if rows.length === 0}
		<p class="soft">No film in the bag fits it. The number on a film’s box and its type are enough.</p>
		<p><a class="action" href={resolve('/bag/film/new')}>Add a film</a></p>
	{:else}
		<p class="soft">Filled: just enough. Hatched: usable. Thin bars: with a filter from your bag.</p>
		<div class="row ruler" aria-hidden="true">
			<span></span>
			<LightScale {axis} numbers />
		</div>
		<ul>
			{#each rows as { film, plain, filtered } (film.id)}
				<li>
					<div class="row">
						<div>
							<strong>{film.name}</strong>
							<span class="soft small figures">ISO {film.iso}</span>
							<a class="plain-link small" href={resolve(`/bag/card/${camera.id}/${film.id}`)}
								>Card<span class="sr-only"> with {film.name}</span></a
							>
						</div>
						<div>
							<div class="bar" aria-hidden="true">
								<ReachBars {axis} good={plain.good} usable={plain.usable} />
							</div>
							<p class="small">{worksInWords(plain.usable)}</p>
						</div>
					</div>
					{#each filtered as { name, good, usable } (name)}
						<div class="row thin">
							<span class="small">with {name}<span class="sr-only">: {worksInWords(usable)}</span></span>
							<div class="bar" aria-hidden="true"><ReachBars {axis} {good} {usable} tone="pale" /></div>
						</div>
					{/each}
				</li>
			{/each}
		</ul>
	{/if}
</div>

<style>
	.ruler {
		overflow-x: clip;
		padding-top: 1rem;
	}
	.row {
		display: grid;
		grid-template-columns: 13rem minmax(0, 1fr);
		gap: 0 1rem;
		align-items: center;
	}
	li {
		padding: 0.6rem 0;
		border-top: 1px solid var(--line);
	}
	.bar {
		position: relative;
		height: 1.25rem;
	}
	.thin .bar {
		height: 0.6rem;
	}
	.thin > span {
		padding-left: 1rem;
	}
	@media (max-width: 820px) {
		.row {
			grid-template-columns: min(6.5rem, 34%) minmax(0, 1fr);
			overflow-wrap: anywhere;
		}
	}
</style>
