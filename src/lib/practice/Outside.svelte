<!-- A real light: guessed first, then read by a meter or from a photo. -->
<script lang="ts">
	import { DateTime } from 'luxon';
	import { resolveLight, type Light } from '$core/light';
	import { errorOf, type Guess, type Named } from '$core/practice';
	import { WALK } from '$words/walk';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import MeterPanel from '$lib/light/MeterPanel.svelte';
	import PhotoPanel from '$lib/light/PhotoPanel.svelte';
	import { outbox } from '$lib/records/outbox.svelte';
	import { Remembered } from '$lib/timing/remembered.svelte';
	import GuessOfLight from './GuessOfLight.svelte';
	import { stamped } from './practice-desk.svelte';
	import PracticeNav from './PracticeNav.svelte';
	import Told from './Told.svelte';
	import Walk from './Walk.svelte';
	import { NOT_WALKED, type Walked } from './walked';

	interface Held {
		named: Named | null;
		ev: number | null;
		/** When it was guessed. */
		at: string;
	}
	const NOTHING: Held = { named: null, ev: null, at: '' };
	/** A guess outlives the page until it is read. */
	const held = new Remembered<Held>('outside', NOTHING);
	/** So does a walk until it is ended. */
	const walk = new Remembered<Walked>('walk', NOT_WALKED);
	const walking = $derived(walk.value.began !== '');
	const walked = $derived(walking && walk.value.errors.length >= WALK);
	const now = () => DateTime.local().toISO();
	let named = $state.raw<Named | null>(null);
	let ev = $state<number | null>(null);
	let by = $state<'meter' | 'photo'>('meter');
	let told = $state.raw<Guess | null>(null);
	let problem = $state('');

	const ways = [
		{ value: 'meter', name: 'a meter' },
		{ value: 'photo', name: 'a photo' }
	] as const;

	function hold() {
		held.set({ named, ev, at: DateTime.local().toISO() });
	}

	function drop() {
		held.set(NOTHING);
		[named, ev, told] = [null, null, null];
	}

	function endWalk() {
		walk.set(NOT_WALKED);
		drop();
	}

	async function read(light: Light) {
		const guessed = $state.snapshot(held.value) as Held;
		if (!guessed.named || guessed.ev === null) return;
		const { ev: was, sd } = resolveLight(light);
		const guess: Guess = {
			kind: 'seeing',
			...stamped(),
			clock: DateTime.fromISO(guessed.at).toFormat('HH:mm'),
			named: guessed.named,
			ev: guessed.ev,
			read: { ev: was, sd, by }
		};
		drop();
		told = guess;
		if (walking) walk.set({ errors: [...walk.value.errors, errorOf(guess)], ended: now() });
		const sent = await outbox.send('exercises', guess);
		problem = sent.result === 'refused' ? sent.problem : '';
	}
</script>

<svelte:head><title>Practice with real lights · Just Enough</title></svelte:head>
<div class="page">
	<h1>Practice</h1>
	<PracticeNav here="outside" />
	{#if problem}<p class="notice" role="alert">Not saved: {problem}</p>{/if}
	<div class="narrow">
		{#if told}
			<Told guess={told} />
			{#if walked}
				<Walk walk={walk.value} onbegin={() => {}} onend={endWalk} />
			{:else}
				<button class="action" onclick={drop}>{walking ? 'On to the next light' : 'Guess another'}</button>
			{/if}
		{:else if held.value.named}
			<h2>Now read it</h2>
			<p class="soft">Your guess is saved. Now read the same light, on the same subject.</p>
			<ChoiceField label="Read by" value={by} options={ways} onchange={(way) => (by = way)} />
			{#if by === 'meter'}
				<MeterPanel light={null} onread={read} />
			{:else}
				<PhotoPanel light={null} onread={read} />
			{/if}
			<p><button class="plain-link" onclick={drop}>Discard this guess</button></p>
		{:else}
			<h2>Guess the light where you are</h2>
			<p class="soft">Look at your subject and its light first; then check with a meter or a photo.</p>
			<Walk walk={walk.value} onbegin={() => walk.set({ ...NOT_WALKED, began: now() })} onend={endWalk} />
			{#if !walked}<GuessOfLight bind:named bind:ev rooms action="That’s my guess" onguess={hold} />{/if}
		{/if}
	</div>
</div>

<style>
	.narrow {
		display: grid;
		gap: 0.75rem;
		max-width: 34rem;
		padding-top: 1rem;
	}
</style>
