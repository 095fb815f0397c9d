<!-- After the click: the print develops, is judged in one tap, and the next click is answered from it. -->
<script lang="ts">
	import { shotList, takenShots } from '$core/cine';
	import { developingSeconds, spoolSeconds } from '$core/film';
	import { judgedInWords, learntInWords } from '$core/words';
	import type { Kept } from '$lib/records/client';
	import { keepHere, keptHere } from '$lib/records/kept-here';
	import type { FrameRecord } from '$contract/records';
	import type { Loaded } from './bag';
	import type { ShootState } from './shoot-state.svelte';

	let { shoot, chosen }: { shoot: ShootState; chosen: Loaded } = $props();

	const KEY = 'just-enough-celsius';
	const TWO_HOURS = 7_200_000;
	/** What one tap says, stops: most prints that are not right are about this far off; common practice. */
	const TAP = { stops: 2 / 3, sd: 0.4 };
	const taps = [
		{ name: 'Too dark', stops: -TAP.stops },
		{ name: 'Right', stops: 0 },
		{ name: 'Too light', stops: TAP.stops }
	];

	let now = $state(Date.now());
	let celsius = $state(keptHere(KEY, 21));
	const { logging } = $derived(shoot);
	const last = $derived.by((): Kept<FrameRecord> | null => {
		const frame = chosen.frames.at(-1);
		if (!frame || frame.version === undefined) return null;
		return now - Date.parse(frame.takenAt) < TWO_HOURS ? (frame as Kept<FrameRecord>) : null;
	});
	const develops = $derived(developingSeconds(chosen.film.type, celsius));
	const left = $derived(
		last && develops ? Math.max(0, develops - (now - Date.parse(last.takenAt)) / 1000) : 0
	);
	const clock = (seconds: number) =>
		`${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`;
	const startedAt = $derived(logging.draftOf(chosen.id).startedAt);
	const runs = $derived(startedAt ? Math.max(0, (now - Date.parse(startedAt)) / 1000) : null);

	/** The end of a side is near from here on, s. */
	const NEAR_END = 20;
	const sideEnds = $derived.by(() => {
		const { spool, flippedAfter } = chosen.load;
		if (!spool || spool.sides < 2) return null;
		const { counter, leftOnSide } = shotList(spool, [], takenShots(chosen.frames), flippedAfter);
		const left = Math.max(0, leftOnSide - (runs ?? 0));
		return counter.side === 1 && left < NEAR_END ? left : null;
	});

	$effect(() => {
		const ticking = (develops !== null && last !== null) || startedAt !== undefined;
		if (!ticking) return;
		now = Date.now();
		const timer = setInterval(() => (now = Date.now()), 1000);
		return () => clearInterval(timer);
	});

	function warm(to: number) {
		celsius = to;
		keepHere(KEY, to);
	}
</script>

{#if chosen.secondsLeft !== null && chosen.load.spool}
	<p class="figures">
		{#if runs !== null}<strong>Running: {runs.toFixed(0)} s.</strong>{/if}
		{Math.max(0, chosen.secondsLeft - (runs ?? 0)).toFixed(0)} s of {spoolSeconds(chosen.load.spool).toFixed(
			0
		)} s left.
		{#if sideEnds !== null}<strong
				>Its first side ends in {sideEnds.toFixed(0)} s: then flip the spool.</strong
			>{/if}
	</p>
{/if}
{#if last && develops !== null}
	<section class="loop" aria-label="The last print">
		{#if last.judged}
			<p>
				<strong>Frame {last.number}: {judgedInWords(last.judged)}.</strong>
				<button class="plain-link" onclick={() => logging.judge(last, undefined)}>Take that back</button>
			</p>
			{#if chosen.learnt}
				<p class="soft small why">
					{learntInWords(chosen.camera, chosen.learnt)} What you see here is answered with it.
				</p>
			{/if}
		{:else}
			<p class="row">
				<strong class="figures" role="timer">
					{left > 0 ? `Frame ${last.number} develops: ${clock(left)}` : `Frame ${last.number}: how is it?`}
				</strong>
				<span class="small soft">
					at
					<select
						aria-label="Temperature of the print"
						value={String(celsius)}
						onchange={(event) => warm(Number(event.currentTarget.value))}
					>
						{#each [5, 10, 15, 18, 21, 25, 30] as degrees (degrees)}
							<option value={String(degrees)}>{degrees} °C</option>
						{/each}
					</select>
				</span>
			</p>
			<div class="taps" role="group" aria-label="The print is">
				{#each taps as { name, stops } (name)}
					<button class="quiet" onclick={() => logging.judge(last, { stops, sd: TAP.sd })}>{name}</button>
				{/each}
			</div>
		{/if}
	</section>
{/if}

<style>
	.loop {
		display: grid;
		gap: 0.35rem;
		border-top: 1px solid var(--line);
		padding-top: 0.4rem;
	}
	.row {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		align-items: center;
		gap: 0 0.75rem;
	}
	.taps {
		display: grid;
		grid-template-columns: repeat(3, 1fr);
		gap: 0.35rem;
	}
	select {
		min-height: 2.75rem;
	}
	@media (max-width: 820px), (max-height: 500px) {
		.loop {
			gap: 0;
			padding: 0 0.9rem 0.25rem;
			border-top: 0;
			background: var(--hollow);
		}
		.row {
			flex-wrap: nowrap;
			line-height: 1.2;
		}
		.row .soft {
			white-space: nowrap;
		}
		select {
			background: var(--paper);
		}
		.taps .quiet {
			padding-inline: 0.25rem;
			font-size: 0.875rem;
			white-space: nowrap;
			background: var(--paper);
		}
		.why {
			display: none;
		}
	}
</style>
