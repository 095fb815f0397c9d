<!-- One camera against all films of the bag: which film for which light, with the filters of the bag. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { takenBy } from '$core/camera';
	import type { CameraRecord } from '$contract/records';
	import type { Kept } from '$lib/records/client';
	import { loadedCameras, type BagRecords } from '$lib/shoot/bag';
	import { filmInReach } from './film-in-reach';
	import ReachRow from './ReachRow.svelte';
	import { filmsThatFit } from './takes';
	import WhichSpeed from './WhichSpeed.svelte';

	let { camera, records }: { camera: Kept<CameraRecord>; records: BagRecords } = $props();

	const inside = $derived(loadedCameras(records).find((each) => each.camera.id === camera.id)?.film);
	const films = $derived(filmsThatFit(records.films, takenBy(camera, inside)));
	const rows = $derived(films.map((film) => filmInReach(camera, film, records.gear)));
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
		<ReachRow />
		<ul aria-label="Films in your bag">
			{#each rows as row (row.film.id)}
				<ReachRow works={row}>
					{#snippet name()}
						<strong>{row.film.name}</strong>
						<span class="soft small figures">ISO {row.film.iso}</span>
						<a class="plain-link small" href={resolve(`/bag/card/${camera.id}/${row.film.id}`)}
							>Card<span class="sr-only"> with {row.film.name}</span></a
						>
					{/snippet}
				</ReachRow>
			{/each}
		</ul>
	{/if}
	<WhichSpeed {camera} films={rows} />
</div>
