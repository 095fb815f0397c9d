<!-- An aperture and a focal length by ruler. -->
<script lang="ts">
	import type { Camera } from '$core/camera';
	import { focalLengthByTwo, fNumberOf } from '$core/bench';
	import { formatAperture, formatStops, stopsInWords } from '$core/units';
	import { openingSchema, RULER_SD, type Opening } from '$contract/bench';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import { FormState } from '$lib/forms/form-state.svelte';
	import { plainNumber } from '$lib/forms/quantity';
	import QuantityFields from '$lib/forms/QuantityFields.svelte';
	import type { Found } from './found';
	import PhotoOpening from './PhotoOpening.svelte';

	let { camera, onfound }: { camera: Camera; onfound: (found: Found) => void } = $props();

	// svelte-ignore state_referenced_locally -- a form begins with what the camera says and is the person's from then on
	const form = new FormState<Partial<Opening>>(openingSchema, {
		focalLength: camera.focalLength,
		rulerSd: RULER_SD
	});
	const fields = [
		{ path: 'focalLength', label: 'Focal length, mm', quantity: plainNumber },
		{
			path: 'opening',
			label: 'Opening, mm across',
			hint: 'as seen through the front of the lens',
			placeholder: '6',
			quantity: plainNumber
		},
		{ path: 'rulerSd', label: 'Give or take, mm', quantity: plainNumber }
	] as const;

	const marked = $derived(
		camera.aperture.kind === 'fixed'
			? [camera.aperture.f]
			: camera.aperture.kind === 'stops'
				? camera.aperture.f
				: []
	);
	let picked = $state<number | null>(null);
	const mark = $derived(picked ?? marked[0]);
	const found = $derived.by(() => {
		const { focalLength, opening, rulerSd = RULER_SD } = form.draft;
		return form.valid ? fNumberOf(focalLength!, opening!, rulerSd) : null;
	});
	const error = $derived(found && mark ? 2 * Math.log2(found.f / mark) : 0);
	/** A doubt as it is said: in quarters where it is less than a third. */
	const doubt = (sd: number) =>
		sd < 0.29 && sd >= 0.2 ? 'a quarter stop' : sd < 0.2 ? 'little' : stopsInWords(sd);

	type Two = { near?: number; far?: number; moved?: number };
	let two = $state<Two>({});
	const distances = [
		{ key: 'near', label: 'Near, mm' },
		{ key: 'far', label: 'Far, mm' },
		{ key: 'moved', label: 'Lens moved, mm' }
	] as const;
	const focal = $derived(
		two.near && two.far && two.moved ? focalLengthByTwo(two.near, two.far, two.moved) : undefined
	);

	/** The opening as a photo told it; typed anew it is by ruler. */
	let byPhoto = $state<number | null>(null);
	function byPhotoOf(opening: number, sd: number) {
		byPhoto = Number(opening.toFixed(1));
		form.draft = { ...form.draft, opening: byPhoto, rulerSd: Number(Math.max(0.1, sd).toFixed(1)) };
	}

	/** How well two distances and a ruler tell a focal length, part of it; common practice. */
	const FOCAL_ERROR = 0.03;
	function keepFocal(value: number) {
		const length = Number(value.toPrecision(3));
		form.draft = { ...form.draft, focalLength: length };
		onfound({
			what: 'focal-length',
			marked: camera.focalLength,
			value: length,
			sd: Number(((2 * FOCAL_ERROR) / Math.LN2).toFixed(2)),
			method: `by two sharp distances, ${two.near} and ${two.far} mm`
		});
	}

	function keep(event: SubmitEvent) {
		event.preventDefault();
		if (!form.submit() || !found || !mark) return;
		onfound({
			what: 'aperture',
			marked: mark,
			value: Number(found.f.toPrecision(3)),
			sd: found.sd,
			method: `by ${form.draft.opening === byPhoto ? 'a photo' : 'ruler'}, ${form.draft.opening} mm of ${form.draft.focalLength} mm`
		});
	}
</script>

<h2 id="aperture-title">Aperture</h2>
<p class="soft">
	Look through the lens from the front with the shutter held open, and measure the bright disc with a ruler.
	The focal length divided by its width is the f-number.
</p>
<form onsubmit={keep} novalidate>
	<div class="fields">
		{#if marked.length > 1}
			<ChoiceField
				label="Set to"
				value={String(mark)}
				options={marked.map((f) => ({ value: String(f), name: formatAperture(f) }))}
				onchange={(value) => (picked = Number(value))}
			/>
		{/if}
		<QuantityFields {form} {fields} />
	</div>
	<p role="status">
		{#if found}
			<strong class="figure figures">{formatAperture(Number(found.f.toPrecision(3)))}</strong>, give or take {doubt(
				found.sd
			)}{#if mark}; marked {formatAperture(mark)}: {Math.abs(error) < 1 / 6
					? 'true to its mark'
					: `${formatStops(error)} ${error > 0 ? 'smaller, so darker' : 'larger, so lighter'} than marked`}{/if}.
		{/if}
	</p>
	{#if mark}<button class="action" type="submit">Save for {camera.name}</button>{/if}
</form>
<details>
	<summary>Measure it in a photo</summary>
	<PhotoOpening onfound={byPhotoOf} />
</details>
<details>
	<summary>If you don’t know the focal length</summary>
	<p class="soft">
		Focus a near and a far thing sharply, and measure how far the lens moved. With a far thing at infinity,
		the distance from the lens to the sharp image is the focal length itself.
	</p>
	<div class="fields">
		{#each distances as { key, label } (key)}
			<label class="field">
				{label}
				<input
					type="text"
					inputmode="decimal"
					autocomplete="off"
					oninput={(event) => (two = { ...two, [key]: plainNumber.parse(event.currentTarget.value) })}
				/>
			</label>
		{/each}
	</div>
	<p role="status">
		{#if focal === null}No lens does that. Is the near thing closer than the far one?{:else if focal}About {focal.toPrecision(
				3
			)} mm, give or take 3 %.{/if}
	</p>
	{#if focal}
		<button type="button" class="quiet" onclick={() => keepFocal(focal)}
			>Save as the focal length of {camera.name}</button
		>
	{/if}
</details>

<style>
	.figure {
		font-size: 1.75rem;
	}
	.field {
		display: grid;
		gap: 0.25rem;
		font-weight: var(--heavy);
	}
	.field input {
		min-height: 2.75rem;
		padding: 0.375rem 0.625rem;
		background: var(--panel);
		color: var(--ink);
		border: 1px solid var(--edge);
		border-radius: var(--radius-base);
	}
</style>
