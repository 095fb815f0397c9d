<!-- Light → Bag → Do, from left to right on the desk; from top to thumb on the phone. -->
<script lang="ts">
	import { onMount } from 'svelte';
	import { MediaQuery } from 'svelte/reactivity';
	import { lightNote, type Light } from '$core/light';
	import { lightInWords } from '$core/words';
	import { listenTo, type Key } from '$lib/keys/keys';
	import LightPanel from '$lib/light/LightPanel.svelte';
	import KeySheet from '$lib/keys/KeySheet.svelte';
	import { agoInWords } from '$lib/parts/ago';
	import Answer from './Answer.svelte';
	import { wholeLine } from '$lib/light/line';
	import type { BagRecords } from './bag';
	import CountDialog from './count/CountDialog.svelte';
	import DayList from './DayList.svelte';
	import Lanes from './Lanes.svelte';
	import LightHandle from './LightHandle.svelte';
	import LogBar from './LogBar.svelte';
	import { rehearse } from './rehearse';
	import { ShootState } from './shoot-state.svelte';
	import { refresh } from '$lib/records/refresh';

	let { records }: { records: BagRecords } = $props();

	/** How often readings are looked at for their age. */
	const CLOCK_MS = 15_000;

	const phone = new MediaQuery('(max-width: 820px)', false);
	const shoot = new ShootState(
		() => records,
		() => phone.current
	);
	let readingOpen = $state(false);
	let keysOpen = $state(false);

	/** What the ways of reading light get. */
	const reads = $derived({
		lights: shoot.lights,
		inHand: shoot.answers.inHand,
		oneye: (light: Light) => shoot.readEye(light),
		narrow: shoot.line.narrow
	});
	const tried = $derived(shoot.lights.triedEv !== null);
	const reading = $derived(shoot.lights.reading);
	const light = $derived(shoot.lights.light);
	const resolved = $derived(shoot.lights.resolved);

	function keepTried() {
		if (light) void shoot.lights.keep(light);
	}

	const keys: Key[] = [
		{ press: ['Enter'], shown: 'Enter', does: 'log the frame as shown', run: () => shoot.logging.frame() },
		{ press: ['u'], shown: 'U', does: 'undo what was just logged', run: () => shoot.logging.undo() },
		{
			press: ['ArrowLeft'],
			shown: '←',
			does: 'try a light a third of a stop darker',
			run: () => shoot.moveLight(-1 / 3)
		},
		{
			press: ['ArrowRight'],
			shown: '→',
			does: 'try a light a third of a stop lighter',
			run: () => shoot.moveLight(1 / 3)
		},
		{
			press: ['Escape'],
			shown: 'Esc',
			does: 'back from a remedy or a tried light',
			run: () => (shoot.answers.previewed ? (shoot.answers.previewed = null) : shoot.lights.dropTried())
		},
		{
			press: ['b'],
			shown: 'B',
			does: 'log a bracket: darker, even, lighter',
			run: () => shoot.logging.threeAbout()
		},
		{ press: ['k'], shown: 'K', does: 'keep the tried light as a reading', run: keepTried },
		{ press: ['ArrowUp'], shown: '↑', does: 'the camera above', run: () => shoot.answers.chooseNext(-1) },
		{ press: ['ArrowDown'], shown: '↓', does: 'the camera below', run: () => shoot.answers.chooseNext(1) },
		{
			press: ['s'],
			shown: 'S',
			does: 'by hand or on a support',
			run: () => shoot.setChosen({ support: shoot.answers.handheld })
		},
		{ press: ['?', 'Shift+?'], shown: '?', does: 'these keys', run: () => (keysOpen = true) }
	];

	$effect(() => shoot.desk.ask(shoot.answers.question));

	onMount(() => {
		const close = shoot.open();
		const endRehearsal = rehearse((ev) => shoot.answers.rehearse({ ev }), wholeLine);
		const tick = () => (shoot.lights.now = Date.now());
		const clock = setInterval(tick, CLOCK_MS);
		const lookAgain = () => {
			if (document.visibilityState !== 'visible') return;
			tick();
			void refresh();
		};
		document.addEventListener('visibilitychange', lookAgain);
		const silence = listenTo(keys);
		return () => {
			document.removeEventListener('visibilitychange', lookAgain);
			clearInterval(clock);
			silence();
			endRehearsal();
			close();
		};
	});
</script>

<svelte:head><title>Shoot · Just Enough</title></svelte:head>

