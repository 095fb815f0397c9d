<script lang="ts">
	import { invalidateAll } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { degreesFromIso } from '$core/units';
	import type { CameraRecord, FilmRecord } from '$contract/records';
	import CameraGlyph from '$lib/parts/CameraGlyph.svelte';
	import { filmTypeName } from '$lib/parts/film-words';
	import { replace, type Kept } from '$lib/records/client';
	import { loadedCameras, type BagRecords } from '$lib/shoot/bag';
	import { cameraInShort } from './describe';
	import Gear from './Gear.svelte';

	let { records }: { records: BagRecords } = $props();

	const loaded = $derived(new Map(loadedCameras(records).map((each) => [each.camera.id, each])));
	const here = $derived(records.cameras.filter((camera) => !camera.archived));
	const films = $derived(records.films.filter((film) => !film.archived));
	const archived = $derived([
		...records.cameras
			.filter((camera) => camera.archived)
			.map((record) => ({ kind: 'cameras' as const, record })),
		...records.films.filter((film) => film.archived).map((record) => ({ kind: 'films' as const, record }))
	]);
	let message = $state('');
	let undo = $state<(() => Promise<void>) | null>(null);

	type Archivable =
		{ kind: 'cameras'; record: Kept<CameraRecord> } | { kind: 'films'; record: Kept<FilmRecord> };

	async function setArchived(item: Archivable, to: boolean) {
		const written =
			item.kind === 'cameras'
				? await replace('cameras', { ...item.record, archived: to })
				: await replace('films', { ...item.record, archived: to });
		undo = null;
		if (written.result === 'saved') {
			message = to ? `${item.record.name} is archived.` : `${item.record.name} is back in the bag.`;
			const record = written.record as never;
			undo = () => setArchived({ kind: item.kind, record }, !to);
			await invalidateAll();
		} else if (written.result === 'stale') {
			message = `${item.record.name} was changed elsewhere; here is the newer version. Try again if you still want to.`;
			await invalidateAll();
		} else {
			message = 'Not saved: the server does not answer. Nothing was changed.';
		}
	}
</script>

<svelte:head><title>Bag · Just Enough</title></svelte:head>
<div class="page">
	<div class="head">
		<h1>Bag</h1>
		<a class="action" href={resolve('/bag/camera/new')}>Add a camera</a>
		<a class="quiet" href={resolve('/bag/film/new')}>Add a film</a>
	</div>
	<div role="status">
		{#if message}
			<p class="notice">
				{message}
				{#if undo}<button class="plain-link" onclick={() => undo?.()}>Undo</button>{/if}
			</p>
		{/if}
	</div>

	<h2>Cameras</h2>
	{#if here.length === 0}
		<p class="soft">
			No camera yet. Start from a kind, a box camera for example, and its usual values are filled in.
		</p>
	{/if}
	<ul>
		{#each here as camera (camera.id)}
			{@const load = loaded.get(camera.id)}
			<li>
				<CameraGlyph kind={camera.kind} />
				<div class="what">
					<a class="name" href={resolve(`/bag/camera/${camera.id}`)}>{camera.name}</a>
					<span class="soft small figures">{cameraInShort(camera)}</span>
				</div>
				<div class="with">
					{#if load}
						<span><strong>{load.film.name}</strong></span>
						<span class="soft small figures"
							>{load.finished ? 'roll finished' : `${load.left} of ${load.load.frames} left`}</span
						>
					{:else}
						<span class="soft">no film in it</span>
					{/if}
				</div>
				<div class="acts">
					<a class="quiet" href={resolve(`/bag/load?camera=${camera.id}`)}
						>{load ? 'Change film' : 'Load a film'}</a
					>
					<button
						class="quiet"
						onclick={() => setArchived({ kind: 'cameras', record: camera }, true)}
						aria-label="Archive {camera.name}">Archive</button
					>
				</div>
			</li>
		{/each}
	</ul>

	<h2>Films</h2>
	{#if films.length === 0}
		<p class="soft">No film yet. The number on its box and its type are enough: 400, colour print.</p>
	{/if}
	<ul>
		{#each films as film (film.id)}
			<li class="film">
				<div class="what">
					<a class="name" href={resolve(`/bag/film/${film.id}`)}>{film.name}</a>
					<span class="soft small">{filmTypeName[film.type]}</span>
				</div>
				<span class="figures">ISO {film.iso}/{degreesFromIso(film.iso)}°</span>
				<div class="acts">
					<a class="quiet" href={resolve(`/bag/load?film=${film.id}`)}>Load it</a>
					<button
						class="quiet"
						onclick={() => setArchived({ kind: 'films', record: film }, true)}
						aria-label="Archive {film.name}">Archive</button
					>
				</div>
			</li>
		{/each}
	</ul>

	{#if archived.length > 0}
		<details>
			<summary>Archived ({archived.length})</summary>
			<ul>
				{#each archived as item (item.record.id)}
					<li class="film">
						<span class="what">{item.record.name}</span>
						<button
							class="quiet"
							onclick={() => setArchived(item, false)}
							aria-label="Bring {item.record.name} back">Bring back</button
						>
					</li>
				{/each}
			</ul>
		</details>
	{/if}
	<Gear gear={records.gear} />
	<p><a class="plain-link" href={resolve('/scripts')}>For scripts: the API</a></p>
</div>

<style>
	.head {
		display: flex;
		flex-wrap: wrap;
		gap: 0.75rem;
		align-items: center;
	}
	.head h1 {
		margin-right: auto;
	}
	h2 {
		padding: 1.5rem 0 0.25rem;
	}
	li {
		display: grid;
		grid-template-columns: auto minmax(0, 1fr) 10rem auto;
		gap: 0.5rem 1.25rem;
		align-items: center;
		padding: 0.6rem 0;
		border-top: 1px solid var(--line);
	}
	li.film {
		grid-template-columns: minmax(0, 1fr) auto auto;
	}
	.what,
	.with {
		display: grid;
	}
	.name {
		font-weight: var(--heavy);
		font-size: 1.125rem;
		text-decoration: underline;
		text-decoration-thickness: 1px;
		padding: 0.35rem 0;
	}
	.acts {
		display: flex;
		gap: 0.5rem;
	}
	summary {
		margin-top: 1.5rem;
		min-height: 2.75rem;
		cursor: pointer;
	}
	@media (max-width: 820px) {
		li {
			grid-template-columns: auto minmax(0, 1fr);
		}
		li.film {
			grid-template-columns: minmax(0, 1fr) auto;
		}
		.with,
		.acts {
			grid-column: 2;
		}
		.film .acts {
			grid-column: 1 / -1;
		}
	}
</style>
