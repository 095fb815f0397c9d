<!-- A film goes into a camera. -->
<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { checklistOf, takenBy } from '$core/camera';
	import { asLoaded, isDevelopedLater, type BatchLeft } from '$core/film';
	import { eyeInWords, fitInWords, mismatchInWords, otherCuresInWords } from '$words';
	import { filtersOf } from '$contract/own-filters';
	import { loadRecordSchema, type LoadRecord, type RecipeRecord } from '$contract/records';
	import ProcessFields from '$lib/develop/ProcessFields.svelte';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import FormEnd from '$lib/forms/FormEnd.svelte';
	import type { FormState } from '$lib/forms/form-state.svelte';
	import { plainNumber } from '$lib/forms/quantity';
	import QuantityField from '$lib/forms/QuantityField.svelte';
	import { RecordEditor } from '$lib/forms/record-editor.svelte';
	import TextField from '$lib/forms/TextField.svelte';
	import { replace, type Kept } from '$lib/records/client';
	import { loadedCameras, type BagRecords } from '$lib/shoot/bag';
	import { takeInHand } from '$lib/shoot/in-hand';
	import Said from '$lib/words/Said.svelte';
	import LightLane from './LightLane.svelte';
	import FromStock from '$lib/stock/FromStock.svelte';
	import { ofBatch } from '$lib/stock/of-batch';
	import LoadFields from './LoadFields.svelte';
	import { filmFor, filmsThatFit, typicalLoad } from './takes';

	interface Props {
		records: BagRecords;
		recipes: readonly Kept<RecipeRecord>[];
		cameraId: string | null;
		filmId: string | null;
		/** The films that each camera took, the last one first. */
		took: Readonly<Record<string, string[]>>;
		/** The last running number that was given; null where nobody counts on. */
		lastNumber: number | null;
		/** The packs or rolls of each film that the next load is of, where there are any. */
		next: Readonly<Record<string, BatchLeft>>;
	}
	let { records, recipes, cameraId, filmId, took, lastNumber, next }: Props = $props();

	const cameras = $derived(records.cameras.filter((camera) => !camera.archived));
	const films = $derived(records.films.filter((film) => !film.archived));
	const cameraOf = (id: string) => records.cameras.find((camera) => camera.id === id);

	/** What is offered for a camera. */
	function offered(id: string): string {
		const camera = cameraOf(id);
		const found = camera && filmFor(camera, films, took[id] ?? []);
		return (found ?? films[0])?.id ?? '';
	}
	const typicalOf = (camera: string, film: string) =>
		typicalLoad(
			cameraOf(camera),
			films.find(({ id }) => id === film)
		);
	/** Another film is counted anew where it holds another number of frames. */
	function framesFor(filmId: string): Pick<LoadRecord, 'frames'> | object {
		const { cameraId, filmId: before } = form.draft;
		const { frames } = typicalOf(cameraId, filmId);
		return frames === typicalOf(cameraId, before).frames ? {} : { frames };
	}
	/** What a load takes from the packs that it is of. */
	function stockOf(id: string) {
		const film = films.find((each) => each.id === id);
		return film ? ofBatch(film, next[id] ?? null, Date.now()) : {};
	}
	/** A film that a person chose is not chosen over. */
	// svelte-ignore state_referenced_locally -- one that the address asks for was chosen before
	let picked = $state(filmId !== null);

	// svelte-ignore state_referenced_locally -- a form begins with what the address asks for
	const wantedFilm = films.find(({ id }) => id === filmId);
	// svelte-ignore state_referenced_locally -- see above
	const fitting = cameras.find((each) => wantedFilm && filmsThatFit([wantedFilm], takenBy(each)).length > 0);
	// svelte-ignore state_referenced_locally -- see above
	const chosenCamera = (cameras.find(({ id }) => id === cameraId) ?? fitting ?? cameras[0])?.id ?? '';
	// svelte-ignore state_referenced_locally -- see above
	const chosenFilm = wantedFilm?.id ?? offered(chosenCamera);
	const blank: LoadRecord = {
		cameraId: chosenCamera,
		filmId: chosenFilm,
		loadedAt: new Date().toISOString(),
		...typicalOf(chosenCamera, chosenFilm),
		...stockOf(chosenFilm),
		// svelte-ignore state_referenced_locally -- see above
		...(lastNumber === null ? {} : { countsFrom: lastNumber + 1 })
	};
	const editor = new RecordEditor('loads', loadRecordSchema, null, blank);
	const { form } = editor;

	const camera = $derived(cameraOf(form.draft.cameraId));
	const film = $derived(films.find(({ id }) => id === form.draft.filmId));
	const loaded = $derived(film && asLoaded(film, form.draft));
	const mismatch = $derived(camera && loaded ? mismatchInWords(camera, loaded, filtersOf(records.gear)) : '');
	const eye = $derived(camera && loaded ? eyeInWords(camera, loaded) : '');
	const fit = $derived(camera && film ? fitInWords(camera, film) : '');
	const { spool } = $derived(form.draft);
	const checked = $derived(form.draft.checked ?? []);
	const loose = form as unknown as FormState<object>;

	const tick = (step: string, on: boolean) =>
		editor.set({ checked: on ? [...checked, step] : checked.filter((each) => each !== step) });
	const steps = $derived(camera ? checklistOf(camera, film ?? null).load : []);
	const inside = $derived(loadedCameras(records).find(({ camera }) => camera.id === form.draft.cameraId));

	/** Takes the load out that is in the camera now; what was shot on it stays. */
	async function takeOut(): Promise<boolean> {
		if (!inside) return true;
		const out = await replace('loads', { ...inside.load, unloadedAt: new Date().toISOString() });
		if (out.result === 'saved') return true;
		editor.message =
			out.result === 'stale'
				? 'This load was changed elsewhere. Reload this page to see how it is now.'
				: 'Not saved: the server isn’t answering. What you typed is kept here; try again.';
		return false;
	}

	async function submit(event: SubmitEvent) {
		event.preventDefault();
		if (!form.submit() || !(await takeOut())) return;
		const saved = await editor.save();
		if (!saved) return;
		takeInHand(saved.id);
		await goto(resolve('/'), { invalidateAll: true });
	}
