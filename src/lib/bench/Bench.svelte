<!-- The bench: what a camera really does, measured, kept, and used from then on. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { v4 as uuid } from 'uuid';
	import { automaticExposure } from '$core/camera';
	import { formatAperture, formatDoubt, formatTime } from '$core/units';
	import { habitInWords } from '$words';
	import type { CameraRecord, FilmRecord, MeasurementRecord } from '$contract/records';
	import Moment from '$lib/parts/Moment.svelte';
	import { create, replace, type Kept } from '$lib/records/client';
	import ApertureBench from './ApertureBench.svelte';
	import { measuredCamera } from './apply';
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
		offset: habitInWords
	};
	const say = ({ what }: Found, value: number) => words[what](value);

	async function keep(found: Found) {
		message = 'Saving …';
		const record = { ...found, cameraId: camera.id, takenAt: new Date().toISOString() };
		const kept = await create('measurements', uuid(), record);
		if (kept.result !== 'saved') {
			message = 'Not saved: the server isn’t answering. Nothing was changed; try again.';
			return;
		}
		const used = await replace(
			'cameras',
			measuredCamera($state.snapshot(camera) as Kept<CameraRecord>, found, measurements)
		);
		message =
			used.result === 'saved'
				? `Saved. ${camera.name} now uses ${say(found, found.value)} instead of ${say(found, found.marked)}.`
				: `The measurement is saved, but ${camera.name} was changed elsewhere meanwhile. Save it again to use it.`;
		await refresh();
	}
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
	{#if automaticExposure(camera)}
		<section aria-labelledby="trial-title"><TrialBench {camera} {films} onfound={keep} /></section>
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
