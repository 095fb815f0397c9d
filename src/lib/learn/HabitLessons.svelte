<!-- How the person's ways of reading run, and whether Shoot may take that off. -->
<script lang="ts">
	import { habitUsedInWords, isOutgrown, readingHabitInWords, tellsSomething } from '$words';
	import { outbox } from '$lib/records/outbox.svelte';
	import { refresh } from '$lib/records/refresh';
	import type { HabitLesson } from './lesson';

	let { habits }: { habits: HabitLesson[] } = $props();

	let message = $state('');

	async function agree({ way, stops, sd }: HabitLesson, use: boolean) {
		const toThousandth = (value: number) => Number(value.toFixed(3));
		const habit = use ? { stops: toThousandth(stops), sd: toThousandth(sd) } : null;
		const sent = await outbox.send('exercises', { kind: 'habit', at: new Date().toISOString(), way, habit });
		if (sent.result === 'refused') message = sent.problem;
		else if (sent.result === 'kept') message = 'Not saved yet: the server isn’t answering.';
		else {
			message = use ? 'Saved. New readings are corrected.' : 'Saved. Readings are no longer corrected.';
			await refresh();
		}
	}
</script>

<section aria-labelledby="eye-title">
	<h2 id="eye-title">Your own eye</h2>
	{#if habits.length === 0}
		<p class="soft">Three judged frames read the same way, on a manual camera, show how that way runs.</p>
	{:else}
		<ul>
			{#each habits as habit (habit.way)}
				<li>
					<span>
						{readingHabitInWords(habit.way, habit)}
						{#if habit.used}<strong>{habitUsedInWords(habit.used, habit)}</strong>{/if}
					</span>
					{#if habit.used && isOutgrown(habit.used, habit) && tellsSomething(habit)}
						<button class="quiet" onclick={() => agree(habit, true)}>Use that</button>
					{/if}
					{#if habit.used}
						<button class="quiet" onclick={() => agree(habit, false)}>Stop using it</button>
					{:else if habit.mayUse && tellsSomething(habit)}
						<button class="quiet" onclick={() => agree(habit, true)}>
							{habit.stops > 0 ? 'Take it off' : 'Add it'} on Shoot
						</button>
					{/if}
				</li>
			{/each}
		</ul>
	{/if}
	<p role="status">{message}</p>
</section>

<style>
	section {
		padding-top: 1rem;
	}
	li {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0.25rem 0.75rem;
		padding-block: 0.25rem;
	}
	li > span {
		max-width: 46rem;
	}
</style>
