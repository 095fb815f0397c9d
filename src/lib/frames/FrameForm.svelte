<!-- One frame, to be put right: its prediction follows the light and the settings. -->
<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { automaticExposure, onlyByHand, wheelPositions } from '$core/camera';
	import { meterDifferenceOf, resolveLight } from '$core/light';
	import { bestOutcome } from '$core/match';
	import { lengthUnit, roundToThird } from '$core/units';
	import {
		apertureInWords,
		exposureSentence,
		judgedInWords,
		timeInWords,
		wheelInWords,
		whyInWords
	} from '$words';
	import { withPrediction } from '$contract/predicted';
	import { check } from '$contract/validate';
	import {
		frameRecordSchema,
		type CameraRecord,
		type FilmRecord,
		type FrameRecord,
		type GearRecord
	} from '$contract/records';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import { FormState } from '$lib/forms/form-state.svelte';
	import { fNumberQuantity, stopsQuantity, timeQuantity } from '$lib/forms/exposures';
	import { distanceQuantity, plainNumber } from '$lib/forms/quantity';
	import QuantityField from '$lib/forms/QuantityField.svelte';
	import { RecordEditor } from '$lib/forms/record-editor.svelte';
	import RecordForm from '$lib/forms/RecordForm.svelte';
	import { keptInWords, remove, type Kept } from '$lib/records/client';
	import FrameRig from './FrameRig.svelte';
	import { frameLight } from '$words/frame';
	import { lastEdit } from './last-edit.svelte';
	import Promised from './Promised.svelte';
	import SaidOfFrame from './SaidOfFrame.svelte';

	interface Props {
		frame: Kept<FrameRecord>;
		camera: CameraRecord;
		film: FilmRecord;
		gear: readonly Kept<GearRecord>[];
		/** It stands within another view, which is come back to. */
		inside?: { done: () => Promise<void>; leave: () => void };
	}
	let { frame, camera, film, gear, inside }: Props = $props();

	// svelte-ignore state_referenced_locally -- a form begins with what was stored and is the person's from then on
	const editor = new RecordEditor('frames', frameRecordSchema, frame, frame);
	const { form } = editor;
	const valid = $derived(check(frameRecordSchema, $state.snapshot(form.draft)).ok);

	/** Sets fields, and with them what the program would have predicted. */
	function set(fields: Partial<FrameRecord>) {
		editor.set(fields);
		const whole = $state.snapshot(form.draft) as FrameRecord;
		if (!isSound(whole)) return;
		const { settings, predicted } = withPrediction(camera, film, whole);
		editor.set({ settings, predicted });
	}

	/** Whether all is in order, but for what follows from the rest. */
	function isSound(whole: FrameRecord): boolean {
		const any = whole.light === null ? null : bestOutcome(camera, film, { ev: 12 });
		const { f, seconds } = whole.settings;
		const settings = {
			...whole.settings,
			f: f === null && any ? any.f : f,
			seconds: seconds === null && any ? any.seconds : seconds
		};
		return check(frameRecordSchema, { ...whole, settings, predicted: any }).ok;
	}

	/** Nothing typed is not known where the light is not, and else a field to be filled in. */
	const noted = (value: number | undefined) =>
		(value ?? (form.draft.light === null ? null : undefined)) as number | null;

	/** Sets what the frame was set to; a time that only bulb has was the hand's. */
	function setSettings(changes: Partial<FrameRecord['settings']>) {
		const settings = { ...form.draft.settings, ...changes } as FrameRecord['settings'];
		const { seconds } = changes;
		const handTimed = seconds != null && onlyByHand(camera, seconds) ? true : settings.handTimed;
		set({ settings: { ...settings, handTimed } });
	}

	/** As the camera has it: what an eye chose is no row of digits. What is not typed stays as it was kept. */
	const made = $derived(form.draft.settings);
	const timeSaid = {
		parse: timeQuantity.parse,
		show: (seconds: number) => timeInWords(camera, { ...made, seconds }).replace(/ s$/, '')
	};
	const apertureSaid = {
		parse: fNumberQuantity.parse,
		show: (f: number) => apertureInWords(camera, { ...made, f, seconds: made.seconds ?? 1 }).replace('f/', '')
	};

	// svelte-ignore state_referenced_locally -- a frame stays with its camera
	const wheel = wheelPositions(automaticExposure(camera)?.compensation);
	const nearestPlace = $derived(
		wheel.reduce((a, b) => {
			const at = form.draft.settings.compensation ?? 0;
			return Math.abs(b - at) < Math.abs(a - at) ? b : a;
		}, wheel[0])
	);

	const ev = $derived.by(() => {
		const { light } = form.draft;
		if (light === null) return undefined;
		if (!('method' in light)) return light.ev;
		return valid ? roundToThird(resolveLight(light).ev) : undefined;
	});

	/** Without a number the light was not read. */
	function setEv(next: number | undefined) {
		if (next === undefined) return set({ light: null });
		const { light: before } = form.draft;
		const sd = valid && before ? resolveLight(before).sd : 0.5;
		const apart = valid ? meterDifferenceOf(before) : 0;
		const light = { method: 'eye', ev: next, sd } as const;
		set({ light: apart === 0 ? light : { ...light, meterEv: next + apart } });
	}

	// svelte-ignore state_referenced_locally -- what it was when the form began
	const before = frame;
	function onsaved(saved: Kept<FrameRecord>) {
		lastEdit.remember(before, saved);
		if (inside) return inside.done();
		return goto(resolve(`/frames?load=${frame.loadId}`), { invalidateAll: true });
	}

	async function drop() {
		const removed = await remove('frames', frame);
		if (removed.result === 'saved' && inside) await inside.done();
		else if (removed.result === 'saved')
			await goto(resolve(`/frames?load=${frame.loadId}`), { invalidateAll: true });
		else
			editor.message =
				removed.result === 'refused'
					? 'Not deleted: it has pictures. Delete those first, on its judging page.'
					: keptInWords(removed);
	}
	const anyForm = form as unknown as FormState<object>;
