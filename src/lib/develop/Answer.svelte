<!-- How long it takes, and the way to begin; or why nobody knows. -->
<script lang="ts">
	import type { Snippet } from 'svelte';
	import type { TimedDiluted, TimePoint } from '$core/develop';
	import { clockInWords, timedInWords } from '$words';

	interface Props {
		/** Null where the table doesn't reach. */
		timed: TimedDiluted | null;
		table: readonly TimePoint[];
		/** What belongs to the time, before it begins. */
		children: Snippet<[TimedDiluted]>;
		begin: (timed: TimedDiluted) => void;
	}
	let { timed, table, children, begin }: Props = $props();
</script>

{#if timed}
	<p class="answer figure figures" role="status">{timedInWords(timed)}</p>
	<div class="about">{@render children(timed)}</div>
	<button class="action" onclick={() => begin(timed)}>Ready: {clockInWords(timed.seconds)}</button>
{:else}
	<p role="status">
		{table.length === 0
			? 'No times yet: add yours to the recipe.'
			: 'Your table doesn’t reach that far, and a guess would be worthless. Bring the bath closer to it, or add a time.'}
	</p>
{/if}

<style>
	.answer {
		padding-block: 0.75rem 0.5rem;
		font-size: 1.5rem;
	}
	.about {
		display: grid;
		gap: 0.5rem;
		padding-bottom: 1rem;
	}
</style>
