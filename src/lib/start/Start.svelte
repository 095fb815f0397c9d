<!-- The beginner's path: a kind of camera and the number on the film box, and there is a first verdict. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { cameraKinds } from '$core/camera';
	import type { FilmType } from '$core/film';
	import { degreesFromIso, parseFilmSpeed } from '$core/units';
	import { filmTypes } from '$core/film';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import Field from '$lib/forms/Field.svelte';
	import CameraGlyph from '$lib/parts/CameraGlyph.svelte';
	import { filmTypeName, fitInWords } from '$core/words';
	import { newIds, storeFirstBag } from './start';
	import { refresh } from '$lib/records/refresh';

	let kindId = $state('');
	let speed = $state('');
	let pickedType = $state<FilmType | null>(null);
	let tried = $state(false);
	let busy = $state(false);
	let message = $state('');
	const ids = newIds();
	let film: HTMLElement;
	/** The kind is picked: the number on the box is what is asked next. */
	$effect(() => {
		if (kindId) film.scrollIntoView({ block: 'nearest' });
	});

	const SLOWEST = 0.1;
	const FASTEST = 1_000_000;
	const kind = $derived(cameraKinds.find(({ id }) => id === kindId));
	const iso = $derived(parseFilmSpeed(speed));
	const isoFits = $derived(iso !== null && iso >= SLOWEST && iso <= FASTEST);
	const filmType = $derived(pickedType ?? kind?.film ?? 'colour-negative');
	const speedProblem = $derived(
		(tried || speed !== '') && !isoFits ? 'Type the number on the film box, such as 400 or 27°' : ''
	);

	const fit = $derived(
		kind ? fitInWords({ name: kind.name, kind: kind.id }, { name: '', type: filmType, iso: 100 }) : ''
	);

	async function begin(event: SubmitEvent) {
		event.preventDefault();
		tried = true;
		if (!kind || iso === null || !isoFits) return;
		busy = true;
		message = await storeFirstBag({ kind, filmType, iso, ids });
		if (message === '') await refresh();
		busy = false;
	}
</script>

<svelte:head><title>Begin · Just Enough</title></svelte:head>
<div class="page">
	<h1>Will the picture come out?</h1>
	<p class="lead">Two facts are enough to start: the kind of camera, and the number on the film box.</p>
	<form onsubmit={begin} novalidate>
		<fieldset>
			<legend>Your camera is most like</legend>
			<div class="kinds">
				{#each cameraKinds as each (each.id)}
					<label class="kind">
						<input type="radio" name="kind" value={each.id} bind:group={kindId} class="sr-only" />
						<CameraGlyph kind={each.id} size={72} />
						<span class="words"><strong>{each.name}</strong><span class="soft small">{each.looks}</span></span
						>
					</label>
				{/each}
			</div>
			{#if tried && !kind}<p class="problem" role="alert">Pick the camera that looks most like yours</p>{/if}
		</fieldset>
		<div class="film" bind:this={film}>
			<Field
				label="Number on the film box"
				problem={speedProblem}
				hint={isoFits && iso ? `ISO ${iso}/${degreesFromIso(iso)}°` : 'for example 400'}
			>
				{#snippet control(attributes)}
					<input {...attributes} type="text" inputmode="numeric" autocomplete="off" bind:value={speed} />
				{/snippet}
			</Field>
			<ChoiceField
				label="Kind of film"
				hint={pickedType ? '' : 'typical for this camera; change it if the box says otherwise'}
				value={filmType}
				options={filmTypes.map((value) => ({ value, name: filmTypeName[value] }))}
				onchange={(value) => (pickedType = value)}
			/>
		</div>
		{#if fit}<p class="notice" role="status">{fit}</p>{/if}
		{#if message}<p class="notice" role="alert">{message}</p>{/if}
		<div class="act">
			<button class="action" type="submit" disabled={busy}
				>{busy ? 'Saving …' : 'Load it and read the light'}</button
			>
			<a class="plain-link" href={resolve('/bag/camera/new?kind=none')}>Mine is none of these</a>
			<a class="plain-link" href={resolve('/words')}>What the words mean</a>
		</div>
	</form>
</div>

<style>
	.page h1 {
		font-size: clamp(2rem, 5vw, 3rem);
		letter-spacing: -0.02em;
	}
	.lead {
		padding: 0.5rem 0 1.25rem;
		max-width: 40rem;
		font-size: 1.125rem;
	}
	form {
		display: grid;
		gap: 1.5rem;
	}
	legend {
		font-weight: var(--heavy);
		padding-bottom: 0.5rem;
	}
	.kinds {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(min(15.5rem, 100%), 1fr));
		gap: 0.5rem;
	}
	.kind {
		display: grid;
		grid-template-columns: 4.5rem 1fr;
		align-items: center;
		gap: 0.9rem;
		padding: 0.5rem 0.75rem;
		border: 2px solid var(--line);
		border-radius: var(--radius-base);
		cursor: pointer;
	}
	.kind:has(input:checked) {
		border-color: var(--ink);
		background: var(--hollow);
	}
	.kind:has(input:focus-visible) {
		outline: 3px solid var(--ink);
		outline-offset: 2px;
	}
	.words {
		display: grid;
		line-height: 1.25;
	}
	.film {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(14rem, 20rem));
		gap: 1.25rem;
	}
	.problem {
		padding-top: 0.5rem;
		font-weight: var(--heavy);
	}
	.act {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem 1.5rem;
	}
</style>
