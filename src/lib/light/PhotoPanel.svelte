<!-- By a picture of the subject that a phone or a digital camera takes: its settings are a reading. -->
<script module lang="ts">
	import { later } from '$lib/parts/later';

	const standIn = later(() => import('./StandInPhone.svelte'));
</script>

<script lang="ts">
	import { onMount } from 'svelte';
	import type { PhotoReading } from '$core/light';
	import { formatStops, stopsInWords } from '$core/units';
	import { lightSchema } from '$contract/light';
	import { FormState } from '$lib/forms/form-state.svelte';
	import { filmSpeedQuantity, fNumberQuantity, timeQuantity } from '$lib/forms/exposures';
	import QuantityFields from '$lib/forms/QuantityFields.svelte';
	import { keepMeterIso, meterIso, onlyTime } from './meter-set';
	import { readBy, type InHand, type PlainPanelProps } from './panel';
	import { openPhoto } from './photo-desk';
	import type { PhotoFile } from './read-photo';
	import Later from '$lib/parts/Later.svelte';
	import ReadingForm from './ReadingForm.svelte';

	interface Props extends PlainPanelProps {
		inHand?: InHand | null;
		/** A picture to begin with. */
		file?: Blob;
	}
	let { light, inHand = null, file, onread }: Props = $props();

	type Draft = Partial<PhotoReading> & { method: 'photo' };
	// svelte-ignore state_referenced_locally -- a form begins with the last reading and is the person's from then on
	const last = readBy(light, 'photo');
	// svelte-ignore state_referenced_locally -- see above
	const time = onlyTime(inHand);
	// svelte-ignore state_referenced_locally -- see above
	const blank: Draft = {
		method: 'photo',
		iso: meterIso(inHand, 'photo'),
		...(time ? { seconds: time } : {})
	};
	const form = new FormState<Draft>(lightSchema as never, last ?? blank);
	let opened = $state<PhotoFile | null>(null);
	let busy = $state(false);
	let problem = $state('');
	/** Counts the pictures, with each of which the fields begin anew. */
	let pictures = $state(0);

	const fields = [
		{ path: 'iso', label: 'ISO', placeholder: '400', quantity: filmSpeedQuantity },
		{ path: 'f', label: 'f-number', placeholder: '1.8', quantity: fNumberQuantity },
		{ path: 'seconds', label: 'Time, s', placeholder: '1/120', quantity: timeQuantity }
	] as const;
	const tags = [
		['iso', 'the film speed (ISO)'],
		['f', 'the f-number'],
		['seconds', 'the time']
	] as const;
	const missing = $derived(opened ? tags.filter(([tag]) => opened?.[tag] === undefined) : []);

	async function open(file: Blob | undefined) {
		if (!file) return;
		[busy, problem, opened] = [true, '', null];
		const answer = await openPhoto(file);
		busy = false;
		if ('problem' in answer) {
			problem = answer.problem;
			return;
		}
		opened = answer.photo;
		const { noLevel, ...said } = answer.photo;
		form.draft = JSON.parse(JSON.stringify({ method: 'photo', ...said })) as Draft;
		for (const [tag] of tags) if (said[tag] !== undefined) form.touch(tag);
		pictures++;
	}

	onMount(() => void open(file));

	function drop(event: DragEvent) {
		event.preventDefault();
		void open(event.dataTransfer?.files[0]);
	}

	const cameOut = $derived.by(() => {
		const { level } = form.draft;
		if (level === undefined) return '';
		if (Math.abs(level) < 1 / 6) return 'It came out as bright as mid grey.';
		const way = level > 0 ? 'brighter' : 'darker';
		return `It came out ${stopsInWords(level)} ${way} than mid grey: half of that is counted.`;
	});
	const corrected = $derived.by(() => {
		const { bias } = form.draft;
		if (!bias || Math.abs(bias) < 1 / 6) return '';
		return `Taken with exposure compensation of ${formatStops(bias)} ${bias > 0 ? 'toward lighter' : 'toward darker'}, which its settings already include.`;
	});
	const unseen = { 'too-large': 'It has too many pixels to', unreadable: 'This browser cannot' };
</script>

<div
	class="drop"
	role="group"
	aria-label="A picture of the subject"
	ondragover={(event) => event.preventDefault()}
	ondrop={drop}
>
	<label class="quiet">
		<input
			class="sr-only"
			type="file"
			accept="image/*,.heic,.heif,.tif,.tiff"
			onchange={(event) => void open(event.currentTarget.files?.[0])}
		/>
		{busy ? 'Opening …' : 'Take or choose a picture'}
	</label>
	<p class="soft small">or drop one here. It’s read in this browser and not stored.</p>
</div>
<div role="status">
	{#if problem}<p class="notice">{problem}</p>{/if}
	{#if missing.length > 0}
		<p class="notice">
			The picture doesn’t say {missing.map(([, words]) => words).join(', nor ')}. Type it if you know it.
		</p>
	{/if}
	{#if opened}
		<p class="small">
			{cameOut}
			{corrected}
			{opened.noLevel
				? `${unseen[opened.noLevel]} see how bright it came out, so only its settings count.`
				: ''}
		</p>
	{/if}
</div>
<ReadingForm
	{form}
	empty="The settings of a picture of the subject, from its file or typed."
	{busy}
	onread={(light) => {
		if (!opened) keepMeterIso(form.draft.iso, 'photo');
		onread(light);
	}}
>
	{#key pictures}
		<div class="pair">
			<QuantityFields {form} {fields} />
		</div>
	{/key}
</ReadingForm>
<details>
	<summary>No camera at hand: try a stand-in</summary>
	<Later part={standIn} given={{ onpicture: (file: Blob) => void open(file) }} />
</details>

<style>
	.drop {
		border: 1px dashed var(--edge);
		border-radius: var(--radius-base);
		padding: 0.5rem;
		display: grid;
		gap: 0.25rem;
	}
	.drop label:has(:focus-visible) {
		outline: 3px solid var(--ink);
		outline-offset: 2px;
	}
</style>
