<!-- The course of the day: made-up scenes to guess, then quick cards; by keyboard or thumb. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { calledBy, isRoom, type DrillBag, type Exercise, type Named } from '$core/practice';
	import { roundToThird } from '$core/units';
	import { drillInWords } from '$words';
	import { listenInView, type Key } from '$lib/keys/keys';
	import { sheet } from '$lib/keys/sheet.svelte';
	import type { Kept } from '$lib/records/client';
	import DrawnScene from './DrawnScene.svelte';
	import { pictureOf } from './drawing';
	import GuessOfLight from './GuessOfLight.svelte';
	import { PracticeDesk } from './practice-desk.svelte';
	import PracticeNav from './PracticeNav.svelte';
	import Told from './Told.svelte';

	let { exercises, bag }: { exercises: readonly Kept<Exercise>[]; bag: DrillBag } = $props();

	const desk = new PracticeDesk(
		() => exercises,
		() => bag
	);
	let named = $state.raw<Named | null>(null);
	let ev = $state<number | null>(null);
	let guessing: ReturnType<typeof GuessOfLight> | undefined = $state();
	let title: HTMLElement | undefined = $state();

	/** Then all days are alike. */
	const WEEK = 7;
	const { course } = $derived(desk);
	const place = $derived(Math.min(course.done + (desk.answered ? 0 : 1), course.tasks.length));

	$effect(() => {
		// Drawn while this one is looked at.
		if (desk.nextScene) void pictureOf(desk.nextScene);
	});

	function next() {
		named = null;
		ev = null;
		desk.next();
		title?.focus();
	}

	function check() {
		if (named && ev !== null) desk.guess(named, ev);
	}

	const THIRD = 1 / 3;
	const step = (stops: number) => {
		if (ev !== null && !desk.answered) ev = roundToThird(ev + stops);
	};

	/** By number: a card's choice, or a name of the school that is looked at. */
	function pick(at: number) {
		if (desk.answered) return;
		if (desk.card) return desk.choose(at);
		guessing?.pick(at);
	}

	const keys: Key[] = [
		...[1, 2, 3, 4, 5, 6].map((number) => ({
			press: [String(number)],
			shown: String(number),
			does: number === 1 ? 'The first name or answer' : `Number ${number}`,
			run: () => pick(number - 1)
		})),
		{ press: ['ArrowRight', '+'], shown: '→', does: 'A third brighter', run: () => step(THIRD) },
		{ press: ['ArrowLeft', '-'], shown: '←', does: 'A third darker', run: () => step(-THIRD) },
		{
			press: ['Enter'],
			shown: 'Enter',
			does: 'Check; then the next one',
			run: () => (desk.answered ? next() : check())
		}
	];
	$effect(() => listenInView(keys));

	const practised = $derived(desk.days.filter(Boolean).length);
</script>

