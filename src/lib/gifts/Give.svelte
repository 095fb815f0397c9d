<!-- A camera to give away: one file, and a QR code where it fits. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { counted, learntInWords } from '$words';
	import type { CameraRecord } from '$contract/records';
	import { cameraInShort } from '$words/camera';
	import type { Kept } from '$lib/records/client';
	import { steps } from './gift-changes';

	interface Props {
		camera: Kept<CameraRecord>;
		measurements: number;
		/** What frames taught, where that is in use. */
		body: { stops: number; sd: number; frames: number } | null;
	}
	let { camera, measurements, body }: Props = $props();

	let fits = $state(true);
</script>

<svelte:head><title>Share {camera.name} · Just Enough</title></svelte:head>
<div class="page stack">
	<p><a class="plain-link" href={resolve('/bag')}>Bag</a></p>
	<h1>Share {camera.name}</h1>
	<p>Whoever adds it starts with what you know about it. No frames go along, and yours stays as it is.</p>
	<ul class="what">
		<li>{cameraInShort(camera)}</li>
		{#if body}<li>{learntInWords(camera, body)}</li>{/if}
		{#if measurements > 0}<li>
				{counted(measurements, 'One measurement', '# measurements')}
			</li>{/if}
		{#if camera.checklist}<li>Its lists: {steps(camera.checklist)}</li>{/if}
		{#if camera.notes}<li>Your notes on it: {camera.notes}</li>{/if}
	</ul>
	<p>
		<a class="action" href={resolve(`/api/cameras/${camera.id}/camera.json`)} download
			>Save {camera.name}.camera.json</a
		>
	</p>
	{#if fits}
		<figure>
			<img
				src={resolve(`/api/cameras/${camera.id}/camera.svg`)}
				alt="QR code that holds all of {camera.name}"
				onerror={() => (fits = false)}
			/>
			<figcaption class="soft small">
				Or scan this with a phone, and paste the text under <em>Add a shared camera</em>.
			</figcaption>
		</figure>
	{:else}
		<p class="soft">There’s more to it than a QR code can hold: use the file.</p>
	{/if}
</div>

<style>
	.what {
		list-style: disc;
		padding-left: 1.25rem;
	}
	img {
		display: block;
		width: min(26rem, 100%);
		/* Codes are read in black on white, whatever the display. */
		background: #fff;
	}
</style>
