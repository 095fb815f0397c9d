<!-- A film: name, type and the number on the box; the rest is folded away. -->
<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { isPulled, type TimePoint } from '$core/develop';
	import {
		factsOf,
		filmKinds,
		filmTypes,
		formatsOf,
		isSeenAtOnce,
		latitudeOf,
		type Latitude
	} from '$core/film';
	import { takenBy, usualType } from '$core/camera';
	import { degreesFromIso, formatStops, formatTemperature } from '$core/units';
	import { filmRecordSchema, type CameraRecord, type FilmRecord } from '$contract/records';
	import Care from '$lib/develop/Care.svelte';
	import { timeLine } from '$lib/develop/recipe-lines';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import { filmSpeedQuantity, stopsQuantity, timeQuantity } from '$lib/forms/exposures';
	import { plainNumber } from '$lib/forms/quantity';
	import LinesField from '$lib/forms/LinesField.svelte';
	import type { FormState } from '$lib/forms/form-state.svelte';
	import QuantityField from '$lib/forms/QuantityField.svelte';
	import { RecordEditor } from '$lib/forms/record-editor.svelte';
	import RecordForm from '$lib/forms/RecordForm.svelte';
	import TextField from '$lib/forms/TextField.svelte';
	import { filmTypeName } from '$words';
	import type { Kept } from '$lib/records/client';

	import Term from '$lib/words/Term.svelte';
	import ExpiredFilm from './ExpiredFilm.svelte';

	interface Props {
		stored: Kept<FilmRecord> | null;
		/** The camera that it is for. */
		camera?: Kept<CameraRecord> | null;
	}
	let { stored, camera = null }: Props = $props();

	// svelte-ignore state_referenced_locally -- a form begins with the camera that it was opened for
	const goesIn = camera ?? {};
	const { format } = takenBy(goesIn);
	const forCamera = { type: usualType(goesIn), ...(format ? { format } : {}) };
	const blank = { name: '', ...forCamera } as FilmRecord;

	// svelte-ignore state_referenced_locally -- a form begins with what was stored and is the person's from then on
	const editor = new RecordEditor('films', filmRecordSchema, stored, blank);
	const { form } = editor;
	const set = (fields: Partial<FilmRecord>) => editor.set(fields);
	const loose = form as unknown as FormState<object>;

	let kind = $state('');

	/** Typical values; the name is the person's. */
	function startFrom(id: string) {
		kind = id;
		const found = filmKinds.find((each) => each.id === id);
		if (!found) return;
		const { name, format } = form.draft;
		// The format stays where films of this type come in it.
		const fits = format !== undefined && formatsOf(found.film.type).includes(format);
		editor.begin({ ...structuredClone(found.film), name, ...(fits ? { format } : {}) });
	}

	function useAge(aged: { processStops: number; speedSd: number }) {
		editor.begin({ ...($state.snapshot(form.draft) as FilmRecord), ...aged });
	}

	const ends = [
		{ range: 'good', end: 0, label: 'Good from, stops' },
		{ range: 'good', end: 1, label: 'Good to, stops' },
		{ range: 'usable', end: 0, label: 'Usable from, stops' },
		{ range: 'usable', end: 1, label: 'Usable to, stops' }
	] as const;

	function setEnd(range: keyof Latitude, end: 0 | 1, value: number | undefined) {
		const latitude = structuredClone($state.snapshot(latitudeOf(form.draft))) as Latitude;
		latitude[range][end] = value as number;
		set({ latitude });
	}

	const inWords = (stops: number) => `${formatStops(stops)} ${stops < 0 ? 'under' : 'over'}`;
	const usual = $derived(factsOf(form.draft.type).reciprocity);
	const typical = $derived.by(() => {
		const { good, usable } = factsOf(form.draft.type).latitude;
		return `good from ${inWords(good[0])} to ${inWords(good[1])}, usable from ${inWords(usable[0])} to ${inWords(usable[1])}.`;
	});
	const degrees = $derived(
		form.draft.iso > 0
			? `ISO ${form.draft.iso}/${degreesFromIso(form.draft.iso)}°`
			: 'the number on the box, such as 400 or 27°'
	);

	function backToTypical() {
		const typicalAgain = $state.snapshot(form.draft) as FilmRecord;
		delete typicalAgain.latitude;
		editor.begin(typicalAgain);
	}

	const onsaved = ({ id }: Kept<FilmRecord>) =>
		goto(resolve(stored ? '/bag' : `/bag/load?film=${id}${camera ? `&camera=${camera.id}` : ''}`), {
			invalidateAll: true
		});
</script>

<RecordForm
	{editor}
	title={stored ? stored.name : 'New film'}
	back={{ href: resolve('/bag'), name: 'Bag' }}
	action={stored ? 'Save' : 'Save and load it'}
	{onsaved}
