<!-- What stands on the back or the border of each print, to be cut out. -->
<script lang="ts">
	import { page } from '$app/state';
	import { captionOf } from '$words/frame';
	import type { LoadOnPaper } from '$contract/paper';
	import type { FrameRecord } from '$contract/records';
	import { dayOfMoment } from '$words';
	import type { Kept } from '$lib/records/client';

	let { of, frames }: { of: LoadOnPaper; frames: Kept<FrameRecord>[] } = $props();

	const dayOf = ({ takenAt, zone }: FrameRecord) => dayOfMoment(takenAt, { zone, locale: page.data.locale });
</script>

<ul>
	{#each frames as frame (frame.id)}
		<li>
			{#each captionOf(frame, of, dayOf(frame)) as line, at (at)}
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
