<!-- A simulated camera phone in a made-up scene: it makes a real JPEG file with its settings in it. -->
<script lang="ts">
	import piexif from 'piexifjs';
	import { standInPicture, type StandInLight } from '$core/standin';
	import StandInScene from './StandInScene.svelte';

	let { onpicture }: { onpicture: (file: Blob) => void } = $props();

	const WIDTH = 480;
	const PARTS = 1_000_000;
	let light = $state<StandInLight>('lamp');
	let taken = $state('');

	const rational = (value: number): [number, number] => [Math.round(value * PARTS), PARTS];

	/** The picture as a data URL of a JPEG, with its settings as EXIF. */
	function take(): string {
		const picture = standInPicture(light, Math.floor(Math.random() * 1e6), WIDTH);
		const canvas = document.createElement('canvas');
		[canvas.width, canvas.height] = [picture.width, picture.height];
		const image = new ImageData(picture.pixels, picture.width, picture.height);
		canvas.getContext('2d')!.putImageData(image, 0, 0);
		const { ImageIFD, ExifIFD } = piexif;
		const exif = piexif.dump({
			'0th': { [ImageIFD.ImageDescription]: 'Simulated by a stand-in' },
			Exif: {
				// As phones write it: one part of a second.
				[ExifIFD.ExposureTime]: [1, Math.round(1 / picture.seconds)],
				[ExifIFD.FNumber]: rational(picture.f),
				[ExifIFD.ISOSpeedRatings]: picture.iso
			}
		});
		return piexif.insert(exif, canvas.toDataURL('image/jpeg', 0.9));
	}

	function press() {
		taken = take();
		// Not by fetching the data address: nothing but this server is asked for anything.
		const bytes = Uint8Array.from(atob(taken.slice(taken.indexOf(',') + 1)), (letter) =>
			letter.charCodeAt(0)
		);
		onpicture(new Blob([bytes], { type: 'image/jpeg' }));
	}
</script>

<div class="stand-in">
	<StandInScene {light} onlight={(next) => (light = next)} />
	<button class="quiet" type="button" onclick={press}>Take its picture</button>
	{#if taken}
		<!-- eslint-disable-next-line svelte/no-navigation-without-resolve -- a file made here, not a page -->
		<a class="plain-link small" href={taken} download="stand-in.jpg">Save the file</a>
	{/if}
</div>

<style>
	.stand-in {
		display: grid;
		gap: 0.5rem;
	}
</style>
