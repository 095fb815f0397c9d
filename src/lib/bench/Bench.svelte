<!-- The bench: what a camera really does, measured, kept, and used from then on. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { v4 as uuid } from 'uuid';
	import { automaticExposure, type Camera } from '$core/camera';
	import { comesInPacks } from '$core/film';
	import { formatAperture, formatDoubt, formatTime } from '$core/units';
	import { habitInWords } from '$words';
	import type { CameraRecord, FilmRecord, MeasurementRecord } from '$contract/records';
	import Moment from '$lib/parts/Moment.svelte';
	import { create, replace, type Kept } from '$lib/records/client';
	import ApertureBench from './ApertureBench.svelte';
	import { measuredCamera } from './apply';
	import EyeBench from './EyeBench.svelte';
	import type { Found } from './found';
	import ShutterBench from './ShutterBench.svelte';
	import TrialBench from './TrialBench.svelte';
	import { refresh } from '$lib/records/refresh';

	interface Props {
		camera: Kept<CameraRecord>;
		measurements: Kept<MeasurementRecord>[];
		/** That fit it; the one that is in it first. */
		films: FilmRecord[];
	}
	let { camera, measurements, films }: Props = $props();

	let message = $state('');

	const words: Readonly<Record<Found['what'], (value: number) => string>> = {
		aperture: formatAperture,
		shutter: formatTime,
		'focal-length': (mm) => `${mm} mm`,
		offset: habitInWords,
		response: (slope) => `${Number(slope.toFixed(2))} of a stop for a stop`
	};
	const say = ({ what }: Found, value: number) => words[what](value);

	/** Changes the camera itself; says whether that was saved. */
	async function change(become: <C extends Camera>(camera: C) => C): Promise<boolean> {
		const used = await replace('cameras', become($state.snapshot(camera) as Kept<CameraRecord>));
		return used.result === 'saved';
	}

	async function evenAgain(become: <C extends Camera>(camera: C) => C) {
		message = (await change(become))
			? `Saved. The cell of ${camera.name} is taken to follow the light stop for stop.`
			: 'Not saved: the camera was changed elsewhere, or the server isn’t answering. Try again.';
		await refresh();
	}

	/** @param become what the camera is with it; else what was found in the place of what is marked */
	async function keep(
		found: Found,
		become: <C extends Camera>(camera: C) => C = (before) => measuredCamera(before, found, measurements)
	): Promise<boolean> {
		message = 'Saving …';
		const record = { ...found, cameraId: camera.id, takenAt: new Date().toISOString() };
		const kept = await create('measurements', uuid(), record);
		if (kept.result !== 'saved') {
			message = 'Not saved: the server isn’t answering. Nothing was changed; try again.';
			return false;
		}
		const used = await change(become);
		message = used
			? `Saved. ${camera.name} now uses ${say(found, found.value)} instead of ${say(found, found.marked)}.`
			: `The measurement is saved, but ${camera.name} was changed elsewhere meanwhile. Save it again to use it.`;
		await refresh();
		return used;
	}

	const eye = $derived(automaticExposure(camera));
</script>

<svelte:head><title>Bench for {camera.name} · Just Enough</title></svelte:head>
<div class="page">
	<p><a class="plain-link" href={resolve('/bag')}>Bag</a></p>
	<h1>Bench for {camera.name}</h1>
	<p class="soft">
		Markings lie and springs tire. What you measure here replaces the mark in every answer and makes it surer.
		A flash’s capacitor can kill: never open the camera for this.
	</p>
	<div role="status">
		{#if message}<p class="notice">{message}</p>{/if}
	</div>
	{#if measurements.length > 0}
		<h2>Measured so far</h2>
		<table class="rows">
			<thead>
				<tr
					><th scope="col">When</th><th scope="col">Marked</th><th scope="col">Is</th><th scope="col">How</th
					></tr
				>
			</thead>
			<tbody>
				{#each measurements as each (each.id)}
					<tr>
						<td><Moment at={each.takenAt} /></td>
						<td class="figures">{say(each, each.marked)}</td>
						<td class="figures"><strong>{say(each, each.value)}</strong> ± {formatDoubt(each.sd)} stop</td>
						<td>{each.method}</td>
					</tr>
				{/each}
			</tbody>
		</table>
	{/if}
	{#if eye}
		<section aria-labelledby="trial-title"><TrialBench {camera} {films} onfound={keep} /></section>
	{/if}
	{#if eye && eye.sets !== 'aperture'}
		<section aria-labelledby="eye-title">
			<EyeBench
				{camera}
				packs={films.some(({ type }) => comesInPacks(type))}
				onfound={keep}
				onchange={evenAgain}
			/>
		</section>
	{/if}
	<section aria-labelledby="aperture-title"><ApertureBench {camera} onfound={keep} /></section>
	<section aria-labelledby="shutter-title"><ShutterBench {camera} onfound={keep} /></section>
</div>

<style>
	section {
		display: grid;
		gap: 0.6rem;
		padding-top: 2rem;
		max-width: 46rem;
	}
	section :global(form) {
		display: grid;
		gap: 0.6rem;
		justify-items: start;
	}
	section :global(.fields) {
		width: 100%;
	}
</style>
