<script lang="ts">
	import { resolve } from '$app/paths';
	import { degreesFromIso } from '$core/units';
	import type { CameraRecord } from '$contract/records';
	import { filmTypeName } from '$words';
	import type { Kept } from '$lib/records/client';
	import { wholeLine } from '$lib/light/line';
	import { axisOver } from '$lib/shoot/axis';
	import LightScale from '$lib/shoot/LightScale.svelte';
	import { loadedCameras, type BagRecords } from '$lib/shoot/bag';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import Field from '$lib/forms/Field.svelte';
	import { BagActions } from './bag-actions.svelte';
	import CameraRow from './CameraRow.svelte';
	import Gear from './Gear.svelte';
	import MoreMenu from './MoreMenu.svelte';

	let { records }: { records: BagRecords } = $props();

	const loaded = $derived(new Map(loadedCameras(records).map((each) => [each.camera.id, each])));
	let wanted = $state('');
	let order = $state<'name' | 'film' | 'speed'>('name');
	const matches = (text: string) => text.toLowerCase().includes(wanted.trim().toLowerCase());
	const cameraWords = (camera: Kept<CameraRecord>) =>
		[camera.name, camera.kind, loaded.get(camera.id)?.film.name].filter(Boolean).join(' ');
	const here = $derived.by(() => {
		const shown = records.cameras.filter((camera) => !camera.archived && matches(cameraWords(camera)));
		if (order !== 'film') return shown;
		// Loaded ones first, by what is in them.
		const key = (camera: Kept<CameraRecord>) => loaded.get(camera.id)?.film.name ?? '\uffff';
		return shown.toSorted((a, b) => key(a).localeCompare(key(b)));
	});
	const films = $derived.by(() => {
		const shown = records.films.filter(
			(film) => !film.archived && matches(`${film.name} ${filmTypeName[film.type]} ${film.iso}`)
		);
		return order === 'speed' ? shown.toSorted((a, b) => a.iso - b.iso) : shown;
	});
	const empty = $derived(records.cameras.every(({ archived }) => archived));
	const noFilms = $derived(records.films.every(({ archived }) => archived));
	const archived = $derived([
		...records.cameras
			.filter((camera) => camera.archived)
			.map((record) => ({ kind: 'cameras' as const, record })),
		...records.films.filter((film) => film.archived).map((record) => ({ kind: 'films' as const, record }))
	]);
	const actions = new BagActions();
	const axis = axisOver(wholeLine);
</script>

<svelte:head><title>Bag · Just Enough</title></svelte:head>
<div class="page wide">
	<div class="head">
		<h1>Bag</h1>
		<a class="action" href={resolve('/bag/camera/new')}>Add a camera</a>
		<a class="quiet" href={resolve('/bag/film/new')}>Add a film</a>
		<a class="quiet" href={resolve('/bag/take-in')}>Add a shared camera</a>
		<a class="quiet" href={resolve('/bag/stock')}>In stock</a>
	</div>
	<div role="status">
		{#if actions.message}
			<p class="notice">
				{actions.message}
				{#if actions.undo}<button class="plain-link" onclick={() => actions.undo?.()}>Undo</button>{/if}
				{#if actions.instead}<button class="plain-link" onclick={() => actions.instead?.()}>Archive it</button
					>{/if}
			</p>
		{/if}
	</div>

	{#if !empty || !noFilms}
		<div class="find">
			<Field label="Search">
				{#snippet control(attributes)}
					<input {...attributes} type="search" autocomplete="off" bind:value={wanted} />
				{/snippet}
			</Field>
			<ChoiceField
				label="Order"
				value={order}
				options={[
					{ value: 'name', name: 'by name' },
					{ value: 'film', name: 'cameras by their film' },
					{ value: 'speed', name: 'films by speed' }
				]}
				onchange={(next) => (order = next)}
			/>
		</div>
	{/if}

	<h2>Cameras</h2>
	{#if empty}
		<p class="soft">
			No camera yet. Start from a kind, a box camera for example, and its usual values are filled in.
		</p>
	{/if}
	{#if !empty && here.length === 0}<p class="soft">No camera has that name.</p>{/if}
	<div class="scale" aria-hidden="true">
		<span></span><span></span><span></span>
		{#if loaded.size > 0}<LightScale {axis} />{/if}
	</div>
	<ul>
		{#each here as camera (camera.id)}
			<CameraRow {camera} loaded={loaded.get(camera.id)} {axis} {actions} />
		{/each}
	</ul>

	<h2>Films</h2>
	{#if !noFilms && films.length === 0}<p class="soft">No film has that name.</p>{/if}
	{#if noFilms}
		<p class="soft">No film yet. The number on its box and its type are enough: 400, colour print.</p>
	{/if}
	<ul>
		{#each films as film (film.id)}
			<li class="film">
				<div class="what">
					<a class="entry" href={resolve(`/bag/film/${film.id}`)}>{film.name}</a>
					<span class="soft small">{filmTypeName[film.type]}</span>
				</div>
				<span class="figures">ISO {film.iso}/{degreesFromIso(film.iso)}°</span>
				<div class="acts">
					<a class="plain-link" href={resolve(`/bag/load?film=${film.id}`)}
						>Load it<span class="sr-only">: {film.name}</span></a
					>
					<MoreMenu
						{actions}
						item={{ kind: 'films', record: film }}
						links={[{ href: resolve(`/bag/film/${film.id}/cameras`), name: 'Reach sheet' }]}
					/>
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
							onclick={() => actions.archive(item, false)}
							aria-label="Restore {item.record.name}">Restore</button
						>
					</li>
				{/each}
			</ul>
		</details>
	{/if}
	<Gear gear={records.gear} />
	<p><a class="plain-link" href={resolve('/settings')}>Settings: backups, scripts</a></p>
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
	.page {
		--bag-columns: 3.5rem minmax(11rem, 1.1fr) minmax(10rem, 0.8fr) minmax(14rem, 1.6fr) 11rem;
	}
	.scale {
		display: grid;
		grid-template-columns: var(--bag-columns);
		gap: 0 1.25rem;
	}
	.film {
		display: grid;
		grid-template-columns: minmax(0, 1fr) auto auto;
		gap: 0.25rem 1.25rem;
		align-items: center;
		padding: 0.6rem 0;
		border-top: 1px solid var(--line);
	}
	.what {
		display: grid;
	}
	.acts {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0 1rem;
	}
	summary {
		margin-top: 1.5rem;
		min-height: 2.75rem;
		cursor: pointer;
	}
	.find {
		display: grid;
		grid-template-columns: minmax(0, 20rem) minmax(0, 14rem);
		gap: 0.75rem 1.25rem;
		padding-top: 1rem;
	}
	@media (max-width: 820px) {
		.scale {
			grid-template-columns: minmax(0, 1fr);
		}
		.scale > span {
			display: none;
		}
		.film {
			grid-template-columns: minmax(0, 1fr) auto;
		}
		.film .acts {
			grid-column: 1 / -1;
			justify-content: space-between;
		}
	}
</style>