>
	{#snippet fields()}
		{#if !stored}
			<div class="fields">
				<ChoiceField
					label="Start from a kind"
					value={kind}
					options={[
						{ value: '', name: 'none: I’ll type it in' },
						...filmKinds.map(({ id, name }) => ({ value: id, name }))
					]}
					onchange={startFrom}
				/>
			</div>
		{/if}
		{#key editor.generation}
			<div class="fields">
				<TextField
					{form}
					path="name"
					label="Name"
					value={form.draft.name}
					onchange={(name) => set({ name })}
				/>
				<QuantityField
					{form}
					path="iso"
					label="Speed"
					term="iso"
					hint={degrees}
					value={form.draft.iso as number | undefined}
					quantity={filmSpeedQuantity}
					onchange={(iso) => set({ iso: iso as number })}
				/>
				<ChoiceField
					label="Type"
					value={form.draft.type}
					options={filmTypes.map((value) => ({ value, name: filmTypeName[value] }))}
					onchange={(type) => set({ type })}
				/>
				<TextField
					{form}
					path="format"
					label="Format"
					hint={form.draft.format
						? ''
						: 'on the box, such as 120 or 35 mm; empty: goes wherever its type does'}
					value={form.draft.format}
					among={formatsOf(form.draft.type)}
					onchange={(format) => set({ format: format.trim() || undefined })}
				/>
			</div>
			<details>
				<summary
					>Exposure latitude <span class="soft small"
						>{form.draft.latitude ? 'your own values' : 'typical for its type'}</span
					></summary
				>
				<p class="soft">
					Typical <Term id="latitude" word="latitude" />: {typical} Use a minus for less light.
				</p>
				<div class="fields">
					{#each ends as { range, end, label } (label)}
						<QuantityField
							{form}
							path="latitude.{range}"
							{label}
							value={latitudeOf(form.draft)[range][end] as number | undefined}
							quantity={stopsQuantity}
							onchange={(value) => setEnd(range, end, value)}
						/>
					{/each}
				</div>
				{#if form.draft.latitude}
					<button class="quiet" type="button" onclick={backToTypical}>Back to typical</button>
				{/if}
			</details>
			{#if isSeenAtOnce(form.draft)}
				<details open={form.draft.times !== undefined}>
					<summary>Times of development by temperature</summary>
					<Care kind={isPulled(form.draft) ? 'peel-apart-pack' : 'instant-pack'} />
					<div class="fields">
						<LinesField
							form={loose}
							path="times"
							label="As printed on the pack"
							hint="one per line: {formatTemperature(21)}, 1:30; empty: usual for its type"
							value={form.draft.times ?? []}
							line={timeLine}
							onchange={(times: TimePoint[]) => set({ times: times.length > 0 ? times : undefined })}
						/>
					</div>
				</details>
			{/if}
			<details>
				<summary>Age, development and long times</summary>
				<ExpiredFilm film={form.draft} onuse={useAge} />
				<div class="fields">
					<QuantityField
						{form}
						path="processStops"
						label="Speed gained or lost, stops"
						term="push"
						hint="through age and development; a minus for a loss"
						value={form.draft.processStops}
						quantity={stopsQuantity}
						onchange={(processStops) => set({ processStops })}
					/>
					<QuantityField
						{form}
						path="speedSd"
						label="Uncertainty of its speed, stops"
						hint="fresh film about ⅙; expired film much more"
						value={form.draft.speedSd}
						quantity={stopsQuantity}
						onchange={(speedSd) => set({ speedSd })}
					/>
					<QuantityField
						{form}
						path="reciprocity.from"
						label="Reciprocity failure from, s"
						term="reciprocity"
						hint="empty: typical for its type, from {usual.from} s"
						value={form.draft.reciprocity?.from}
						quantity={timeQuantity}
						onchange={(from) =>
							set({
								reciprocity:
									from === undefined
										? undefined
										: { exponent: usual.exponent, ...form.draft.reciprocity, from }
							})}
					/>
					{#if form.draft.reciprocity}
						<QuantityField
							{form}
							path="reciprocity.exponent"
							label="Exponent"
							hint="1.1 to 1.5, from its data sheet; 1 loses nothing"
							value={form.draft.reciprocity.exponent as number | undefined}
							quantity={plainNumber}
							onchange={(exponent) =>
								set({ reciprocity: { ...form.draft.reciprocity!, exponent: exponent as number } })}
						/>
					{/if}
				</div>
			</details>
		{/key}{/snippet}
	{#snippet more()}<a class="quiet" href={resolve('/bag')}>Cancel</a>{/snippet}
</RecordForm>
