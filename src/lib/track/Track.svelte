<!-- Frames of a load put on places, by the track of the way. -->
<script lang="ts">
	import { formatDistance } from '$core/units';
	import { resolve } from '$app/paths';
	import { coordinatesInWords, framesInWords } from '$words';
	import type { Where } from '$contract/coordinates';
	import type { FrameRecord } from '$contract/records';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import Field from '$lib/forms/Field.svelte';
	import DropFiles from '$lib/parts/DropFiles.svelte';
	import Moment from '$lib/parts/Moment.svelte';
	import type { Kept } from '$lib/records/client';
	import { TrackDesk } from './track-desk.svelte';
	import { shiftInWords } from '$words/track';

	interface Props {
		load: { id: string; title: string };
		frames: Kept<FrameRecord>[];
		places: Where[];
	}
	let { load, frames, places }: Props = $props();

	const desk = new TrackDesk(
		() => frames,
		() => places
	);
	const onMap = $derived(frames.filter(({ where }) => where).length);
	const titled = ({ subject, note }: FrameRecord) => ((subject ?? note) ? ` · ${subject ?? note}` : '');
</script>

<svelte:head><title>Put on the map · Just Enough</title></svelte:head>
<div class="page stack">
	<p><a class="plain-link" href={resolve(`/frames?load=${load.id}`)}>{load.title}</a></p>
	<h1>Put on the map</h1>
	{#if frames.length === 0}
		<p class="notice">Nothing is logged on this load yet, so there’s nothing to put on the map.</p>
	{:else}
		{#if onMap > 0}
			<p>
				{onMap} of {frames.length} have a place.
				<a class="plain-link" href={resolve(`/api/frames.gpx?load=${load.id}`)} download
					>Their waypoints as GPX</a
				>
			</p>
		{/if}
		<DropFiles
			label={desk.tracks.length > 0
				? 'Another track: drop or choose it'
				: 'Drop the track of the way here, or choose it'}
			hint="One or more GPX files, as a phone or a watch records them. Read here and not stored."
			accept=".gpx,application/gpx+xml"
			multiple
			disabled={desk.busy}
			onfiles={(files) => desk.take(files)}
		/>
		<div role="status">
			{#each desk.problems as problem (problem)}<p class="notice">{problem}</p>{/each}
			{#if desk.message}
				<p class="notice">
					{desk.message}
					{#if desk.undo}<button class="plain-link" onclick={() => desk.undo?.()}>Undo</button>{/if}
				</p>
			{/if}
		</div>
		{#if desk.span}
			<section class="stack" aria-labelledby="found">
				<h2 id="found">
					{desk.toPlace.length === 0
						? 'The track adds nothing new'
						: `${framesInWords(desk.toPlace.length)} to put on the map`}
				</h2>
				<p class="soft">
					{#each desk.tracks as { name, points }, at (at)}{name}: {points} points.
					{/each}
					From <Moment at={desk.span[0]} /> to <Moment at={desk.span[1]} />.
				</p>
				<div class="clock">
					<ChoiceField
						label="Was the frames’ clock wrong?"
						value={desk.known}
						options={[
							{ value: '', name: 'it was right' },
							...frames.map((frame) => ({
								value: frame.id,
								name: `by frame ${frame.number}${titled(frame)}`
							}))
						]}
						onchange={(id) => desk.know(id)}
					/>
					{#if desk.known}
						<Field label="It was really taken at" hint={shiftInWords(desk.shift)}>
							{#snippet control(attributes)}
								<input {...attributes} type="datetime-local" step="1" bind:value={desk.really} />
							{/snippet}
						</Field>
					{/if}
				</div>
				{#if desk.known && desk.hasPlace}
					<p>
						<button class="quiet" onclick={() => desk.knowByPlace()}
							>It has a place: take the time from the track</button
						>
					</p>
				{/if}
				{#if desk.shift !== 0}
					<label class="tick-box">
						<input type="checkbox" bind:checked={desk.rightTimes} /> Correct the frames’ times, too
					</label>
				{/if}
				{#if onMap > 0}
					<label class="tick-box">
						<input type="checkbox" bind:checked={desk.over} /> Include frames that already have a place
					</label>
				{/if}
				<div class="table-box">
					<table class="rows">
						<thead
							><tr><th scope="col">Frame</th><th scope="col">Taken</th><th scope="col">Where</th></tr></thead
						>
						<tbody>
							{#each desk.found as { frame, at, there, stays } (frame.id)}
								<tr>
									<th scope="row">{frame.number}{titled(frame)}</th>
									<td><Moment {at} zone={frame.zone} /></td>
									<td>
										{#if stays}
											{frame.where?.name ?? coordinatesInWords(frame.where!)}
											<span class="soft">as it is</span>
										{:else if there}
											{there.name ? `${there.name}, ` : ''}{coordinatesInWords(there)}
											<span class="soft">± {formatDistance(there.sd)}</span>
										{:else}<span class="soft">no track then</span>{/if}
									</td>
								</tr>
							{/each}
						</tbody>
					</table>
				</div>
				{#if desk.toPlace.length > 0}
					<p>
						<button class="action" disabled={desk.busy} onclick={() => desk.place()}
							>Put {framesInWords(desk.toPlace.length)} on the map</button
						>
					</p>
				{/if}
			</section>
		{/if}
	{/if}
</div>

<style>
	.clock {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(min(16rem, 100%), 1fr));
		gap: 0.75rem;
	}
</style>
