<!-- Light → Bag → Do, from left to right on the desk; from top to thumb on the phone. -->
<script module lang="ts">
	import { later } from '$lib/parts/later';

	const countDialog = later(() => import('./count/CountDialog.svelte'));
</script>

<script lang="ts">
	import { onMount, tick as drawn } from 'svelte';
	import { MediaQuery } from 'svelte/reactivity';
	import { afterNavigate } from '$app/navigation';
	import { page } from '$app/state';
	import type { Light } from '$core/light';
	import { listenInView, type Key } from '$lib/keys/keys';
	import { sheet } from '$lib/keys/sheet.svelte';
	import { ownPosition } from '$lib/here/own-position.svelte';
	import LightPanel from '$lib/light/LightPanel.svelte';
	import Later from '$lib/parts/Later.svelte';
	import Answer from './Answer.svelte';
	import { wholeLine } from '$lib/light/line';
	import type { BagRecords } from './bag';
	import DayList from './DayList.svelte';
	import Lanes from './Lanes.svelte';
	import LogBar from './LogBar.svelte';
	import Phone from './Phone.svelte';
	import Spoken from './Spoken.svelte';
	import { rehearse } from './rehearse';
	import { ShootState } from './shoot-state.svelte';
	import { refresh } from '$lib/records/refresh';

	let { records }: { records: BagRecords } = $props();

	/** How often readings are looked at for their age. */
	const CLOCK_MS = 15_000;

	const phone = new MediaQuery('(max-width: 820px), (max-height: 500px)', false);
	const shoot = new ShootState(
		() => records,
		() => phone.current
	);
	/** What was opened once stays: what was done before it is gone back to when it closes. */
	const asked = $state({ count: false });
	$effect(() => {
		if (shoot.counting.counted) asked.count = true;
	});

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
			does: 'hand-held or on a tripod',
			run: () => shoot.setChosen({ support: shoot.answers.handheld })
		}
	];

	/** What is to be counted is in hand, and its button under the thumb: the hand says when. */
	async function toCount() {
		if (shoot.counting.counted || !shoot.chooseCountable()) return;
		await drawn();
		document.querySelector<HTMLButtonElement>('button[data-count]')?.focus();
	}

	$effect(() => {
		if (records.outings.length > 0) void shoot.openList();
	});
	// Only then is the focus the view's to give.
	afterNavigate(() => void (page.url.searchParams.has('count') && toCount()));
	$effect(() => shoot.desk.ask(shoot.answers.question));

	onMount(() => ownPosition.follow());
	onMount(() => {
		const close = shoot.open();
		const endRehearsal = rehearse(
			(ev, camera) => shoot.answers.rehearse({ ev }, camera),
			wholeLine,
			() => shoot.answers.loaded.length
		);
		const tick = () => (shoot.lights.now = Date.now());
		const clock = setInterval(tick, CLOCK_MS);
		const lookAgain = () => {
			if (document.visibilityState !== 'visible') return;
			tick();
			void refresh();
		};
		document.addEventListener('visibilitychange', lookAgain);
		const silence = listenInView(keys);
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
{#if shoot.line.narrow}
	<Phone {shoot} {reads} />
{:else}
	<div class="shoot">
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
			<button class="plain-link small soft" onclick={() => sheet.show()}>Keys: ?</button>
		</section>
	</div>
{/if}
<Spoken {shoot} />
{#if asked.count}
	<Later part={countDialog} given={{ shoot }} />
{/if}

<style>
	.shoot {
		display: grid;
		grid-template-columns: 18rem minmax(0, 1fr) 19.5rem;
		min-height: calc(100dvh - 3.75rem);
	}
	.shoot > section {
		padding: 0.9rem 1.1rem 1rem;
	}
	.shoot > section + section {
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
</style>
