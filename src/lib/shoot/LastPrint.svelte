<!-- The last print develops, is judged in one tap, and the next click is answered from it. -->
<script lang="ts">
	import { formatTemperature } from '$core/units';
	import { isPulled, PASTE_IN_SHORT, printSeconds, temperaturesOf } from '$core/develop';
	import { asOne } from '$core/match';
	import { clockInWords, judgedInWords, togetherInWords } from '$words';
	import type { Kept } from '$lib/records/client';
	import { keepHere, keptHere } from '$lib/records/kept-here';
	import type { FrameRecord } from '$contract/records';
	import type { Loaded } from './bag';
	import type { ShootState } from './shoot-state.svelte';

	interface Props {
		shoot: ShootState;
		chosen: Loaded;
		last: Kept<FrameRecord>;
		/** The clock, ms since 1970. */
		now: number;
		/** In one line, where there is hardly room. */
		tight?: boolean;
	}
	let { shoot, chosen, last, now, tight = false }: Props = $props();

	const KEY = 'just-enough-celsius';
	/** What one tap says, stops: most prints that are not right are about this far off; common practice. */
	const TAP = { stops: 2 / 3, sd: 0.4 };
	const taps = [
		{ name: 'Too dark', stops: -TAP.stops },
		{ name: 'Right', stops: 0 },
		{ name: 'Too light', stops: TAP.stops }
	];

	let celsius = $state(keptHere(KEY, 21));
	const { logging } = $derived(shoot);
	const pulls = $derived(isPulled(chosen.film));
	/** Those that can be told, and the one that was told last. */
	const temperatures = $derived(
		[...new Set([...temperaturesOf(chosen.film), celsius])].toSorted((a, b) => a - b)
	);
	const develops = $derived(printSeconds(chosen.film, celsius));
	/** When it began to develop: at the click, or when it was pulled. */
	const began = $derived.by(() => {
		if (!pulls) return Date.parse(last.takenAt);
		const { pulled } = logging.draftOf(chosen.id);
		return pulled?.frame === last.id ? Date.parse(pulled.at) : null;
	});
	const left = $derived(
		develops !== null && began !== null ? Math.max(0, develops - (now - began) / 1000) : null
	);
	const says = $derived.by(() => {
		if (tight && left !== null && left > 0) return `${last.number}: ${clockInWords(Math.floor(left))}`;
		if (tight && began !== null) return `Frame ${last.number}:`;
		if (began === null) return `Frame ${last.number}: pull it straight out`;
		if (left === null) return `Frame ${last.number}: no time for ${formatTemperature(celsius)} on its pack`;
		if (left > 0) return `Frame ${last.number} develops: ${clockInWords(Math.floor(left))}`;
		return pulls ? `Frame ${last.number}: peel it. How is it?` : `Frame ${last.number}: how did it come out?`;
	});

	function pull() {
		logging.setDraft(chosen.id, { pulled: { frame: last.id, at: new Date().toISOString() } });
	}

	/** Where the wheel stood when it was taken. */
	const wheel = $derived(last.settings.compensation ?? 0);

	function warm(to: number) {
		celsius = to;
		keepHere(KEY, to);
	}
</script>

<section class="loop" class:tight aria-label="The last print">
	{#if last.judged}
		<p>
			<strong>Frame {last.number}: {judgedInWords(last.judged)}.</strong>
			<button class="plain-link" onclick={() => logging.judge(last, undefined)}>Undo that</button>
		</p>
		{#if chosen.learnt && chosen.taughtHere}
			<p class="soft small why">
				{togetherInWords(
					chosen.camera,
					{ film: chosen.film.name, wheel, ...asOne(chosen.learnt, wheel) },
					chosen.learnt.frames
				)} The answers here use it.
			</p>
		{/if}
	{:else}
		<p class="row">
			<strong class="figures" role="timer">
				{says}
			</strong>
			{#if !tight}<span class="small soft">
					at
					<select
						aria-label="Temperature of the print"
						value={String(celsius)}
						onchange={(event) => warm(Number(event.currentTarget.value))}
					>
						{#each temperatures as degrees (degrees)}
							<option value={String(degrees)}>{formatTemperature(degrees)}</option>
						{/each}
					</select>
				</span>{/if}
		</p>
		{#if pulls && (left === null || left > 0)}<p class="small">{PASTE_IN_SHORT}</p>{/if}
		{#if began === null}
			<button class="quiet" onclick={pull}>Pulled now</button>
		{:else}
			<div class="taps" role="group" aria-label="The print is">
				{#each taps as { name, stops } (name)}
					<button class="quiet" onclick={() => logging.judge(last, { stops, sd: TAP.sd })}>{name}</button>
				{/each}
			</div>
		{/if}
	{/if}
</section>

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
		.tight {
			grid-template-columns: auto minmax(0, 1fr);
			align-items: center;
			gap: 0.5rem;
			padding-top: 0.1rem;
		}
	}
</style>
