<!-- A camera: what tells it apart in sight, the rest folded away with typical values. -->
<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { cameraKind, cameraKinds } from '$core/camera';
	import { filmFormats } from '$core/film';
	import type { PictureRecord } from '$contract/pictures';
	import { cameraRecordSchema, type CameraRecord } from '$contract/records';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import { stopsQuantity, timeQuantity } from '$lib/forms/exposures';
	import { plainNumber } from '$lib/forms/quantity';
	import QuantityField from '$lib/forms/QuantityField.svelte';
	import { RecordEditor } from '$lib/forms/record-editor.svelte';
	import RecordForm from '$lib/forms/RecordForm.svelte';
	import TextField from '$lib/forms/TextField.svelte';
	import CameraGlyph from '$lib/parts/CameraGlyph.svelte';
	import Pictures from '$lib/parts/Pictures.svelte';
	import type { Kept } from '$lib/records/client';
	import AboutFields from './AboutFields.svelte';
	import ApertureFields from './ApertureFields.svelte';
	import ExposureFields from './ExposureFields.svelte';
	import FocusFields from './FocusFields.svelte';
	import ShutterFields from './ShutterFields.svelte';

	interface Props {
		stored: Kept<CameraRecord> | null;
		/** The flashes of the bag. */
		flashes: { id: string; name: string }[];
		pictures: PictureRecord[];
		/** The kind that it starts from; NONE: from nothing. */
		kindId?: string | null;
	}
	let { stored, flashes, pictures, kindId = null }: Props = $props();

	const firstKind = cameraKinds[0];
	const NONE = 'none';
	/** Nothing is known: what must be said is empty. */
	const unknown = {
		frame: {},
		focus: { kind: 'fixed', distance: null },
		aperture: { kind: 'fixed' },
		shutter: { kind: 'fixed' },
		exposure: { mode: 'manual' }
	};
	const blank = (id: string, name: string): CameraRecord => {
		const kind = cameraKind(id);
		const typical = structuredClone(kind?.camera ?? unknown);
		return { name, ...(kind ? { kind: kind.id } : {}), ...typical } as CameraRecord;
	};
	// svelte-ignore state_referenced_locally -- a form begins with what was stored and is the person's from then on
	const editor = new RecordEditor('cameras', cameraRecordSchema, stored, blank(kindId ?? firstKind.id, ''));
	const { form } = editor;
	const set = (fields: Partial<CameraRecord>) => editor.set(fields);

	const kind = $derived(cameraKind(form.draft.kind));
	const typical = $derived(stored || !kind ? '' : 'typical for this kind');
	// svelte-ignore state_referenced_locally -- what a form begins with
	let lensOpen = $state(!stored && kindId === NONE);

	const onsaved = ({ id }: Kept<CameraRecord>) =>
		goto(resolve(stored ? '/bag' : `/bag/load?camera=${id}`), { invalidateAll: true });
</script>

<RecordForm
	{editor}
	title={stored ? stored.name : 'New camera'}
	back={{ href: resolve('/bag'), name: 'Bag' }}
	action={stored ? 'Save' : 'Save and load a film'}
	{onsaved}
