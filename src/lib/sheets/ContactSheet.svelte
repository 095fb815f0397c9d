<!-- All frames of a load on a page: small pictures, or simulated prints where there are none. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { sheetColumns, type LoadOnPaper } from '$contract/paper';
	import { underFrame } from '$words/paper';
	import type { FrameRecord } from '$contract/records';
	import { printShowing } from '$core/prints';
	import Print from '$lib/prints/Print.svelte';
	import type { Kept } from '$lib/records/client';
	import LoadHead from './LoadHead.svelte';

	interface Props {
		of: LoadOnPaper;
		frames: Kept<FrameRecord>[];
		pictures: Record<string, string>;
	}
	let { of, frames, pictures }: Props = $props();
</script>

<LoadHead {of} {frames} />
<ol style:--columns={sheetColumns(frames.length)}>
	{#each frames as frame (frame.id)}
		{@const { number, settings, said } = underFrame(frame, of)}
		<li>
			{#if pictures[frame.id]}
				<!-- Not lazily: what is printed must be there. -->
				<img src={resolve(`/api/pictures/${pictures[frame.id]}/thumbnail`)} alt="" />
			{:else}
				<Print {...printShowing(frame, of)} width={132} height={99} />
			{/if}
			<p><strong>{number}</strong>{pictures[frame.id] ? '' : ' · simulated'}</p>
			<p>{settings}</p>
			{#if said}<p class="note">{said}</p>{/if}
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
