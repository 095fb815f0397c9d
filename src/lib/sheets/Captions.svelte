<!-- What stands on the back or the border of each print, to be cut out. -->
<script lang="ts">
	import { page } from '$app/state';
	import { captionOf } from '$contract/frame-words';
	import type { CameraRecord, FilmRecord, FrameRecord, LoadRecord } from '$contract/records';
	import { dayInWords } from '$lib/parts/moment';
	import type { Kept } from '$lib/records/client';

	interface Props {
		load: LoadRecord;
		camera: CameraRecord;
		film: FilmRecord;
		frames: Kept<FrameRecord>[];
	}
	let { load, camera, film, frames }: Props = $props();

	const dayOf = ({ takenAt, zone }: FrameRecord) => dayInWords(takenAt, { zone, locale: page.data.locale });
</script>

<ul>
	{#each frames as frame (frame.id)}
		<li>
			{#each captionOf(frame, { load, camera, film }, dayOf(frame)) as line, at (at)}
				<p class:first={at === 0}>{line}</p>
			{/each}
		</li>
	{/each}
</ul>

<style>
	ul {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(min(80mm, 100%), 1fr));
		gap: 4mm;
	}
	li {
		break-inside: avoid;
		padding: 3mm;
		border: 0.3mm dashed var(--line);
		font-size: 9pt;
		line-height: 1.3;
		overflow-wrap: anywhere;
	}
	.first {
		font-weight: var(--heavy);
		font-size: 10pt;
	}
</style>
