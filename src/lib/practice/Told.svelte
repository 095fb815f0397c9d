<!-- What a guessed light was, and what the schools make of what it was called. -->
<script lang="ts">
	import { saidBySchools, type ShadowsReading } from '$core/light';
	import { hasRule, type Guess } from '$core/practice';
	import { formatEv } from '$core/units';
	import { apertureRule, calledInWords, guessInWords, namedInWords, schoolSays } from '$words';

	let { guess }: { guess: Guess } = $props();

	const by = {
		drawn: 'The light there',
		meter: 'Your meter',
		photo: 'The photo'
	} as const;
	const called = $derived(guess.drawn ? calledInWords(guess.drawn.skill) : '');
	const schools = $derived(
		guess.named.method === 'shadows' && hasRule(guess)
			? (Object.entries(saidBySchools(guess.named)) as [ShadowsReading['school'], number][])
			: []
	);
</script>

<div role="status">
	<p class="verdict">{guessInWords(guess)}</p>
	<p class="figures">
		{by[guess.read.by]}: <strong>EV {formatEv(guess.read.ev)}</strong>, {apertureRule(guess.read.ev)}.
		{called}
	</p>
</div>
<p class="soft small figures">
	You called it “{namedInWords(guess.named)}”.
	{#if schools.length > 0}By that, {schools.map(([school, ev]) => schoolSays(school, ev)).join(', ')}.{/if}
</p>

<style>
	.verdict {
		font-family: var(--typo-heading--font-family);
		font-size: 1.75rem;
		line-height: 1.15;
		font-weight: 700;
	}
	p {
		padding-block: 0.25rem;
	}
</style>
