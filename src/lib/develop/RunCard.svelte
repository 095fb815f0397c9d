<!-- One development: the bath, its time in huge figures, what the hands do, and one button. -->
<script lang="ts">
	import { formatTemperature } from '$core/units';
	import { fixFor, handsAt, isBefore, isFix } from '$core/develop';
	import { agitationInWords, clockInWords, dilutionInWords, refillInWords } from '$words';
	import NumberBox from '$lib/forms/NumberBox.svelte';
	import { handsInWords, leftOf, nextInWords } from './hands';
	import { parseClock } from './recipe-lines';
	import { refillsOf, runs, stepOf, type Run } from './runs.svelte';
	import TemperatureBox from './TemperatureBox.svelte';

	interface Props {
		run: Run;
		/** What all of the bath would take at another temperature, s. */
		whole: (seconds: number, celsius: number) => number | null;
		onlog: () => Promise<void>;
	}
	let { run, whole, onlog }: Props = $props();

	const step = $derived(stepOf(run));
	const title = $derived(
		`${run.recipe}${run.water === undefined ? '' : ` ${dilutionInWords(run.water)}`}, ${run.what}`
	);
	const elapsed = $derived(runs.elapsed(run));
	/** It is the developer: what was done was at most water. */
	const develops = $derived(run.done.every(isBefore) && step !== undefined && !isBefore(step));
	let cleared = $state<number | undefined>();
	const going = $derived(run.begunAt !== null);
	const hands = $derived(step && going ? handsAt(step, elapsed) : 'rest');
	const figure = $derived(step ? leftOf(step, elapsed) : '');
	/** What is read aloud changes with what is done, not with every second until then. */
	const says = $derived.by(() => {
		if (!step) return 'All baths are done';
		if (!going) return `Next: ${step.name}`;
		const moves = handsInWords(step, elapsed);
		return `${step.name}${moves ? `: ${moves}` : ''}`;
	});
	const next = $derived(step && going ? nextInWords(step, elapsed) : '');
	const moves = $derived(step?.agitation ? agitationInWords(step.agitation, step.seconds) : '');
	const primary = $derived(going ? `${step?.name} is done` : `Begin: ${step?.name}`);
	const timeQuantity = { parse: (text: string) => parseClock(text), show: clockInWords };

	let measured = $state<number | undefined>(undefined);
	let problem = $state('');
	function warm() {
		if (!step || measured === undefined) return;
		const next = whole(step.seconds, measured);
		problem = next === null ? 'This recipe’s table doesn’t reach that temperature.' : '';
		if (next === null) return;
		runs.warm(run.id, measured, next);
		measured = undefined;
	}
</script>

<article aria-label={title}>
	<h2>{title}</h2>
	<p class="says figure" role="status">{says}</p>
	{#if step}
		{#if moves}<p class="figures soft">Agitation: {moves}{next ? `; ${next}` : ''}.</p>{/if}
		{#if step.caution}<p class="notice">{step.caution}</p>{/if}
		<p class="time figure figures" aria-hidden="true" class:moving={hands !== 'rest'}>{figure}</p>
		<button class="action main" onclick={() => runs.press(run.id)}>{primary}</button>
		{#if runs.isSilent(run)}
			<p>
				This page was reopened. The time is right; there’s no sound until you touch the page.
				<button class="plain-link" onclick={() => runs.sound(run.id)}>Sound on</button>
			</p>
		{/if}
		<div class="fields">
			{#if going && develops}
				<TemperatureBox
					label="Bath temperature"
					hint="it was {formatTemperature(run.celsius.at(-1)!)}; the time left adjusts"
					value={measured}
					onchange={(celsius) => (measured = celsius)}
				/>
				<button class="quiet end" onclick={warm} disabled={measured === undefined}>Follow it</button>
			{:else if !going}
				<NumberBox
					label="Time"
					value={step.seconds}
					quantity={timeQuantity}
					least={1}
					most={604_800}
					problem="must be a time, such as 5:00"
					onchange={(seconds) => seconds && runs.setSeconds(run.id, seconds)}
				/>
				{#if isFix(step)}
					<NumberBox
						label="A scrap of the film cleared in"
						hint="fix for twice as long; twice what it took in fresh fixer says that this one is exhausted"
						value={cleared}
						quantity={timeQuantity}
						least={5}
						most={3600}
						problem="must be a time, such as 1:30"
						onchange={(seconds) => {
							cleared = seconds;
							if (seconds) runs.setSeconds(run.id, fixFor(seconds));
						}}
					/>
				{/if}
				<button class="quiet end" onclick={() => runs.skip(run.id)}>Without {step.name}</button>
			{/if}
		</div>
		{#if problem}<p role="alert">{problem}</p>{/if}
	{:else}
		{#each refillsOf(run) as refill, at (at)}<p>{refillInWords(refill)}</p>{/each}
		<button class="action main" onclick={onlog}>
			{run.loadIds?.length ? 'Save the log with its film' : 'Finish'}
		</button>
	{/if}
	{#if run.done.length > 0}
		<ul class="figures">
			{#each run.done as { name, wanted, took }, at (at)}
				<li>{name}: {clockInWords(took)} of {clockInWords(wanted)}</li>
			{/each}
		</ul>
	{/if}
	<button class="quiet" onclick={() => runs.leave(run.id)}>Stop, log nothing</button>
</article>

<style>
	article {
		display: grid;
		gap: 0.75rem;
		padding-block: 1rem;
		border-bottom: 1px solid var(--line);
	}
	.says {
		font-size: 1.75rem;
	}
	.time {
		font-size: min(30vw, 38dvh);
		line-height: 1;
		text-align: center;
	}
	.moving {
		text-decoration: underline;
		text-decoration-thickness: 0.06em;
		text-underline-offset: 0.12em;
	}
	.main {
		min-height: 5rem;
		font-size: 1.5rem;
	}
	.end {
		align-self: end;
	}
</style>
