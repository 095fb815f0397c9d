<!-- A film goes into a camera. -->
<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { cameraKind, usualChecklist } from '$core/camera';
	import { loadRecordSchema, type LoadRecord } from '$contract/records';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import FormEnd from '$lib/forms/FormEnd.svelte';
	import { plainNumber } from '$lib/forms/quantity';
	import QuantityField from '$lib/forms/QuantityField.svelte';
	import { RecordEditor } from '$lib/forms/record-editor.svelte';
	import TextField from '$lib/forms/TextField.svelte';
	import { replace } from '$lib/records/client';
	import { loadedCameras, type BagRecords } from '$lib/shoot/bag';

	let { records, cameraId, filmId }: { records: BagRecords; cameraId: string | null; filmId: string | null } =
		$props();

	const cameras = $derived(records.cameras.filter((camera) => !camera.archived));
	const films = $derived(records.films.filter((film) => !film.archived));
	const typicalFrames = (id: string) =>
		cameraKind(records.cameras.find((camera) => camera.id === id)?.kind)?.frames ?? 12;

	// svelte-ignore state_referenced_locally -- a form begins with what the address asks for
	const chosenCamera = cameras.find(({ id }) => id === cameraId)?.id ?? cameras[0]?.id ?? '';
	// svelte-ignore state_referenced_locally -- see above
	const chosenFilm = films.find(({ id }) => id === filmId)?.id ?? films[0]?.id ?? '';
	const blank: LoadRecord = {
		cameraId: chosenCamera,
		filmId: chosenFilm,
		frames: typicalFrames(chosenCamera),
		loadedAt: new Date().toISOString()
	};
	const editor = new RecordEditor('loads', loadRecordSchema, null, blank);
	const { form } = editor;

	const camera = $derived(records.cameras.find(({ id }) => id === form.draft.cameraId));
	const steps = $derived(camera ? (camera.checklist ?? usualChecklist(camera.kind)).load : []);
	const inside = $derived(loadedCameras(records).find(({ camera }) => camera.id === form.draft.cameraId));

	/** Takes the load out that is in the camera now; what was shot on it stays. */
	async function takeOut(): Promise<boolean> {
		if (!inside) return true;
		const out = await replace('loads', { ...inside.load, unloadedAt: new Date().toISOString() });
		if (out.result === 'saved') return true;
		editor.message =
			out.result === 'stale'
				? 'This load was changed elsewhere. Open this page again to see how it is now.'
				: 'Not saved: the server does not answer. What you typed is kept here; try again.';
		return false;
	}

	async function submit(event: SubmitEvent) {
		event.preventDefault();
		if (!form.submit() || !(await takeOut())) return;
		const saved = await editor.save();
		if (saved) await goto(resolve('/'), { invalidateAll: true });
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
						editor.set({ cameraId: id, frames: typicalFrames(id) });
						editor.generation += 1;
					}}
					problem={form.problemAt('cameraId')}
				/>
				<ChoiceField
					label="Film"
					value={form.draft.filmId}
					options={films.map(({ id, name }) => ({ value: id, name }))}
					onchange={(id) => editor.set({ filmId: id })}
					problem={form.problemAt('filmId')}
				/>
				{#key editor.generation}
					<QuantityField
						{form}
						path="frames"
						label="Frames"
						inputmode="decimal"
						value={form.draft.frames as number | undefined}
						quantity={plainNumber}
						onchange={(frames) => editor.set({ frames: frames as number })}
					/>
				{/key}
				<TextField
					{form}
					path="note"
					label="Note"
					value={form.draft.note}
					onchange={(note) => editor.set({ note: note || undefined })}
				/>
			</div>
			{#if inside}
				<p class="notice">
					{inside.camera.name} holds {inside.film.name} with {inside.left} of {inside.load.frames} left. Loading
					takes it out; its frames stay in Frames.
				</p>
			{/if}
			{#if steps.length > 0}
				<fieldset>
					<legend>Before you close it</legend>
					{#each steps as step (step)}
						<label class="tick-box"><input type="checkbox" /> {step}</label>
					{/each}
				</fieldset>
			{/if}
			<FormEnd {form} action="Load it" busy={editor.busy} message={editor.message}>
				{#snippet more()}<a class="quiet" href={resolve('/bag/film/new')}>Another film</a>{/snippet}
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
	.grid {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(15rem, 1fr));
		gap: 0.9rem 1.25rem;
	}
</style>
