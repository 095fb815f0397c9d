<!-- After the click: what of a spool is left, and the print that develops. -->
<script lang="ts">
	import { shotList, takenShots } from '$core/cine';
	import { isSeenAtOnce, spoolSeconds } from '$core/film';
	import type { Kept } from '$lib/records/client';
	import { outbox, WAITS } from '$lib/records/outbox.svelte';
	import type { FrameRecord } from '$contract/records';
	import type { Loaded } from './bag';
	import LastPrint from './LastPrint.svelte';
	import type { ShootState } from './shoot-state.svelte';

	interface Props {
		shoot: ShootState;
		chosen: Loaded;
		/** In one line, where there is hardly room. */
		tight?: boolean;
	}
	let { shoot, chosen, tight = false }: Props = $props();

	const TWO_HOURS = 7_200_000;

	let now = $state(Date.now());
	const { logging } = $derived(shoot);
	const last = $derived.by((): Kept<FrameRecord> | null => {
		const frame = chosen.frames.at(-1);
		// One that is just being sent is judged once it has arrived; one that waits here, here.
		const waits = outbox.unsaved.some(({ id }) => id === frame?.id);
		if (!frame || (frame.version === undefined && !waits)) return null;
		return now - Date.parse(frame.takenAt) < TWO_HOURS ? { version: WAITS, ...frame } : null;
	});
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
		if (last === null && startedAt === undefined) return;
		now = Date.now();
		const timer = setInterval(() => (now = Date.now()), 1000);
		return () => clearInterval(timer);
	});
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
{#if last && isSeenAtOnce(chosen.film)}<LastPrint {shoot} {chosen} {last} {now} {tight} />{/if}
