<!-- A camera: what tells it apart in sight, the rest folded away with typical values. -->
<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { cameraKind, cameraKinds } from '$core/camera';
	import { cameraRecordSchema, type CameraRecord } from '$contract/records';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import FormEnd from '$lib/forms/FormEnd.svelte';
	import { plainNumber, timeQuantity } from '$lib/forms/quantity';
	import QuantityField from '$lib/forms/QuantityField.svelte';
	import { RecordEditor } from '$lib/forms/record-editor.svelte';
	import StaleEdit from '$lib/forms/StaleEdit.svelte';
	import TextField from '$lib/forms/TextField.svelte';
	import CameraGlyph from '$lib/parts/CameraGlyph.svelte';
	import type { Kept } from '$lib/records/client';
	import ApertureFields from './ApertureFields.svelte';
	import FocusFields from './FocusFields.svelte';
	import ShutterFields from './ShutterFields.svelte';

	let { stored }: { stored: Kept<CameraRecord> | null } = $props();

	const firstKind = cameraKinds[0];
	const blank = (kindId: string, name: string): CameraRecord => ({
		name,
		kind: kindId,
		...structuredClone((cameraKind(kindId) ?? firstKind).camera)
	});
	// svelte-ignore state_referenced_locally -- a form begins with what was stored and is the person's from then on
	const editor = new RecordEditor('cameras', cameraRecordSchema, stored, blank(firstKind.id, ''));
	const { form } = editor;
	const set = (fields: Partial<CameraRecord>) => editor.set(fields);

	const kind = $derived(cameraKind(form.draft.kind));
	const typical = $derived(stored ? '' : 'typical for this kind');

	async function save(writing: Promise<Kept<CameraRecord> | undefined>) {
		const saved = await writing;
		if (saved) await goto(resolve(stored ? '/bag' : `/bag/load?camera=${saved.id}`), { invalidateAll: true });
	}

	function submit(event: SubmitEvent) {
		event.preventDefault();
		void save(editor.save());
	}
</script>

<svelte:head><title>{stored ? stored.name : 'New camera'} · Just Enough</title></svelte:head>
<div class="page">
	<p><a class="plain-link" href={resolve('/bag')}>Bag</a></p>
	<h1>{stored ? stored.name : 'New camera'}</h1>
	{#if editor.theirs}
		<StaleEdit
			mine={form.draft}
			theirs={editor.theirs}
			onmine={() => save(editor.saveMine())}
			ontheirs={() => editor.takeTheirs()}
		/>
	{/if}
	<form onsubmit={submit} novalidate>
		<div class="first">
			<CameraGlyph kind={form.draft.kind} size={88} />
			<ChoiceField
				label={stored ? 'Kind' : 'Start from a kind'}
				hint={kind ? `${kind.looks}. ${kind.measure}` : ''}
				value={form.draft.kind ?? ''}
				options={[
					...cameraKinds.map(({ id, name }) => ({ value: id, name })),
					...(kind ? [] : [{ value: form.draft.kind ?? '', name: 'another kind' }])
				]}
				onchange={(id) => (stored ? set({ kind: id }) : editor.begin(blank(id, form.draft.name)))}
			/>
			<TextField
				{form}
				path="name"
				label="Your name for it"
				value={form.draft.name}
				onchange={(name) => set({ name })}
			/>
		</div>
		{#key editor.generation}
			<fieldset>
				<legend
					>What it can be set to {#if typical}<span class="typical">{typical}</span>{/if}</legend
				>
				<div class="grid">
					<ApertureFields {form} value={form.draft.aperture} onchange={(aperture) => set({ aperture })} />
				</div>
				<div class="grid">
					<ShutterFields
						{form}
						value={form.draft.shutter}
						bulb={form.draft.bulb}
						onchange={(shutter) => set({ shutter })}
						onbulb={(bulb) => set({ bulb })}
					/>
				</div>
			</fieldset>
			<details>
				<summary
					>Focus, frame and lens {#if typical}<span class="typical">{typical}</span>{/if}</summary
				>
				<div class="grid">
					<FocusFields {form} value={form.draft.focus} onchange={(focus) => set({ focus })} />
				</div>
				<div class="grid">
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
						label="Blur that passes for sharp, mm"
						hint="empty: frame diagonal / 1500"
						value={form.draft.circleOfConfusion}
						quantity={plainNumber}
						onchange={(circleOfConfusion) => set({ circleOfConfusion })}
					/>
					<QuantityField
						{form}
						path="handHold"
						label="Slowest time by hand, s"
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
				</div>
			</details>
		{/key}
		<FormEnd
			{form}
			action={stored ? 'Save' : 'Save and load a film'}
			busy={editor.busy}
			message={editor.message}
		>
			{#snippet more()}<a class="quiet" href={resolve('/bag')}>Leave it</a>{/snippet}
		</FormEnd>
	</form>
</div>

<style>
	form {
		display: grid;
		gap: 1.25rem;
		padding-top: 1rem;
	}
	.first {
		display: grid;
		grid-template-columns: 6rem repeat(2, minmax(0, 20rem));
		gap: 1.25rem;
		align-items: start;
	}
	legend,
	summary {
		font-weight: var(--heavy);
		font-size: 1.125rem;
	}
	summary {
		min-height: 2.75rem;
		cursor: pointer;
	}
	.typical {
		font-weight: 400;
		font-size: 0.875rem;
		color: var(--ink-soft);
		padding-left: 0.5rem;
	}
	.grid {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(13rem, 1fr));
		gap: 0.9rem 1.25rem;
		padding: 0.6rem 0;
		align-items: start;
	}
	@media (max-width: 820px) {
		.first {
			grid-template-columns: 1fr;
		}
	}
</style>
