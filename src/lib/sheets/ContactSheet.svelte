<!-- All frames of a load on a page: small pictures, or simulated prints where there are none. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { frameSettings, numberInWords } from '$contract/frame-words';
	import type { CameraRecord, FilmRecord, FrameRecord, LoadRecord } from '$contract/records';
	import { lensOf } from '$lib/prints/lens';
	import Print from '$lib/prints/Print.svelte';
	import { shownError } from '$lib/prints/shown-error';
	import type { Kept } from '$lib/records/client';
	import LoadHead from './LoadHead.svelte';

	interface Props {
		load: LoadRecord;
		camera: CameraRecord;
		film: FilmRecord;
		frames: Kept<FrameRecord>[];
		pictures: Record<string, string>;
	}
	let { load, camera, film, frames, pictures }: Props = $props();

	/** As many beside each other as let a roll stand on one page. */
	const columns = $derived(frames.length <= 12 ? 3 : frames.length <= 24 ? 4 : 6);
	/** Simulated prints share a few grains, so that they are made once. */
	const GRAINS = 5;
</script>

<LoadHead {load} {camera} {film} {frames} />
<ol style:--columns={columns}>
	{#each frames as frame (frame.id)}
		<li>
			{#if pictures[frame.id]}
				<img src={resolve(`/api/pictures/${pictures[frame.id]}/thumbnail`)} alt="" />
			{:else}
				<Print
					type={film.type}
					error={shownError(frame.judged?.stops ?? frame.predicted?.error ?? 0)}
					width={132}
					height={99}
					seed={frame.number % GRAINS}
					lens={lensOf(camera)}
					seen
				/>
			{/if}
			<p><strong>{numberInWords(load, frame.number)}</strong>{pictures[frame.id] ? '' : ' · simulated'}</p>
			<p>{frameSettings(camera, frame)}</p>
			{#if frame.subject ?? frame.note}<p class="note">{frame.subject ?? frame.note}</p>{/if}
		</li>
	{/each}
</ol>

<style>
	ol {
		display: grid;
		grid-template-columns: repeat(var(--columns), minmax(0, 1fr));
		gap: 3mm;
		padding-top: 3mm;
	}
	li {
		break-inside: avoid;
		font-size: 8pt;
		line-height: 1.25;
	}
	img,
	li :global(canvas) {
		/* The whitest picture has an edge. */
		border: 0.2mm solid var(--line);
	}
	img {
		display: block;
		width: 100%;
		aspect-ratio: 4 / 3;
		object-fit: contain;
	}
	.note {
		display: -webkit-box;
		-webkit-box-orient: vertical;
		-webkit-line-clamp: 2;
		line-clamp: 2;
		overflow: hidden;
		overflow-wrap: anywhere;
	}
</style>
