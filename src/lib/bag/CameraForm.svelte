<!-- A camera: what tells it apart in sight, the rest folded away with typical values. -->
<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { cameraKind, cameraKinds, type CameraPart } from '$core/camera';
	import type { PictureRecord } from '$contract/pictures';
	import {
		cameraRecordSchema,
		type CameraRecord,
		type FilmRecord,
		type MeasurementRecord
	} from '$contract/records';
	import { check } from '$contract/validate';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import { stopsQuantity } from '$lib/forms/exposures';
	import Group from '$lib/forms/Group.svelte';
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
	import { givesFrom, givesInWords, partFrom, partInWords, partNames, partsOpen } from '$words/camera-parts';
	import FocusFields from './FocusFields.svelte';
	import FrameFields from './FrameFields.svelte';
	import LaneNow from './LaneNow.svelte';
	import LensFields from './LensFields.svelte';
	import ShutterFields from './ShutterFields.svelte';

	interface Props {
		stored: Kept<CameraRecord> | null;
		/** The flashes of the bag. */
		flashes: { id: string; name: string }[];
		/** The films that it can be tried with, what is in it first. */
		films: FilmRecord[];
		/** What was measured of it, the newest first. */
		measurements: MeasurementRecord[];
		pictures: PictureRecord[];
		/** The kind that it starts from; NONE: from nothing. */
		kindId?: string | null;
	}
	let { stored, flashes, films, measurements, pictures, kindId = null }: Props = $props();

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
	const known = $derived({ measurements, locale: page.data.locale });

	/** The camera as it was last typed right: its name is not what its light hangs on. */
	let lastRead: CameraRecord | null = null;
	const read = $derived.by(() => {
		lastRead = form.value ?? (form.draft.name ? null : unnamed()) ?? lastRead;
		return lastRead;
	});
	function unnamed(): CameraRecord | null {
		const draft = { ...($state.snapshot(form.draft) as CameraRecord), name: 'It' };
		const checked = check(cameraRecordSchema, draft, 'ignore');
		return checked.ok ? checked.value : null;
	}
	const group = (part: CameraPart) => ({
		name: partNames[part],
		says: read ? partInWords(read, part) : '',
		from: read ? partFrom(read, part, known) : ''
	});
	let open = $state(partsOpen(form.draft));

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
			<CameraGlyph kind={form.draft.kind} size={64} />
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
					if (stored) return set({ kind: id === NONE ? undefined : id });
					editor.begin(blank(id, form.draft.name));
					lastRead = null;
					open = partsOpen(form.draft);
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

		{#if read}<LaneNow camera={read} {films} />{/if}
		{#key editor.generation}
			<div>
				<Group {...group('exposure')} bind:open={open.exposure}>
					<div class="fields">
						<ExposureFields {form} value={form.draft.exposure} onchange={(exposure) => set({ exposure })} />
					</div>
				</Group>
				<Group {...group('aperture')} bind:open={open.aperture}>
					<div class="fields">
						<ApertureFields {form} value={form.draft.aperture} onchange={(aperture) => set({ aperture })} />
					</div>
				</Group>
				<Group {...group('shutter')} bind:open={open.shutter}>
					<div class="fields">
						<ShutterFields
							{form}
							value={form.draft.shutter}
							bulb={form.draft.bulb}
							onchange={(shutter) => set({ shutter })}
							onbulb={(bulb) => set({ bulb })}
						/>
					</div>
				</Group>
				<Group {...group('focus')} bind:open={open.focus}>
					<div class="fields">
						<FocusFields {form} value={form.draft.focus} onchange={(focus) => set({ focus })} />
					</div>
				</Group>
				<Group {...group('frame')} bind:open={open.frame}><FrameFields {form} {set} /></Group>
				<Group {...group('lens')} bind:open={open.lens}><LensFields {form} {set} /></Group>
				<Group
					name="What it really gives"
					says={read ? givesInWords(read) : ''}
					from={read ? givesFrom(read, known) : ''}
				>
					<div class="fields">
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
				</Group>
				<Group name="Lever, finder, checklists, notes"><AboutFields {form} {set} {flashes} /></Group>
				{#if stored}
					<Group name="Pictures of it">
						<Pictures owner="camera" ownerId={stored.id} {pictures} what="picture" />
					</Group>
				{/if}
			</div>
		{/key}{/snippet}
	{#snippet more()}<a class="quiet" href={resolve('/bag')}>Cancel</a>{/snippet}
</RecordForm>

<style>
	.first {
		display: grid;
		grid-template-columns: 4rem repeat(2, minmax(0, 20rem));
		gap: 1.25rem;
		align-items: start;
	}
	@media (max-width: 820px) {
		.first {
			grid-template-columns: 4rem minmax(0, 1fr);
		}
		.first > :global(:last-child) {
			grid-column: 1 / -1;
		}
	}
</style>
