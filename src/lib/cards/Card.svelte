<!-- The pocket card of a camera with a film: looked at, printed at its real size, or taken as a file. -->
<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { cardSvg, pocketCard, type CardSize } from '$words/cards';
	import { suitsFilm } from '$core/match';
	import type { CameraRecord, FilmRecord, GearRecord } from '$contract/records';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import type { Kept } from '$lib/records/client';
	import type { BagRecords } from '$lib/shoot/bag';

	interface Props {
		camera: Kept<CameraRecord>;
		film: Kept<FilmRecord>;
		records: BagRecords;
	}
	let { camera, film, records }: Props = $props();

	type FilterPiece = Kept<Extract<GearRecord, { type: 'filter' }>>;
	let size = $state<CardSize>('bank');
	let mounted = $state<string[]>([]);
	const filters = $derived(
		records.gear.filter((piece): piece is FilterPiece => piece.type === 'filter' && suitsFilm(piece, film))
	);
	const on = $derived(filters.filter(({ id }) => mounted.includes(id)));
	const svg = $derived(cardSvg(pocketCard(camera, film, on, size), size));
	const query = $derived(
		new URLSearchParams([
			['size', size],
			...on.map(({ id }) => ['filter', id] as [string, string])
		]).toString()
	);
	const address = (ending: string) => `/api/cards/${camera.id}/${film.id}.${ending}?${query}`;
	const sheet = $derived(`@page { size: ${size === 'bank' ? '85.6mm 54mm' : '105mm 148mm'}; margin: 0 }`);
	const films = $derived(records.films.filter(({ archived, id }) => !archived || id === film.id));
</script>

<svelte:head>
	<title>Pocket card of {camera.name} · Just Enough</title>
	<!-- A sheet as large as the card, so that it prints at its real size. -->
	<svelte:element this={"style"}>{sheet}</svelte:element>
</svelte:head>
<div class="page">
	<div class="controls">
		<p><a class="plain-link" href={resolve('/bag')}>Bag</a></p>
		<h1>Pocket card of {camera.name}</h1>
		<p class="soft">
			For when there’s no phone: what the light looks like, and what to set. The same answers as on Shoot.
		</p>
		<div class="fields">
			<ChoiceField
				label="Film"
				value={film.id}
				options={films.map(({ id, name }) => ({ value: id, name }))}
				onchange={(id) => goto(resolve(`/bag/card/${camera.id}/${id}`))}
			/>
			<ChoiceField
				label="Size"
				value={size}
				options={[
					{ value: 'bank', name: 'bank card' },
					{ value: 'a6', name: 'A6, a quarter of a sheet' }
				]}
				onchange={(next) => (size = next)}
			/>
		</div>
		{#if filters.length > 0}
			<fieldset>
				<legend>Filters on the lens</legend>
				{#each filters as { id, name } (id)}
					<label class="tick-box">
						<input type="checkbox" value={id} bind:group={mounted} />
						{name}
					</label>
				{/each}
			</fieldset>
		{/if}
	</div>
	<!-- eslint-disable-next-line svelte/no-at-html-tags -- made by the core, which escapes all names -->
	<div class="card {size}">{@html svg}</div>
	<div class="controls acts">
		<button class="action" onclick={() => window.print()}>Print it</button>
		<!-- eslint-disable svelte/no-navigation-without-resolve -- files of the API, not pages -->
		<a class="quiet" href={address('pdf')} download>PDF</a>
		<a class="quiet" href={address('svg')} download>SVG</a>
		<!-- eslint-enable svelte/no-navigation-without-resolve -->
	</div>
</div>

<style>
	.card {
		padding: 1rem 0;
		max-width: 34rem;
	}
	.card.a6 {
		max-width: 26rem;
	}
	.card :global(svg) {
		display: block;
		width: 100%;
		height: auto;
	}
	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 0.75rem;
	}
	legend {
		font-weight: var(--heavy);
	}
	/* On screen it has the colours of the display; on paper and in files it is black. */
	@media screen {
		.card :global(svg) {
			fill: var(--ink);
		}
		.card :global(svg > rect) {
			fill: var(--panel);
			stroke: var(--edge);
		}
		.card :global(svg [stroke='#000']) {
			stroke: var(--ink);
		}
	}
	@media print {
		.controls {
			display: none;
		}
		.page {
			padding: 0;
			margin: 0;
		}
		.card {
			padding: 0;
			max-width: none;
		}
		.card :global(svg) {
			width: auto;
		}
	}
</style>