</script>

<RecordForm
	{editor}
	title={`Frame ${frame.number}, ${camera.name}`}
	back={{ href: resolve(`/frames?load=${frame.loadId}`), name: inside ? 'Back to the light' : 'Frames' }}
	leave={inside?.leave}
	action="Save"
	{onsaved}
>
	{#snippet about()}
		<p>
			<Promised frame={form.draft} />
			{#if form.draft.predicted}<span class="soft"
					>{exposureSentence(form.draft.predicted, film)} {whyInWords(form.draft.predicted, film)}</span
				>{/if}
		</p>
		<p>
			{#if frame.judged}<strong>It came out {judgedInWords(frame.judged)}.</strong>{/if}
			<a class="plain-link" href={resolve(`/frames/${frame.id}/judge`)}
				>{frame.judged ? 'Judge it again' : 'Judge it'}</a
			>
		</p>
		{#if valid && form.draft.light}<p class="soft">{frameLight(form.draft.light)}</p>{/if}
	{/snippet}
	{#snippet fields()}{#key editor.generation}
			<div class="fields">
				<QuantityField
					form={anyForm}
					path="number"
					label="Frame"
					value={form.draft.number as number | undefined}
					quantity={plainNumber}
					onchange={(number) => set({ number: number as number })}
				/>
				<QuantityField
					form={anyForm}
					path="light.ev"
					label="Light, EV"
					hint="at ISO 100; empty: not read"
					value={ev}
					quantity={stopsQuantity}
					onchange={setEv}
				/>
				<QuantityField
					form={anyForm}
					path="settings.f"
					label="f-number"
					value={form.draft.settings.f ?? undefined}
					quantity={apertureSaid}
					onchange={(f) => setSettings({ f: noted(f) })}
				/>
				<QuantityField
					form={anyForm}
					path="settings.seconds"
					label="Time, s"
					value={form.draft.settings.seconds ?? undefined}
					quantity={timeSaid}
					onchange={(seconds) => setSettings({ seconds: noted(seconds) })}
				/>
			</div>
			{#if camera.bulb}
				<label class="tick-box">
					<input
						type="checkbox"
						checked={form.draft.settings.handTimed ?? false}
						onchange={(event) => setSettings({ handTimed: event.currentTarget.checked })}
					/>
					Timed by hand, on bulb
				</label>
			{/if}
			<div class="fields">
				{#if wheel.length > 1}
					<ChoiceField
						label="Wheel"
						value={String(nearestPlace)}
						options={wheel.map((place) => ({ value: String(place), name: wheelInWords(place) }))}
						onchange={(place) => setSettings({ compensation: Number(place) })}
					/>
				{/if}
				<QuantityField
					form={anyForm}
					path="exposures"
					label="Exposures on this frame"
					hint="two for a double exposure; empty: one"
					value={form.draft.exposures}
					quantity={plainNumber}
					onchange={(exposures) => set({ exposures })}
				/>
				<QuantityField
					form={anyForm}
					path="distance"
					label="To the subject, {lengthUnit()}"
					value={form.draft.distance}
					quantity={distanceQuantity}
					onchange={(distance) => set({ distance })}
				/>
				{#if camera.framesPerSecond !== undefined}
					<QuantityField
						form={anyForm}
						path="ran"
						label="Length, s"
						value={form.draft.ran}
						quantity={plainNumber}
						onchange={(ran) => set({ ran })}
					/>
				{/if}
			</div>
			<FrameRig frame={form.draft} {camera} {gear} onchange={set} />
			<SaidOfFrame form={anyForm} frame={form.draft} onchange={set} />
		{/key}{/snippet}
	{#snippet more()}<button class="quiet" type="button" onclick={drop}>Delete this frame</button>{/snippet}
</RecordForm>