>
	{#snippet fields()}
		<div class="first">
			<CameraGlyph kind={form.draft.kind} size={88} />
			<ChoiceField
				label={stored ? 'Kind' : 'Start from a kind'}
				hint={kind ? `${kind.looks}. ${kind.measure}` : ''}
				value={form.draft.kind ?? NONE}
				options={[
					...cameraKinds.map(({ id, name }) => ({ value: id, name })),
					...(stored && kind
						? []
						: [
								{
									value: stored ? (form.draft.kind ?? NONE) : NONE,
									name: stored ? 'another kind' : 'none of these'
								}
							])
				]}
				onchange={(id) => {
					if (stored) set({ kind: id === NONE ? undefined : id });
					else editor.begin(blank(id, form.draft.name));
					if (id === NONE && !stored) lensOpen = true;
				}}
			/>
			<TextField
				{form}
				path="name"
				label="Your name for it"
				value={form.draft.name}
				onchange={(name) => set({ name })}
			/>
		</div>

		{#key editor.generation}<fieldset>
				<legend
					>Its settings {#if typical}<span class="typical">{typical}</span>{/if}</legend
				>
				<div class="fields">
					<ExposureFields {form} value={form.draft.exposure} onchange={(exposure) => set({ exposure })} />
				</div>
				<div class="fields">
					<ApertureFields {form} value={form.draft.aperture} onchange={(aperture) => set({ aperture })} />
				</div>
				<div class="fields">
					<ShutterFields
						{form}
						value={form.draft.shutter}
						bulb={form.draft.bulb}
						onchange={(shutter) => set({ shutter })}
						onbulb={(bulb) => set({ bulb })}
					/>
				</div>
			</fieldset>
			<details bind:open={lensOpen}>
				<summary
					>Focus, frame and lens {#if typical}<span class="typical">{typical}</span>{/if}</summary
				>
				<div class="fields">
					<FocusFields {form} value={form.draft.focus} onchange={(focus) => set({ focus })} />
				</div>
				<div class="fields">
					<TextField
						{form}
						path="format"
						label="Film it takes"
						hint="such as 120, 35 mm, or a kind of pack"
						value={form.draft.format}
						among={filmFormats.map(({ name }) => name)}
						onchange={(format) => set({ format: format.trim() || undefined })}
					/>
					<QuantityField
						{form}
						path="frame.width"
						label="Frame width, mm"
						value={form.draft.frame.width}
						quantity={plainNumber}
						onchange={(width) => set({ frame: { ...form.draft.frame, width: width as number } })}
					/>
					<QuantityField
						{form}
						path="frame.height"
						label="Frame height, mm"
						value={form.draft.frame.height}
						quantity={plainNumber}
						onchange={(height) => set({ frame: { ...form.draft.frame, height: height as number } })}
					/>
					<QuantityField
						{form}
						path="focalLength"
						label="Focal length, mm"
						value={form.draft.focalLength}
						quantity={plainNumber}
						onchange={(focalLength) => set({ focalLength: focalLength as number })}
					/>
					<QuantityField
						{form}
						path="circleOfConfusion"
						label="Largest blur that still looks sharp, mm"
						hint="empty: frame diagonal / 1500"
						value={form.draft.circleOfConfusion}
						quantity={plainNumber}
						onchange={(circleOfConfusion) => set({ circleOfConfusion })}
					/>
					<QuantityField
						{form}
						path="handHold"
						label="Slowest hand-held speed, s"
						hint="empty: from the focal length"
						value={form.draft.handHold}
						quantity={timeQuantity}
						onchange={(handHold) => set({ handHold })}
					/>
					<QuantityField
						{form}
						path="framesPerSecond"
						label="Frames per second"
						hint="cine only"
						value={form.draft.framesPerSecond}
						quantity={plainNumber}
						onchange={(framesPerSecond) => set({ framesPerSecond })}
					/>
					<QuantityField
						{form}
						path="offset.stops"
						label="Overexposes by, stops"
						hint="from your own frames; a minus for under; empty: not known"
						value={form.draft.offset?.stops}
						quantity={stopsQuantity}
						onchange={(stops) =>
							set({
								offset: stops === undefined ? undefined : { sd: 0.15, ...form.draft.offset, stops },
								learnt: undefined
							})}
					/>
				</div>
			</details>
			<details>
				<summary>Lever, finder, checklists, notes</summary>
				<AboutFields {form} {set} {flashes} />
			</details>
			{#if stored}
				<details>
					<summary>Pictures of it</summary>
					<Pictures owner="camera" ownerId={stored.id} {pictures} what="picture" />
				</details>
			{/if}
		{/key}{/snippet}
	{#snippet more()}<a class="quiet" href={resolve('/bag')}>Cancel</a>{/snippet}
</RecordForm>

<style>
	.first {
		display: grid;
		grid-template-columns: 6rem repeat(2, minmax(0, 20rem));
		gap: 1.25rem;
		align-items: start;
	}
	.typical {
		font-weight: 400;
		font-size: 0.875rem;
		color: var(--ink-soft);
		padding-left: 0.5rem;
	}
	@media (max-width: 820px) {
		.first {
			grid-template-columns: 1fr;
		}
	}
</style>
