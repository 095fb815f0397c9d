<!-- The beginner's path: a kind of camera and the number on the film box, and there is a first verdict. -->
<script lang="ts">
	import { tick } from 'svelte';
	import { resolve } from '$app/paths';
	import { cameraKinds } from '$core/camera';
	import type { FilmType } from '$core/film';
	import { schools } from '$core/light';
	import { degreesFromIso, parseFilmSpeed } from '$core/units';
	import { filmTypes } from '$core/film';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import Field from '$lib/forms/Field.svelte';
	import CameraGlyph from '$lib/parts/CameraGlyph.svelte';
	import { filmTypeName, fitInWords } from '$words';
	import { scenes } from '$lib/light/scenes';
	import ShadowPicture from '$lib/light/ShadowPicture.svelte';
	import { newIds, storeFirstBag, type ShadowEdge } from './start';
	import { refresh } from '$lib/records/refresh';

	let kindId = $state('');
	let speed = $state('');
	let pickedType = $state<FilmType | null>(null);
	let tried = $state(false);
	let busy = $state(false);
	let message = $state('');
	let condition = $state<ShadowEdge | null>(null);
	let all = $state(false);
	const ids = newIds();
	let number: HTMLInputElement | undefined = $state();
	/** The kind is picked: the number on the box is what is asked next. */
	async function pick(id: string) {
		kindId = id;
		await tick();
		number?.focus({ preventScroll: true });
		number?.scrollIntoView({ block: 'nearest' });
	}
	/** What most people have; the others are one tap away. */
	const COMMON: readonly string[] = [
		'point-and-shoot',
		'plastic-medium-format',
		'box',
		'box-instant',
		'folding-instant'
	];
	const common = COMMON.map((id) => cameraKinds.find((each) => each.id === id)!);
	const kinds = $derived(all ? [...common, ...cameraKinds.filter(({ id }) => !COMMON.includes(id))] : common);
	const shadows = Object.entries(schools['shadow-edge'].conditions) as [ShadowEdge, { words: string }][];

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
		message = await storeFirstBag({ kind, filmType, iso, condition, ids });
		if (message === '') await refresh();
		busy = false;
	}
</script>

<svelte:head><title>Begin · Just Enough</title></svelte:head>
<div class="page">
	<h1>Will the picture come out?</h1>
	<p class="lead">Two facts are enough to start: the kind of camera, and the number on the film box.</p>
	<form onsubmit={begin} novalidate>
		{#if !kind}
			<fieldset>
				<legend>Your camera is most like</legend>
				<div class="kinds">
					{#each kinds as each (each.id)}
						<button type="button" class="kind" onclick={() => pick(each.id)}>
							<CameraGlyph kind={each.id} size={72} />
							<span class="words"
								><strong>{each.name}</strong><span class="soft small">{each.looks}</span></span
							>
						</button>
					{/each}
					{#if !all}
						<button type="button" class="kind more" onclick={() => (all = true)}
							><strong>More kinds of camera</strong></button
						>
					{/if}
				</div>
			</fieldset>
		{:else}
			<section class="chosen" aria-label="Your camera and its film">
				<div class="kind picked">
					<CameraGlyph kind={kind.id} size={72} />
					<span class="words">
						<strong>{kind.name}</strong><span class="soft small">{kind.looks}</span>
						<button type="button" class="plain-link" onclick={() => (kindId = '')}>Another camera</button>
					</span>
				</div>
				<Field
					label="Number on the film box"
					problem={speedProblem}
					hint={isoFits && iso ? `ISO ${iso}/${degreesFromIso(iso)}°` : 'for example 400'}
				>
					{#snippet control(attributes)}
						<input
							{...attributes}
							type="text"
							inputmode="numeric"
							autocomplete="off"
							bind:this={number}
							bind:value={speed}
						/>
					{/snippet}
				</Field>
				<ChoiceField
					label="Kind of film"
					hint={pickedType ? '' : 'typical for this camera; change it if the box says otherwise'}
					value={filmType}
					options={filmTypes.map((value) => ({ value, name: filmTypeName[value] }))}
					onchange={(value) => (pickedType = value)}
				/>
			</section>
			<fieldset>
				<legend>The light, if you’re outdoors: look at the shadow of a post, or your own</legend>
				<div class="shadows">
					{#each shadows as [id, { words }] (id)}
						<label class="kind shadow">
							<input type="radio" name="shadow" value={id} bind:group={condition} class="sr-only" />
							<ShadowPicture scene={scenes[id]} />
							<span>{words}</span>
						</label>
					{/each}
				</div>
			</fieldset>
		{/if}
		{#if fit}<p class="notice" role="status">{fit}</p>{/if}
		{#if message}<p class="notice" role="alert">{message}</p>{/if}
		<div class="act">
			{#if kind}<button class="action" type="submit" disabled={busy}
					>{busy ? 'Saving …' : condition ? 'Load it and see' : 'Load it and read the light'}</button
				>{/if}
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
	button.kind {
		text-align: left;
	}
	.kind.more {
		grid-template-columns: 1fr;
		justify-items: center;
	}
	.kind.picked {
		cursor: auto;
		border-color: var(--ink);
	}
	.chosen {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(min(15.5rem, 100%), 1fr));
		gap: 0.75rem 1.25rem;
		align-items: start;
	}
	.shadows {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(min(9.5rem, 100%), 1fr));
		gap: 0.5rem;
	}
	.kind.shadow {
		grid-template-columns: auto minmax(0, 1fr);
		line-height: 1.2;
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
	.act {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem 1.5rem;
	}
</style>
