<!-- How the person's eye runs: by condition, by time of day, beside the schools; and whether Shoot may know. -->
<script lang="ts">
	import { DateTime } from 'luxon';
	import { resolve } from '$app/paths';
	import { schools as allSchools } from '$core/light';
	import type { Certificate, DrillKind, EyeError, GoodIn, OwnDoubt, SchoolRecord } from '$core/practice';
	import { formatDoubt } from '$core/units';
	import {
		capital,
		certificateInWords,
		counted,
		drillInWords,
		eyeErrorInWords,
		goodInOneInWords,
		ownDoubtInWords
	} from '$words';
	import Chart from '$lib/parts/Chart.svelte';
	import Switch from '$lib/parts/Switch.svelte';
	import { outbox } from '$lib/records/outbox.svelte';
	import ErrorTable from './ErrorTable.svelte';
	import PracticeNav from './PracticeNav.svelte';
	import { progressChart } from './progress-chart';

	type Row = { name: string; error: EyeError };
	interface Props {
		agreed: boolean;
		all: EyeError | null;
		certificate: Omit<Certificate, 'conditions'> & { conditions: (GoodIn & { name: string })[] };
		points: { at: string; error: number }[];
		conditions: Row[];
		times: Row[];
		schools: SchoolRecord[];
		drills: { card: DrillKind; answers: number; right: number }[];
		doubts: (OwnDoubt & { name: string })[];
		days: string[];
	}
	let { agreed, all, certificate, points, conditions, times, schools, drills, doubts, days }: Props =
		$props();

	const trusted = $derived(certificateInWords(certificate));
	let says = $state('');
	/** What was chosen here, until the records say it, too. */
	let chosen = $state<boolean | null>(null);
	async function agree(checked: boolean) {
		chosen = checked;
		const at = DateTime.local().toISO();
		const sent = await outbox.send('exercises', { kind: 'doubt', at, agreed: checked });
		if (sent.result === 'kept') says = 'Not saved yet: the server isn’t answering.';
		else if (sent.result === 'refused') [chosen, says] = [null, sent.problem];
		else says = `Saved: Shoot uses ${checked ? 'them' : 'the usual margins'}.`;
	}
</script>

<svelte:head><title>Progress · Just Enough</title></svelte:head>
<div class="page">
	<h1>Practice</h1>
	<PracticeNav here="progress" />
	{#if !all}
		<p class="soft">
			No guesses yet. After a few, you’ll see things like “Sharp shadows: ⅓ stop too bright on average, from 9
			guesses”.
		</p>
		<p><a class="action" href={resolve('/practice')}>To the first scene</a></p>
	{:else}
		<p class="answer">
			Your eye is {eyeErrorInWords(all)}{all.spread === undefined
				? ''
				: `; one guess gives or takes ${formatDoubt(all.spread)}`}.
			<span class="soft">
				From {counted(all.guesses, 'one guess', '# guesses')}; practice on {counted(
					days.length,
					'one day',
					'# days'
				)}.
			</span>
		</p>
		<section class="trusted" class:holds={certificate.holds} aria-label="How far your eye can be trusted">
			<p><strong>{trusted.what}</strong></p>
			<p class="soft small">{trusted.why}</p>
			{#if certificate.conditions.length > 0}
				<ul>
					{#each certificate.conditions as condition (condition.of)}
						<li>{capital(condition.name)}: <span class="figures">{goodInOneInWords(condition)}</span></li>
					{/each}
				</ul>
			{/if}
		</section>
		<Chart
			options={progressChart(points)}
			label="How far each guess was off, and the mean of the last ten; the tables have it by condition"
		/>
		<section aria-labelledby="doubts-title">
			<h2 id="doubts-title">Your own margin</h2>
			{#if doubts.length === 0}
				<p class="soft">Five guesses of one kind are enough to go by.</p>
			{:else}
				<ul>
					{#each doubts as doubt (doubt.of)}
						<li>{doubt.name}: <span class="figures">{ownDoubtInWords(doubt)}</span></li>
					{/each}
				</ul>
				<Switch
					name="Use these margins on Shoot when I read the light by eye"
					on={chosen ?? agreed}
					onchange={agree}
				/>
				<p class="soft small">
					The EV stays what the rule says; your bias and scatter together make its margin. Drawn and real
					lights count alike.
				</p>
			{/if}
			<p role="status">{says}</p>
		</section>
		<ErrorTable title="By what you called it" of="You called it" rows={conditions} />
		<ErrorTable title="By time of day" of="Time" rows={times} />
		<ErrorTable
			title="The schools side by side"
			of="School"
			counted="Lights"
			rows={schools.map(({ school, error }) => ({ name: allSchools[school].name, error }))}
		/>
		<p class="soft small">
			What each school would have said for the lights as you named them, against what they really were.
		</p>
		{#if drills.length > 0}
			<h2>Quick cards</h2>
			<ul>
				{#each drills as { card, answers, right } (card)}
					<li>{drillInWords[card]}: <span class="figures">{right} of {answers} right</span></li>
				{/each}
			</ul>
		{/if}
	{/if}
</div>

<style>
	.answer {
		font-size: 1.375rem;
		padding-block: 0.75rem 0.5rem;
	}
	.answer .soft {
		display: block;
		font-size: 1rem;
	}
	.trusted {
		max-width: 40rem;
		margin-block: 0.5rem 1rem;
		padding: 0.6rem 1rem;
		border: 1px solid var(--edge);
		border-radius: var(--radius-container);
	}
	.holds {
		border: 3px double var(--ink);
	}
	h2 {
		padding-top: 1.25rem;
	}
	li {
		padding: 0.3rem 0;
		border-bottom: 1px solid var(--line);
	}
</style>
