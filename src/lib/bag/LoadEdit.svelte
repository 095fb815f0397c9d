<!-- A load is put right: what it is, how many frames it holds, and what it cost. -->
<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import {
		loadRecordSchema,
		type CameraRecord,
		type FilmRecord,
		type FrameRecord,
		type LoadRecord
	} from '$contract/records';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import type { FormState } from '$lib/forms/form-state.svelte';
	import { plainNumber } from '$lib/forms/quantity';
	import QuantityField from '$lib/forms/QuantityField.svelte';
	import { RecordEditor } from '$lib/forms/record-editor.svelte';
	import RecordForm from '$lib/forms/RecordForm.svelte';
	import TextField from '$lib/forms/TextField.svelte';
	import { replace, type Kept } from '$lib/records/client';
	import AgedField from '$lib/stock/AgedField.svelte';
	import LoadFields from './LoadFields.svelte';
	import { highestNumber, withFilm } from './load-put-right';
	import { counted } from '$words';

	interface Props {
		load: Kept<LoadRecord>;
		camera: Kept<CameraRecord>;
		films: Kept<FilmRecord>[];
		frames: Kept<FrameRecord>[];
	}
	let { load, camera, films, frames }: Props = $props();

	// svelte-ignore state_referenced_locally -- a form begins with what was stored
	const editor = new RecordEditor('loads', loadRecordSchema, load, load);
	const { form } = editor;
	const loose = form as unknown as FormState<object>;
	const taken = $derived(highestNumber(load, frames));
	const shown = $derived(films.filter(({ archived, id }) => !archived || id === load.filmId));
	/** What its frames were worked out with is another film, or another age of it. */
	const otherThan = ({ filmId, aged }: LoadRecord) =>
		filmId !== load.filmId || (aged === undefined) !== (load.aged === undefined);

	/** Frames that were taken on what was thought to be another film are worked out again. */
	async function onsaved(saved: Kept<LoadRecord>) {
		const film = films.find(({ id }) => id === saved.filmId);
		if (film && otherThan(saved)) {
			for (const frame of frames) await replace('frames', withFilm(frame, camera, film, saved));
		}
		await goto(resolve(saved.unloadedAt ? `/frames?load=${saved.id}` : '/'), { invalidateAll: true });
	}
</script>

<RecordForm
	{editor}
	title="The load in {camera.name}"
	back={{ href: resolve('/'), name: 'Shoot' }}
	action="Save the load"
	{onsaved}
>
	{#snippet about()}
		<p class="soft">
			{taken === 0 ? 'No frames taken yet.' : `Its highest frame so far is ${taken}.`}
		</p>
	{/snippet}
	{#snippet fields()}{#key editor.generation}
			<div class="fields">
				<ChoiceField
					label="Film"
					value={form.draft.filmId}
					options={shown.map(({ id, name }) => ({ value: id, name }))}
					onchange={(filmId) => editor.set({ filmId, aged: filmId === load.filmId ? load.aged : undefined })}
					problem={form.problemAt('filmId')}
				/>
				<QuantityField
					form={loose}
					path="frames"
					label={form.draft.spool ? 'Shots, at most' : 'Frames'}
					hint="count the extra one or two at the end, too"
					inputmode="decimal"
					value={form.draft.frames as number | undefined}
					quantity={plainNumber}
					onchange={(count) => editor.set({ frames: count as number })}
				/>
				<LoadFields form={loose} load={form.draft} set={(fields) => editor.set(fields)} />
				{#if load.aged && form.draft.filmId === load.filmId}
					<AgedField offered={load.aged} aged={form.draft.aged} onchange={(aged) => editor.set({ aged })} />
				{/if}
				<TextField
					form={loose}
					path="note"
					label="Note"
					value={form.draft.note}
					onchange={(note) => editor.set({ note: note || undefined })}
				/>
			</div>
			{#if otherThan(form.draft as LoadRecord) && frames.length > 0}
				<p class="notice">
					Its {counted(frames.length, 'frame is', '# frames are')} worked out again for this film; your judgements
					stay.
				</p>
			{/if}
		{/key}{/snippet}
	{#snippet more()}{/snippet}
</RecordForm>
