<!-- What is in the tanks now, at a glance: the time, the bath, what the hands do next. -->
<script lang="ts">
	import { onMount } from 'svelte';
	import { resolve } from '$app/paths';
	import { clockInWords } from '$words';
	import { handsInWords, leftOf, nextInWords } from './hands';
	import { runs, stepOf } from './runs.svelte';

	onMount(() => runs.watch());
</script>

<ul>
	{#each runs.all as run (run.id)}
		{@const step = stepOf(run)}
		{@const elapsed = runs.elapsed(run)}
		<li>
			<a href={resolve('/develop/run')}>
				<span class="figure figures time"
					>{step ? leftOf(step, elapsed) : 'Done'}<span class="sr-only">, </span></span
				>
				<span>
					<strong
						>{step ? `${run.begunAt === null ? 'Next: ' : ''}${step.name}` : 'All baths are done'}</strong
					>, {run.what}
					<span class="soft hands">
						{#if !step}Save its log
						{:else if run.begunAt === null}{clockInWords(step.seconds)}, waiting for you
						{:else}{[handsInWords(step, elapsed), nextInWords(step, elapsed)].filter(Boolean).join(', ')}{/if}
					</span>
				</span>
			</a>
		</li>
	{/each}
</ul>

<style>
	a {
		display: flex;
		align-items: center;
		gap: 1rem;
		padding: 0.75rem 1rem;
		background: var(--panel);
		border: 2px solid var(--ink);
		border-radius: var(--radius-container);
		text-decoration: none;
	}
	li + li {
		padding-top: 0.5rem;
	}
	.time {
		font-size: 2.5rem;
	}
	.hands {
		display: block;
	}
</style>