</script>

<svelte:head><title>Load a film · Just Enough</title></svelte:head>
<div class="page">
	<p><a class="plain-link" href={resolve('/bag')}>Bag</a></p>
	<h1>Load a film</h1>
	{#if cameras.length === 0}
		<p class="soft">There is no camera yet.</p>
		<p><a class="action" href={resolve('/bag/camera/new')}>Add a camera</a></p>
	{:else if films.length === 0}
		<p class="soft">There is no film yet. The number on its box and its type are enough.</p>
		<p><a class="action" href={resolve('/bag/film/new')}>Add a film</a></p>
	{:else}
		<form onsubmit={submit} novalidate>
			<div class="grid">
				<ChoiceField
					label="Camera"
					value={form.draft.cameraId}
					options={cameras.map(({ id, name }) => ({ value: id, name }))}
					onchange={(id) => {
						const filmId = picked ? form.draft.filmId : offered(id);
						const { spool, ...typical } = typicalOf(id, filmId);
						editor.set({ cameraId: id, filmId, ...typical, spool, checked: undefined, ...stockOf(filmId) });
						editor.generation += 1;
					}}
					problem={form.problemAt('cameraId')}
				/>
				<ChoiceField
					label="Film"
					value={form.draft.filmId}
					options={films.map(({ id, name }) => ({ value: id, name }))}
					onchange={(id) => {
						picked = true;
						editor.set({ filmId: id, ...framesFor(id), ...stockOf(id) });
						editor.generation += 1;
					}}
					problem={form.problemAt('filmId')}
				/>
				{#if camera && loaded && !fit}
					<section class="against" aria-label="{loaded.name} in {camera.name}">
						<LightLane {camera} film={loaded} />
						{#if !mismatch && eye}<p class="small figures"><Said text={eye} /></p>{/if}
					</section>
				{/if}
				{#key editor.generation}
					<QuantityField
						{form}
						path="frames"
						label={spool ? 'Shots, at most' : 'Frames'}
						inputmode="decimal"
						value={form.draft.frames as number | undefined}
						quantity={plainNumber}
						onchange={(frames) => editor.set({ frames: frames as number })}
					/>
					{#if spool}
						{#each [{ key: 'feet', label: 'Feet a side' }, { key: 'sides', label: 'Sides' }, { key: 'framesPerSecond', label: 'Frames a second' }, { key: 'framesPerFoot', label: 'Frames a foot' }] as const as { key, label } (key)}
							<QuantityField
								form={loose}
								path="spool.{key}"
								{label}
								inputmode="decimal"
								value={spool[key] as number | undefined}
								quantity={plainNumber}
								onchange={(value) => editor.set({ spool: { ...spool, [key]: value as number } })}
							/>
						{/each}
					{/if}
					<LoadFields form={loose} load={form.draft} set={(fields) => editor.set(fields)} />
				{/key}
				{#if film && next[film.id]}
					<FromStock
						{film}
						batch={next[film.id]}
						aged={form.draft.aged}
						onchange={(aged) => editor.set({ aged })}
					/>
				{/if}
				{#if film && isDevelopedLater(film)}
					<ProcessFields
						process={form.draft.process}
						{recipes}
						onchange={(process) => editor.set({ process })}
					/>
				{/if}
				<TextField
					{form}
					path="note"
					label="Note"
					value={form.draft.note}
					onchange={(note) => editor.set({ note: note || undefined })}
				/>
			</div>
			{#if fit}<p class="notice" role="status">{fit}</p>{/if}
			{#if mismatch && camera && loaded}<p class="notice" role="status">
					<Said text={mismatch} />
					{otherCuresInWords(camera, loaded)}
				</p>{/if}
			{#if inside}
				<p class="notice">
					{inside.camera.name} holds {inside.film.name} with {inside.left} of {inside.load.frames} left. Loading
					takes it out; its frames stay in Frames.
				</p>
			{/if}
			{#if steps.length > 0}
				<fieldset>
					<legend>Before you close the back</legend>
					{#each steps as step (step)}
						<label class="tick-box"
							><input
								type="checkbox"
								checked={checked.includes(step)}
								onchange={(event) => tick(step, event.currentTarget.checked)}
							/>
							{step}</label
						>
					{/each}
				</fieldset>
			{/if}
			<FormEnd {form} action="Load it" busy={editor.busy} message={editor.message}>
				{#snippet more()}<a class="quiet" href={resolve(`/bag/film/new?camera=${form.draft.cameraId}`)}
						>Another film</a
					>{/snippet}
			</FormEnd>
		</form>
	{/if}
</div>

<style>
	form {
		display: grid;
		gap: 1.25rem;
		padding-top: 1rem;
	}
	.against {
		grid-column: span 2;
		min-width: 0;
	}
	.grid {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(min(15rem, 100%), 1fr));
		gap: 0.9rem 1.25rem;
	}
	@media (max-width: 820px) {
		.against {
			grid-column: 1 / -1;
		}
	}
</style>
