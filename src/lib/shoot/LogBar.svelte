<!-- The one primary action, what else can be logged in one go, and what became of it. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { formatTime, markedTimes, nearestMark } from '$core/units';
	import { countableStack, COUNTABLE_SECONDS } from '$core/night';
	import { chanceInWords, handDoubtInWords, stackInWords } from '$core/words';
	import { outbox } from '$lib/records/outbox.svelte';
	import { greysOf } from './aids/night-desk';
	import AfterFrame from './AfterFrame.svelte';
	import LogMore from './LogMore.svelte';
	import type { ShootState } from './shoot-state.svelte';

	let { shoot }: { shoot: ShootState } = $props();

	const { logging } = $derived(shoot);
	const chosen = $derived(shoot.answers.chosen);
	const logged = $derived(logging.log.logged);
	const waiting = $derived(outbox.unsaved.length);
	const fresh = $derived(logged !== null && logged.saved !== false);
	const running = $derived(chosen ? logging.draftOf(chosen.id).startedAt !== undefined : false);
	const cine = $derived(chosen?.secondsLeft != null);
	const again = $derived(logged !== null && logged.loadId === chosen?.id && !cine && chosen.left > 0);

	/** Three frames are worth a word where one alone often fails and a bracket lifts its chance by this much. */
	const [OFTEN, LIFT] = [0.7, 0.2];
	const single = $derived(shoot.answers.asItIs?.chances.usable ?? 1);
	const bracket = $derived(logging.bracket);
	const worthIt = $derived(bracket !== null && single < OFTEN && bracket.chances.usable - single > LIFT);

	/** From here on a time is long enough to be counted by a person, or heard to end, s. */
	const COUNTABLE = 1;
	const countable = $derived.by(() => {
		const { asItIs } = shoot.answers;
		if (!chosen || !asItIs || !logging.can || cine || shoot.answers.previewed) return null;
		const byHand = asItIs.handTimed;
		if (!byHand && asItIs.seconds < COUNTABLE) return null;
		// What is counted is what is read: the mark, not its decimals.
		return { seconds: nearestMark(markedTimes, asItIs.seconds), automatic: !byHand };
	});
	/** The filter of the bag that makes a time long enough for a hand. */
	const cure = $derived.by(() => {
		const { asItIs, bag } = shoot.answers;
		if (!chosen || !asItIs || !countable || countable.automatic) return null;
		if (countable.seconds >= COUNTABLE_SECONDS) return null;
		const { filters } = shoot.rig.of(chosen.id);
		const { greys, others, metered } = greysOf(chosen.film, bag.filters ?? [], filters, asItIs.seconds);
		const stack = countableStack(chosen.film, metered, greys);
		return stack && { stack, filters: [...others, ...stack.filters] };
	});
	function count() {
		const frame = logging.nextFrame;
		if (frame && countable) shoot.counting.begin(frame, countable.seconds, countable.automatic);
	}

	const named = (numbers: readonly number[]) =>
		numbers.length === 1 ? `Frame ${numbers[0]}` : `Frames ${numbers[0]} to ${numbers[numbers.length - 1]}`;
	const primary = $derived.by(() => {
		if (!chosen) return 'Took it';
		if (!cine) return `Took frame ${chosen.next}`;
		return running ? `Stop shot ${chosen.next}` : `Start shot ${chosen.next}`;
	});
</script>

<div class="log">
	{#if chosen?.finished}
		<a class="action" href={resolve(`/bag/load?camera=${chosen.camera.id}`)}>Load another film</a>
	{:else}
		<button class="action main" class:running disabled={!logging.can} onclick={() => logging.frame()}>
			<span>{primary}</span>
			{#if !shoot.line.narrow}<span class="key" aria-hidden="true">Enter</span>{/if}
		</button>
		{#if cure && countable}
			<p class="small">
				{handDoubtInWords(countable.seconds)}
				<button class="plain-link" onclick={() => shoot.setChosen({ filters: cure.filters })}
					>Put on {stackInWords(cure.stack)}</button
				>
			</p>
		{/if}
		<div class="others">
			{#if countable}
				<button class="quiet" onclick={count}
					>{countable.automatic ? 'Time it, about' : 'Count'} {formatTime(countable.seconds)}</button
				>
			{/if}
			{#if bracket && chosen}
				<button class="quiet" onclick={() => logging.threeAbout()}
					>Bracket {chosen.next} to {chosen.next + 2}</button
				>
			{/if}
			{#if again}
				<button class="quiet" onclick={() => logging.frame(3)}>Three more like it</button>
			{/if}
			{#if chosen}<LogMore {shoot} {chosen} />{/if}
		</div>
		{#if worthIt && bracket}
			<p class="small worth">
				One frame alone: {chanceInWords(single)}. One of a bracket: {chanceInWords(bracket.chances.usable)}.
			</p>
		{/if}
	{/if}
	{#if chosen}<AfterFrame {shoot} {chosen} />{/if}
	<div role="status" class="status">
		{#if logged && fresh}
			<span
				>{logged.saved
					? `${named(logged.numbers)} of ${logged.camera} saved`
					: `Saving ${named(logged.numbers).toLowerCase()} …`}</span
			>
			{#if logged.saved}
				<button class="plain-link" onclick={() => logging.undo()}>Undo</button>
				<a class="plain-link" href={resolve(`/frames/${logged.ids[0]}`)}>Correct it</a>
			{/if}
		{/if}
		{#if logged?.problem}<span>{logged.problem}</span>{/if}
		{#if logging.problem}<span>{logging.problem}</span>{/if}
		{#if waiting > 0}
			<span class="notice">
				Not saved yet: {waiting === 1 ? 'one entry is' : `${waiting} entries are`} kept here, in this browser.
				{#if !outbox.outlivesThePage}
					Its storage is full or switched off: keep this page open until they are saved.
				{/if}
				{#each outbox.unsaved.filter((item) => item.problem) as item (item.id)}
					{item.problem} <button class="plain-link" onclick={() => outbox.drop(item.id)}>Drop it</button>
				{/each}
				<button class="plain-link" onclick={() => outbox.sendAll(true)}>Save now</button>
			</span>
		{/if}
	</div>
</div>

<style>
	.log {
		display: grid;
		gap: 0.35rem;
	}
	.main,
	.log > .action {
		width: 100%;
		min-height: 3.5rem;
		justify-content: space-between;
		font-size: 1.125rem;
		padding-inline: 1.25rem;
	}
	.running {
		outline: 3px solid var(--ink);
		outline-offset: 2px;
	}
	.key {
		font-size: 0.8125rem;
		font-weight: 400;
	}
	.others {
		display: flex;
		flex-wrap: wrap;
		gap: 0.35rem;
	}
	.others > .quiet {
		flex: 1 1 auto;
		padding-inline: 0.75rem;
	}
	.worth {
		font-weight: var(--heavy);
	}
	.status {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0 0.75rem;
		min-height: 2.75rem;
	}
	.plain-link {
		font-weight: var(--heavy);
	}
	/* Above the button, which must not move under a thumb. */
	@media (max-width: 820px) {
		.status,
		.worth {
			order: -1;
			min-height: 0;
		}
		.others {
			flex-wrap: nowrap;
			overflow-x: auto;
		}
		.others > .quiet {
			white-space: nowrap;
			font-size: 0.9375rem;
		}
	}
</style>
