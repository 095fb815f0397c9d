<!-- Frames as a table: everything of each in one line. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { addsToVerdict, heldInWords, judgedInWords, whyInWords } from '$words';
	import type { CameraRecord, FilmRecord, FrameRecord } from '$contract/records';
	import Moment from '$lib/parts/Moment.svelte';
	import type { Kept } from '$lib/records/client';
	import { frameLight, onCameraInWords, frameSettings, saidOf } from '$words/frame';
	import Promised from './Promised.svelte';

	interface Props {
		rows: { frame: Kept<FrameRecord>; camera: CameraRecord; film: FilmRecord; of?: string; own?: number }[];
	}
	let { rows }: Props = $props();
	const loads = $derived(rows.some(({ of }) => of !== undefined));
</script>

<div class="table-box">
	<table class="figures">
		<thead>
			<tr>
				<th scope="col">Frame</th>
				{#if loads}<th scope="col">Camera and film</th>{/if}
				<th scope="col">Predicted</th>
				<th scope="col">Came out</th>
				<th scope="col">Settings</th>
				<th scope="col">Light</th>
				<th scope="col">Taken</th>
				<th scope="col">Note</th>
			</tr>
		</thead>
		<tbody>
			{#each rows as { frame, camera, film, of, own } (frame.id)}
				<tr>
					<th scope="row"
						><a
							class="number figure"
							href={resolve(`/frames/${frame.id}`)}
							aria-label="Edit frame {frame.number}">{frame.number}</a
						>{#if own !== undefined}<span class="soft small">no. {own}</span>{/if}</th
					>
					{#if loads}<td data-name="Camera and film">{of}</td>{/if}
					<td data-name="Predicted">
						<Promised {frame} />
						{#if frame.predicted && addsToVerdict(frame.predicted)}<span class="soft small"
								>{whyInWords(frame.predicted, film)}</span
							>{/if}
					</td>
					<td data-name="Came out"
						>{#if frame.judged}<strong>{judgedInWords(frame.judged)}</strong>{#if frame.judged.kept}, kept{/if}{/if}</td
					>
					<td data-name="Settings"
						>{[frameSettings(camera, frame), ...onCameraInWords(frame)].join(', ')}{frame.counted
							? `. ${heldInWords(frame.counted.wanted, frame.counted.held)}`
							: ''}</td
					>
					<td data-name="Light">{frameLight(frame.light)}</td>
					<td data-name="Taken"><Moment at={frame.takenAt} zone={frame.zone} /></td>
					<td data-name="Note" class="note">{saidOf(frame)}</td>
				</tr>
			{/each}
		</tbody>
	</table>
</div>

<style>
	table {
		width: 100%;
		border-collapse: collapse;
	}
	th,
	td {
		text-align: left;
		padding: 0.45rem 1rem 0.45rem 0;
		border-bottom: 1px solid var(--line);
		vertical-align: baseline;
		font-size: 0.9375rem;
	}
	thead th {
		font-weight: var(--heavy);
	}
	.number {
		font-size: 1.25rem;
		display: inline-flex;
		align-items: center;
		min-width: min(2.75rem, 44px);
		min-height: min(2.75rem, 44px);
	}
	.note {
		max-width: 18rem;
	}
	@media (max-width: 820px) {
		thead {
			position: absolute;
			left: -100rem;
		}
		tr {
			display: grid;
			grid-template-columns: 3.25rem 1fr;
			border-bottom: 1px solid var(--line);
			padding: 0.4rem 0;
		}
		th,
		td {
			border: 0;
			padding: 0.05rem 0;
		}
		tbody th {
			grid-row: 1 / 9;
		}
		td {
			grid-column: 2;
		}
		td:empty {
			display: none;
		}
	}
</style>
