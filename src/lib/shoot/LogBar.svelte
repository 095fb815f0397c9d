<!-- The one primary action, what else can be logged in one go, and what became of it. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { formatTime } from '$core/units';
	import { countableStack, COUNTABLE_SECONDS } from '$core/night';
	import { chanceInWords, handDoubtInWords, stackInWords } from '$words';
	import { greysOf } from './aids/night-desk';
	import { countableOf } from './count/countable';
	import AfterFrame from './AfterFrame.svelte';
	import CorrectFrame from './CorrectFrame.svelte';
	import LogMore from './LogMore.svelte';
	import PhoneLine from './PhoneLine.svelte';
	import StatusLine from './StatusLine.svelte';
	import type { ShootState } from './shoot-state.svelte';

	let { shoot }: { shoot: ShootState } = $props();

	let correcting = $state<string | null>(null);
	const narrow = $derived(shoot.line.narrow);

	const { logging } = $derived(shoot);
	const chosen = $derived(shoot.answers.chosen);
	const logged = $derived(logging.log.logged);
	const running = $derived(chosen ? logging.draftOf(chosen.id).startedAt !== undefined : false);
	const cine = $derived(chosen?.secondsLeft != null);
	const again = $derived(logged !== null && logged.loadId === chosen?.id && !cine && chosen.left > 0);

	/** Three frames are worth a word where one alone often fails and a bracket lifts its chance by this much. */
	const [OFTEN, LIFT] = [0.7, 0.2];
	const single = $derived(shoot.answers.asItIs?.chances.usable ?? 1);
	const bracket = $derived(logging.bracket);
	const worthIt = $derived(bracket !== null && single < OFTEN && bracket.chances.usable - single > LIFT);

	const countable = $derived.by(() => {
		const { asItIs } = shoot.answers;
		if (!chosen || !asItIs || !logging.can || shoot.answers.previewed) return null;
		return countableOf(chosen, asItIs);
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

	const primary = $derived.by(() => {
		if (!chosen) return 'Took it';
		if (!cine) return `Took frame ${chosen.next}`;
		return running ? `Stop shot ${chosen.next}` : `Start shot ${chosen.next}`;
	});
</script>

{#snippet others()}
	{#if bracket && chosen}
		<button class="quiet" aria-disabled={logging.settling || undefined} onclick={() => logging.threeAbout()}
			>Bracket {chosen.next} to {chosen.next + 2}</button
		>
	{/if}
	{#if again}
		<button class="quiet" aria-disabled={logging.settling || undefined} onclick={() => logging.frame(3)}
			>Three more like it</button
		>
	{/if}
{/snippet}
{#snippet counting()}
	{#if countable}
		<button class="quiet count" data-count onclick={count}
			>{countable.automatic ? 'Time it, about' : 'Count'} {formatTime(countable.seconds)}</button
		>
	{/if}
{/snippet}
{#snippet handDoubt()}
	{#if cure && countable}
		<p class="small">
			{handDoubtInWords(countable.seconds)}
			<button class="plain-link" onclick={() => shoot.setChosen({ filters: cure.filters })}
				>Put on {stackInWords(cure.stack)}</button
			>
		</p>
	{/if}
{/snippet}
{#snippet worth()}
	{#if worthIt && bracket}
		<p class="small worth">
			One frame alone: {chanceInWords(single)}. One of a bracket: {chanceInWords(bracket.chances.usable)}.
		</p>
	{/if}
{/snippet}

<!-- The button comes last: whatever is said above it, it stays where it is. -->
<div class="log" class:narrow>
	{#if narrow}
		<PhoneLine {shoot} oncorrect={(id) => (correcting = id)} {handDoubt} doubts={cure !== null} />
	{:else}
		<StatusLine {shoot} oncorrect={(id) => (correcting = id)} />
		{#if chosen}<AfterFrame {shoot} {chosen} />{/if}
		{#if !chosen?.finished}
			{@render worth()}
			{@render handDoubt()}
			<div class="others">
				{@render counting()}
				{@render others()}
				{#if chosen}<LogMore {shoot} {chosen} />{/if}
			</div>
		{/if}
	{/if}
	<div class="press">
		{#if chosen?.finished}
			<a class="action main" href={resolve(`/bag/load?camera=${chosen.camera.id}`)}>Load another film</a>
		{:else}
			<button
				class="action main"
				class:running
				disabled={!logging.can}
				aria-disabled={logging.settling || undefined}
				onclick={() => logging.frame()}
			>
				<span>{primary}</span>
				{#if !narrow}<span class="key" aria-hidden="true">Enter</span>{/if}
			</button>
		{/if}
		{#if narrow}
			{#if !chosen?.finished}{@render counting()}{/if}
			{#if chosen}<LogMore {shoot} {chosen} short>{@render others()}{@render worth()}</LogMore>{/if}
		{/if}
	</div>
</div>
<CorrectFrame {shoot} bind:frameId={correcting} />

<style>
	.log {
		display: grid;
		gap: 0.35rem;
	}
	.press {
		display: flex;
		gap: 0.4rem;
	}
	.main {
		flex: 1 1 0;
		min-width: 0;
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
	.others > :global(.quiet) {
		flex: 1 1 auto;
		padding-inline: 0.75rem;
	}
	.worth {
		font-weight: var(--heavy);
	}
	.plain-link {
		font-weight: var(--heavy);
	}
	.narrow .main {
		min-height: 3rem;
	}
	.narrow .count {
		padding-inline: 0.6rem;
		font-size: 0.9375rem;
		white-space: nowrap;
	}
</style>
