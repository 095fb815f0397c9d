<!-- Shoot on a phone: the answer, what must be set and the button are always in sight; the rest yields. -->
<script lang="ts">
	import { untrack, type ComponentProps } from 'svelte';
	import { MediaQuery } from 'svelte/reactivity';
	import { lightNote } from '$core/light';
	import { lightInWords } from '$words';
	import LightPanel from '$lib/light/LightPanel.svelte';
	import { passedInWords } from '$words';
	import AfterFrame from './AfterFrame.svelte';
	import Answer from './Answer.svelte';
	import Chips from './Chips.svelte';
	import ChosenLane from './ChosenLane.svelte';
	import DayList from './DayList.svelte';
	import LightHandle from './LightHandle.svelte';
	import LogBar from './LogBar.svelte';
	import { isTight, roomFor } from './phone-room';
	import type { ShootState } from './shoot-state.svelte';

	interface Props {
		shoot: ShootState;
		/** What the ways of reading light get. */
		reads: Omit<ComponentProps<typeof LightPanel>, 'onread'>;
	}
	let { shoot, reads }: Props = $props();

	/** On its side it has two columns. */
	const lying = new MediaQuery('(min-width: 600px) and (max-height: 500px)', false);
	let readingOpen = $state(false);
	const tried = $derived(shoot.lights.triedEv !== null);
	const { reading, light, resolved } = $derived(shoot.lights);

	/** What is measured, px: the whole of it, and what always stays. */
	let whole = $state(0);
	let bar = $state(0);
	let after = $state(0);
	let thumb = $state(0);
	let needs = $state(0);
	let answer = $state<HTMLElement>();
	const several = $derived(shoot.answers.loaded.length > 1);
	/** Everything is drawn tighter, where the answer would not fit otherwise. */
	let tight = $state(false);
	/** Above and below the answer, px. */
	const PADDING = 12;
	let column = $state(0);
	const left = $derived(
		(lying.current ? column : whole - bar - after - thumb) - (needs === 0 ? 0 : needs + PADDING)
	);
	const room = $derived(
		lying.current ? { lane: true, chips: several, banner: true } : roomFor(left, { chips: several && !tight })
	);
	$effect(() => {
		const next = isTight(
			left,
			untrack(() => tight)
		);
		tight = next;
	});
	/** Another camera asks for another room. */
	$effect(() => {
		void shoot.answers.chosen?.id;
		tight = false;
	});

	/** Another camera's or scene's answer is read from its beginning. */
	$effect(() => {
		void shoot.answers.chosen?.id;
		void shoot.list.taking?.scene.id;
		answer?.scrollTo(0, 0);
	});
</script>

<div class="phone" class:lying={lying.current} bind:clientHeight={whole}>
	<section class="light-bar" aria-label="Light" bind:clientHeight={bar}>
		<div>
			<strong class="figures"
				>{resolved ? lightInWords(resolved.ev, resolved.sd) : 'Light not read yet'}</strong
			>
			<p class="soft small">
				{#if tried}tried by hand{:else if light && reading}{lightNote(light)} · {passedInWords(
						reading.takenAt,
						shoot.lights.now
					)}{shoot.lights.old ? ' · read it again' : ''}{:else}pick what your shadow looks like{/if}
			</p>
		</div>
		<button class="quiet" aria-expanded={readingOpen} onclick={() => (readingOpen = !readingOpen)}>
			{#if readingOpen}Close{:else}Read<span class="sr-only"> the light</span>{/if}
		</button>
	</section>
	{#if readingOpen}
		<section class="reading-sheet" aria-label="Read the light">
			<LightPanel {...reads} onread={() => (readingOpen = false)} />
		</section>
	{:else}
		<section class="bag" aria-label="In the bag">
			{#if room.banner}<DayList {shoot} />{/if}
			{#if room.chips}<Chips {shoot} />{/if}
			<div bind:clientHeight={after}>
				{#if shoot.answers.chosen}<AfterFrame {shoot} chosen={shoot.answers.chosen} {tight} />{/if}
			</div>
			{#if room.lane}<ChosenLane {shoot} />{/if}
		</section>
		<section
			class="do"
			aria-label="Do"
			aria-busy={shoot.desk.behind}
			bind:this={answer}
			bind:clientHeight={column}
		>
			<Answer {shoot} {tight} bind:needs />
			{#if !room.lane}<ChosenLane {shoot} />{/if}
			{#if several && !room.chips}<Chips {shoot} />{/if}
			{#if !room.banner}<DayList {shoot} />{/if}
		</section>
	{/if}
	<div class="thumb" bind:clientHeight={thumb}>
		<LogBar {shoot} />
		<LightHandle {shoot} form="strip" />
	</div>
</div>

<style>
	.phone {
		display: flex;
		flex-direction: column;
		height: calc(100dvh - var(--header));
		min-height: 0;
	}
	.lying {
		display: grid;
		grid-template: auto minmax(0, 1fr) auto / minmax(0, 2fr) minmax(0, 3fr);
		grid-template-areas: 'bar do' 'side do' 'thumb thumb';
	}
	.lying > .light-bar {
		grid-area: bar;
	}
	.lying > .bag {
		grid-area: side;
		display: flex;
		flex-direction: column;
		overflow-y: auto;
	}
	.lying > .bag :global(.day-list) {
		order: 1;
	}
	.lying > .do {
		grid-area: do;
		border-left: 1px solid var(--line);
	}
	.lying > .reading-sheet {
		grid-row: 1 / 3;
		grid-column: 2;
	}
	.lying > .thumb {
		grid-area: thumb;
		border-top: 1px solid var(--line);
		padding-top: 0.25rem;
	}
	.lying > .thumb :global(.log) {
		grid-template-columns: minmax(0, 2fr) minmax(0, 3fr);
		align-items: end;
	}
	.lying > .thumb :global(.strip) {
		height: 2.25rem;
		margin-top: 0.2rem;
	}
	.light-bar {
		display: flex;
		justify-content: space-between;
		align-items: center;
		gap: 0.75rem;
		padding: 0.15rem 0.9rem;
		line-height: 1.2;
		border-bottom: 1px solid var(--line);
	}
	.reading-sheet {
		flex: 1;
		overflow-y: auto;
		padding: 0.75rem 0.9rem;
	}
	.bag {
		flex: none;
		border-bottom: 1px solid var(--line);
	}
	.do {
		background: var(--panel);
		flex: 1;
		min-height: 0;
		overflow-y: auto;
		padding: 0.25rem 0.9rem 0.5rem;
	}
	.thumb {
		background: var(--panel);
		flex: none;
		padding: 0.2rem 0.9rem 0;
	}
	.thumb :global(.strip) {
		margin: 0.35rem -0.9rem 0;
	}
</style>
