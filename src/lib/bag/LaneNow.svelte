<!-- The light that a camera works in, as it is typed so far, with a film. -->
<script lang="ts">
	import { takenBy, usualType } from '$core/camera';
	import { goesInto, type Film } from '$core/film';
	import type { CameraRecord, FilmRecord } from '$contract/records';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import LightLane from './LightLane.svelte';

	interface Props {
		/** As far as it was typed right. */
		camera: CameraRecord;
		/** The films of the bag, what is in it first. */
		films: readonly FilmRecord[];
	}
	let { camera, films }: Props = $props();

	/** A film of a speed that is common, or that its eye is built for, where the bag has none that fits. */
	const common = $derived<Film>({
		name: '',
		type: usualType(camera),
		iso: camera.exposure.mode === 'auto' ? camera.exposure.iso[camera.exposure.iso.length - 1] : 400
	});
	const fitting = $derived<Film[]>([
		...films.filter((film) => goesInto(film, takenBy(camera, films[0]))),
		common
	]);
	const nameOf = ({ name, iso }: Film) => name || `any film of ISO ${iso}`;
	let picked = $state('');
	const film = $derived(fitting.find((each) => nameOf(each) === picked) ?? fitting[0]);
</script>

<section class="now" aria-label="The light it works in">
	<ChoiceField
		label="It works with"
		value={nameOf(film)}
		options={fitting.map((each) => ({ value: nameOf(each), name: nameOf(each) }))}
		onchange={(name) => (picked = name)}
	/>
	<div class="lane">
		<LightLane {camera} {film} />
	</div>
</section>

<style>
	.now {
		position: sticky;
		top: 0;
		z-index: 1;
		display: grid;
		grid-template-columns: minmax(0, 14rem) minmax(0, 1fr);
		gap: 0.25rem 1.25rem;
		padding: 0.5rem 0 0.75rem;
		background: var(--paper);
		border-bottom: 1px solid var(--line);
	}
	.lane {
		min-width: 0;
	}
	@media (max-width: 820px) {
		.now {
			display: contents;
		}
		.lane {
			position: sticky;
			top: 0;
			z-index: 1;
			background: var(--paper);
			border-bottom: 1px solid var(--line);
		}
	}
</style>