{#snippet triedNotice()}
	<div class="tried" role="status">
		{#if tried}
			<span>Trying another light.</span>
			{#if reading}<button class="plain-link" onclick={() => shoot.lights.dropTried()}
					>Back to the reading</button
				>{/if}
			<button class="plain-link" onclick={keepTried}>Keep it</button>
		{:else}
			<span class="soft"
				>{shoot.answers.loaded.length} loaded · drag {shoot.lights.face.drags} to try another</span
			>
		{/if}
	</div>
{/snippet}

<h1 class="sr-only">Shoot: read the light, choose a camera, take the frame</h1>
<div class="shoot" class:narrow={shoot.line.narrow}>
	{#if shoot.line.narrow}
		<section class="light-bar" aria-label="Light">
			<div>
				<strong class="figures"
					>{resolved ? lightInWords(resolved.ev, resolved.sd) : 'Light not read yet'}</strong
				>
				<p class="soft small">
					{#if tried}tried by hand{:else if light && reading}{lightNote(light)} · {agoInWords(
							reading.takenAt,
							shoot.lights.now
						)}{shoot.lights.old ? ' · read it again' : ''}{:else}pick what your shadow looks like{/if}
				</p>
			</div>
			<button class="quiet" aria-expanded={readingOpen} onclick={() => (readingOpen = !readingOpen)}>
				{readingOpen ? 'Close' : 'Read the light'}
			</button>
		</section>
		{#if readingOpen}
			<section class="reading-sheet" aria-label="Read the light">
				<LightPanel {...reads} onread={() => (readingOpen = false)} />
			</section>
		{:else}
			<DayList {shoot} />
			<section class="bag" aria-label="In the bag"><Lanes {shoot} /></section>
			<section class="do" aria-label="Do" aria-busy={shoot.desk.behind}>
				{#if tried}{@render triedNotice()}{/if}
				<Answer {shoot} />
			</section>
		{/if}
		<div class="thumb">
			<LogBar {shoot} />
			<LightHandle {shoot} form="strip" />
		</div>
	{:else}
		<section class="light" aria-labelledby="light-title">
			<div class="title">
				<h2 id="light-title">Light</h2>
				<span class="soft">on the subject</span>
			</div>
			<LightPanel {...reads} />
		</section>
		<section class="bag" aria-labelledby="bag-title">
			<div class="title">
				<h2 id="bag-title">In the bag</h2>
				{@render triedNotice()}
			</div>
			<DayList {shoot} />
			<Lanes {shoot} />
		</section>
		<section class="do" aria-label="Do" aria-busy={shoot.desk.behind}>
			<Answer {shoot} />
			<div class="act"><LogBar {shoot} /></div>
			<button class="plain-link small soft" onclick={() => (keysOpen = true)}>Keys: ?</button>
		</section>
	{/if}
</div>
<KeySheet {keys} bind:open={keysOpen} />
<CountDialog {shoot} />

<style>
	.shoot {
		display: grid;
		grid-template-columns: 18rem minmax(0, 1fr) 19.5rem;
		min-height: calc(100dvh - 3.75rem);
	}
	.shoot:not(.narrow) > section {
		padding: 0.9rem 1.1rem 1rem;
	}
	.shoot:not(.narrow) > section + section {
		border-left: 1px solid var(--line);
	}
	.title {
		display: flex;
		justify-content: space-between;
		align-items: center;
		flex-wrap: wrap;
		gap: 0 1rem;
		min-height: 2.75rem;
	}
	.title h2 {
		font-size: 1.125rem;
	}
	.light {
		display: grid;
		gap: 0.5rem;
		align-content: start;
	}
	.tried {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0 1rem;
		font-size: 0.9375rem;
	}
	.do {
		background: var(--panel);
	}
	/* The button stays in sight however long the answer is. */
	.act {
		position: sticky;
		bottom: 0;
		margin: 0.75rem -1.1rem 0;
		padding: 0.6rem 1.1rem 0;
		background: var(--panel);
		border-top: 1px solid var(--line);
	}
	.narrow {
		display: flex;
		flex-direction: column;
		height: calc(100dvh - 3.5rem);
		min-height: 0;
	}
	.light-bar {
		display: flex;
		justify-content: space-between;
		align-items: center;
		gap: 0.75rem;
		padding: 0.35rem 0.9rem;
		border-bottom: 1px solid var(--line);
	}
	.reading-sheet {
		flex: 1;
		overflow-y: auto;
		padding: 0.75rem 0.9rem;
	}
	.narrow .bag {
		flex: 0 1 auto;
		max-height: 36%;
		min-height: 8rem;
		overflow-y: auto;
		border-bottom: 1px solid var(--line);
	}
	.narrow .do {
		flex: 1;
		min-height: 0;
		overflow-y: auto;
		padding: 0.5rem 0.9rem;
	}
	.thumb {
		background: var(--panel);
		padding: 0.4rem 0.9rem 0;
	}
	.thumb :global(.strip) {
		margin: 0.5rem -0.9rem 0;
	}
</style>
