<!-- A load as a contact sheet: each frame with its picture, how it came out and what was predicted. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { latitudeOf } from '$core/film';
	import { verdictOf } from '$core/match';
	import { printShowing } from '$core/prints';
	import { heldInWords, judgedInWords } from '$words';
	import { runningNumber } from '$contract/loads';
	import type { CameraRecord, FilmRecord, LoadRecord } from '$contract/records';
	import Print from '$lib/prints/Print.svelte';
	import { frameLight, frameSettings } from '$words/frame';
	import { verdictColour } from '$lib/parts/verdict-colour';
	import VerdictMark from '$lib/parts/VerdictMark.svelte';
	import Promised from './Promised.svelte';
	import type { StripPlace } from './strip-view';

	interface Props {
		places: StripPlace[];
		camera: CameraRecord;
		film: FilmRecord;
		load: LoadRecord;
		/** First picture of each frame that has one. */
		pictures: Record<string, string>;
		/** Ids of selected frames; null while none can be selected. */
		selected: ReadonlySet<string> | null;
		onselect: (id: string, on: boolean) => void;
	}
	let { places, camera, film, load, pictures, selected, onselect }: Props = $props();
</script>

{#snippet head(number: number, frame: StripPlace['frame'])}
	<div class="top">
		{#if frame && selected}
			<label class="tick-box">
				<input
					type="checkbox"
					checked={selected.has(frame.id)}
					onchange={(event) => onselect(frame.id, event.currentTarget.checked)}
				/>
				<span class="number figure">{number}</span><span class="sr-only">select</span>
			</label>
		{:else if frame}
			<a class="number figure" href={resolve(`/frames/${frame.id}`)} aria-label="Edit frame {number}"
				>{number}</a
			>
		{:else}
			<span class="number figure">{number}</span>
		{/if}
		{#if load.countsFrom !== undefined}<span class="soft small figures"
				>no. {runningNumber(load, number)}</span
			>{/if}
		{#if frame?.judged}
			{@const verdict = verdictOf(latitudeOf(film), frame.judged.stops)}
			<span class="result" style:color={verdictColour[verdict]}
				><VerdictMark {verdict} /> Came out {judgedInWords(frame.judged)}</span
			>
		{:else if frame}
			<a class="plain-link" href={resolve(`/frames/${frame.id}/judge`)}>Judge frame {number}</a>
		{/if}
	</div>
{/snippet}

<ol class="strip" aria-label="Frames">
	{#each places as { number, frame } (number)}
		<li class:selected={frame && selected?.has(frame.id)}>
			{#if frame}
				<div class="picture">
					{#if pictures[frame.id]}
						<img
							src={resolve(`/api/pictures/${pictures[frame.id]}/thumbnail`)}
							alt="Frame {number}{frame.subject ? `: ${frame.subject}` : ''}"
							loading="lazy"
						/>
					{:else}
						<Print {...printShowing(frame, { camera, film })} width={132} height={99} />
						<span class="made small">simulated</span>
					{/if}
				</div>
				{@render head(number, frame)}
				{#if frame.judged?.kept}<p class="kept small">To keep</p>{/if}
				<p class="small">Predicted: <Promised {frame} /></p>
				<p class="small figures">{frameSettings(camera, frame)}</p>
				<p class="small soft figures">{frameLight(frame.light)}</p>
				{#if frame.counted}<p class="small figures">
						{heldInWords(frame.counted.wanted, frame.counted.held)}
					</p>{/if}
				{#if frame.ran}<p class="small figures">ran {frame.ran.toFixed(0)} s</p>{/if}
				{#if frame.subject ?? frame.note}<p class="small note">{frame.subject ?? frame.note}</p>{/if}
			{:else}
				<div class="picture unseen"></div>
				{@render head(number, null)}
				<p class="soft">Taken; nothing noted.</p>
			{/if}
		</li>
	{/each}
</ol>

<style>
	.strip {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(min(10.5rem, 100%), 1fr));
		gap: 1rem;
		padding-top: 1rem;
	}
	li {
		line-height: 1.3;
		/* Frames far down the page are not laid out before they are near. */
		content-visibility: auto;
		contain-intrinsic-size: auto 16rem;
	}
	li.selected {
		background: var(--hollow);
	}
	.top {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		column-gap: 0.25rem;
	}
	.result {
		flex: 1;
		min-width: 60%;
		font-weight: var(--heavy);
	}
	.number {
		font-size: 1.375rem;
		min-width: 2.75rem;
		min-height: 2.75rem;
		display: inline-flex;
		align-items: center;
	}
	.unseen {
		aspect-ratio: 4 / 3;
		border: 2px dashed var(--edge);
	}
	.kept {
		font-weight: var(--heavy);
	}
	.picture {
		position: relative;
	}
	.picture img {
		display: block;
		width: 100%;
		aspect-ratio: 4 / 3;
		object-fit: cover;
	}
	.made {
		position: absolute;
		left: 0;
		bottom: 0;
		background: var(--paper);
		padding: 0 0.3rem;
	}
	.note {
		overflow: hidden;
		text-overflow: ellipsis;
	}
	:global([data-theme='dark']) .picture :global(:is(img, canvas)) {
		opacity: 0.6;
	}
	@media (max-width: 820px) {
		.strip {
			grid-template-columns: repeat(2, minmax(0, 1fr));
			gap: 0.75rem;
		}
	}
</style>
