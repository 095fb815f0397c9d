<!-- What would have been: a roll, or all frames of a camera, replayed with one thing changed, and what would have saved it. -->
<script lang="ts">
	import { onMount } from 'svelte';
	import { resolve } from '$app/paths';
	import { goto } from '$app/navigation';
	import { capital, counted, costliestHabitInWords, replayInWords, savingInWords, savingTitle } from '$words';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import Field from '$lib/forms/Field.svelte';
	import PlanPage from '$lib/plan/PlanPage.svelte';
	import type { KeptLog } from '$views/learn/log';
	import { offerOf, offersFor, type WhatIfBag } from './changes';
	import FrameFates from './FrameFates.svelte';
	import { WhatIfDesk } from './what-if-desk.svelte';

	interface Props {
		bag: WhatIfBag;
		loads: { id: string; camera: string; film: string; judged: number }[];
		asked: { load?: string; camera?: string };
		log: KeptLog;
	}
	let { bag, loads, asked, log }: Props = $props();

	const desk = new WhatIfDesk();
	const offers = $derived(offersFor(log, bag));
	let picked = $state('');
	const offer = $derived(offers.find(({ id }) => id === picked));

	const things = $derived({
		films: bag.films,
		filters: bag.gear.flatMap((piece) => (piece.type === 'filter' ? [piece] : []))
	});
	const others = $derived([
		...bag.cameras.map((camera) => ({ camera })),
		...bag.films.map((film) => ({ film }))
	]);

	let begun = $state(false);
	async function begin(of: KeptLog): Promise<void> {
		await desk.open(of, things, others);
		await desk.ask(offer?.change ?? null);
	}
	$effect(() => {
		if (begun) void begin(log);
	});
	onMount(() => {
		begun = true;
		return () => desk.stop();
	});

	function choose(id: string): void {
		picked = id;
		void desk.ask(offers.find((each) => each.id === id)?.change ?? null);
	}

	const chosen = $derived(asked.load ? `load=${asked.load}` : asked.camera ? `camera=${asked.camera}` : '');
	const cameras = $derived(bag.cameras.filter(({ name }) => loads.some(({ camera }) => camera === name)));
	const scopes = $derived([
		...loads.map(({ id, camera, film, judged }) => ({
			value: `load=${id}`,
			name: `${camera}, ${film}: ${counted(judged, '1 judged', '# judged')}`
		})),
		...cameras.map(({ id, name }) => ({ value: `camera=${id}`, name: `All of ${name}` }))
	]);
	const groups = $derived([...new Set(offers.map(({ group }) => group))]);
	const judged = $derived(log.frames.filter((frame) => frame.judged).length);
</script>

{#snippet question()}
	<ChoiceField
		label="Frames"
		value={chosen}
		options={scopes}
		onchange={(next) => void goto(resolve(`/plan/what-if?${next}`), { keepFocus: true, noScroll: true })}
	/>
	{#if offers.length > 0}
		<Field label="One thing changed">
			{#snippet control(attributes)}
				<select {...attributes} value={picked} onchange={(event) => choose(event.currentTarget.value)}>
					<option value="">Nothing yet</option>
					{#each groups as group (group)}
						<optgroup label={group}>
							{#each offers.filter((each) => each.group === group) as { id, name } (id)}
								<option value={id}>{name}</option>
							{/each}
						</optgroup>
					{/each}
				</select>
			{/snippet}
		</Field>
	{/if}
	{#if desk.progress}<button class="quiet" type="button" onclick={() => desk.stop()}>Stop</button>{/if}
	<p class="soft small">
		Light, camera and film are taken as your judged prints show them to have been. What was blurred stays
		blurred.
	</p>
{/snippet}

{#snippet answer()}
	{#if log.frames.length === 0}
		<p class="soft">
			No judged frames with a light reading yet. Judge a roll in Frames, and this shows what would have saved
			it.
		</p>
	{:else if desk.progress}
		<p role="status">Going through {counted(desk.progress.of, 'one frame', '# frames')} …</p>
	{:else if desk.told}
		{@const { lost, saved, open, habit } = desk.told}
		<section aria-labelledby="saved">
			<h2 id="saved">What would have saved it</h2>
			{#if lost === 0}
				<p class="first">
					{counted(
						judged,
						'The one judged frame was not lost by its exposure.',
						'None of the # judged frames was lost by its exposure.'
					)}
				</p>
			{:else}
				{#if saved.length === 0}
					<p class="first">
						Neither one change nor two together would have saved {counted(
							lost,
							'the lost frame',
							'the # lost frames'
						)}.
					</p>
				{/if}
				<ol>
					{#each saved as saving, at (at)}
						{@const same = offerOf(offers, saving)}
						<li>
							<strong class:first={at === 0}>{capital(savingTitle(saving))}</strong>
							<span>{savingInWords(saving, lost)}</span>
							{#if same && picked !== same.id}
								<button class="quiet" type="button" onclick={() => choose(same.id)}
									>Replay with it<span class="sr-only">: {savingTitle(saving)}</span></button
								>
							{/if}
						</li>
					{/each}
				</ol>
				{#if open > 0 && saved.length > 0}
					<p>
						Neither one change nor two together would have saved {counted(
							open,
							'the other one',
							'the other #'
						)}.
					</p>
				{/if}
			{/if}
			{#if lost > 0 || habit}<p>{costliestHabitInWords(habit)}</p>{/if}
		</section>
		<section aria-labelledby="replayed">
			<h2 id="replayed">Frame by frame</h2>
			<p class="figures" role="status">
				{#if offer && desk.replay}{replayInWords(desk.replay, offer.said)}{:else}Change one thing, and each
					frame shows what it would have been.{/if}
				{#if offer && desk.replay && desk.replay.unchanged > 0}{counted(
						desk.replay.unchanged,
						'One frame can’t be changed so and stays as it was.',
						'# frames can’t be changed so and stay as they were.'
					)}{/if}
			</p>
			<FrameFates {log} replay={offer ? desk.replay : null} film={offer?.change.film} />
			{#if log.leftOut > 0}
				<p class="soft small">
					{counted(log.leftOut, 'One frame is', '# frames are')} left out: without a light reading, or lit by a
					flash.
				</p>
			{/if}
		</section>
	{:else if !desk.failed && begun}
		<p class="soft">
			Stopped. <button class="plain-link" type="button" onclick={() => begin(log)}>Go on</button>
		</p>
	{/if}
{/snippet}

<PlanPage
	title="What if"
	here="what-if"
	names={{ asked: 'The frames, and what is changed', answer: 'What would have been' }}
	busy={desk.progress !== null}
	failed={desk.failed}
	asked={question}
	{answer}
/>

<style>
	.first {
		font-size: 1.15rem;
	}
	ol {
		list-style: none;
		margin: 0;
		padding: 0;
		display: grid;
		gap: 0.75rem;
	}
	li {
		display: grid;
		justify-items: start;
		gap: 0.15rem;
	}
	h2 {
		padding-bottom: 0.35rem;
	}
	ol + p {
		padding-top: 0.75rem;
	}
	section + section {
		padding-top: 1.5rem;
	}
</style>