<svelte:head><title>Practice · Just Enough</title></svelte:head>
<div class="page">
	<h1>Practice</h1>
	<PracticeNav here="today" />
	<div class="head">
		<h2 tabindex="-1" bind:this={title}>
			{course.day > WEEK ? 'After the week' : `Day ${course.day}`}: {course.lesson.title}
			{#if desk.task}<span class="soft figures">{place} of {course.tasks.length}</span>{/if}
		</h2>
		<p class="soft days">
			<span class="dots" aria-hidden="true"
				>{#each desk.days as done, at (at)}<i class:done></i>{/each}</span
			>
			<span class="small">{practised} of the last {desk.days.length} days</span>
		</p>
	</div>
	{#if desk.away}
		<p class="soft" role="status">Kept in this browser: the server hasn’t answered yet.</p>
	{/if}
	{#if desk.problem}<p class="notice" role="alert">Not saved: {desk.problem}</p>{/if}

	{#if desk.scene && desk.task?.kind === 'seeing'}
		<div class="two">
			<DrawnScene scene={desk.scene} metered={desk.answered !== null} />
			<div class="side">
				{#if desk.answered?.guess}
					<Told guess={desk.answered.guess} />
					<button class="action" onclick={next}>Next</button>
				{:else}
					<p class="look">{course.lesson.look}</p>
					{#key desk.task}
						<GuessOfLight
							bind:this={guessing}
							bind:named
							bind:ev
							rooms={calledBy[desk.task.skill]?.method !== 'shadows'}
							roof={isRoom(desk.scene)}
							action="Check"
							onguess={check}
						/>
					{/key}
				{/if}
			</div>
		</div>
	{:else if desk.card && desk.task?.kind === 'drill'}
		<section class="drill" aria-labelledby="question">
			<p class="soft">{drillInWords[desk.task.card]}</p>
			<h3 id="question">{desk.card.question}</h3>
			<ol>
				{#each desk.card.choices as choice, at (choice)}
					<li>
						<button
							class="choice figures"
							class:right={desk.answered && at === desk.card.right}
							disabled={desk.answered !== null}
							onclick={() => desk.choose(at)}
						>
							<span class="soft" aria-hidden="true">{at + 1}</span>
							{choice}
							{#if desk.answered && at === desk.card.right}<strong>right</strong>{/if}
							{#if desk.answered?.choice === at && at !== desk.card.right}<span>your answer</span>{/if}
						</button>
					</li>
				{/each}
			</ol>
			{#if desk.answered}
				<p role="status">
					<strong>{desk.answered.choice === desk.card.right ? 'Right.' : 'Not this one.'}</strong>
					{desk.card.why}
				</p>
				<button class="action" onclick={next}>Next</button>
			{/if}
		</section>
	{:else}
		<section class="drill">
			<p class="verdict">Done for today.</p>
			<p>Your weakest come back first, tomorrow.</p>
			<p class="ends">
				<button class="action" onclick={() => desk.more()}>One more scene</button>
				<a class="quiet" href={resolve('/practice/progress')}>How you’re doing</a>
			</p>
		</section>
	{/if}
	<p class="keys"><button class="plain-link small" onclick={() => sheet.show()}>Keys</button></p>
</div>

<style>
	.page {
		max-width: 76rem;
	}
	.head {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		align-items: baseline;
		gap: 0 1rem;
		padding-block: 0.75rem;
	}
	h2:focus {
		outline: none;
	}
	h2 span {
		font-weight: 400;
		padding-left: 0.5rem;
	}
	.days {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0.5rem;
	}
	.dots {
		display: inline-flex;
		gap: 3px;
	}
	.dots i {
		width: 0.6rem;
		height: 0.6rem;
		border: 1px solid var(--ink-soft);
		border-radius: 50%;
	}
	.dots i.done {
		background: var(--ink);
		border-color: var(--ink);
	}
	.two {
		display: grid;
		grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
		gap: 1.5rem;
		align-items: start;
	}
	.side {
		display: grid;
		gap: 0.75rem;
	}
	.drill {
		display: grid;
		gap: 0.75rem;
		max-width: 40rem;
		padding-top: 1rem;
	}
	.drill h3,
	.verdict {
		font-family: var(--typo-heading--font-family);
		font-size: 1.5rem;
		line-height: 1.2;
		font-weight: 700;
	}
	ol {
		display: grid;
		gap: 0.5rem;
	}
	.choice {
		display: flex;
		align-items: center;
		gap: 0.9rem;
		width: 100%;
		min-height: 3.25rem;
		padding: 0.5rem 1rem;
		text-align: left;
		font-size: 1.125rem;
		color: var(--ink);
		border: 1px solid var(--edge);
		border-radius: var(--radius-base);
		cursor: pointer;
	}
	.choice:disabled {
		cursor: default;
	}
	.choice.right {
		border: 3px solid var(--ink);
	}
	.choice > :last-child:not(:first-child) {
		margin-left: auto;
	}
	.ends {
		display: flex;
		flex-wrap: wrap;
		gap: 0.75rem;
	}
	@media (max-width: 820px) {
		.two {
			grid-template-columns: minmax(0, 1fr);
			gap: 0.5rem;
		}
		.look {
			font-size: 0.9375rem;
		}
		.keys {
			display: none;
		}
	}
</style>
