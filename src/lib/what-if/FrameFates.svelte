<!-- Frames as they were and as they would have been, print beside print. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { latitudeOf, type Film } from '$core/film';
	import { verdictOf } from '$core/match';
	import { lensOf, shownError } from '$core/prints';
	import type { Fate, LoggedFrame, Replay } from '$core/whatif';
	import { judgedInWords, unsureInWords } from '$words';
	import VerdictMark from '$lib/parts/VerdictMark.svelte';
	import Print from '$lib/prints/Print.svelte';
	import type { KeptLog } from '$views/learn/log';

	interface Props {
		log: KeptLog;
		/** null: nothing is changed. */
		replay: Replay | null;
		/** The film that takes the place of theirs. */
		film?: Film;
	}
	let { log, replay, film }: Props = $props();

	/** Frames that are shown at once. */
	const AT_ONCE = 24;
	let most = $state(AT_ONCE);

	const several = $derived(new Set(log.frames.map(({ making }) => making.of.load)).size > 1);
	const shown = $derived(log.frames.slice(0, most));
	const fates = $derived(new Map(replay?.frames.map((each) => [each.id, each])));
</script>

{#snippet print(frame: LoggedFrame, error: number, on: Film, at: number)}
	<span class="print">
		<Print
			type={on.type}
			error={shownError(error)}
			width={88}
			height={66}
			seed={at % 5}
			lens={lensOf(frame.making.camera)}
			seen
		/>
	</span>
{/snippet}

{#snippet said(fate: Pick<Fate, 'error'>, on: Film, unsure: string)}
	<span class="small"
		><VerdictMark verdict={verdictOf(latitudeOf(on), fate.error)} />
		{judgedInWords({ stops: fate.error })}{unsure}</span
	>
{/snippet}

<ul class:pairs={replay !== null}>
	{#each shown as frame, at (frame.id)}
		{@const { load, number } = log.names[frame.id]}
		{@const own = frame.making.film}
		{@const fate = fates.get(frame.id)}
		{@const was = { error: frame.judged?.stops ?? fate?.then.error ?? 0 }}
		<li>
			<a class="plain-link small" href={resolve(`/frames/${frame.id}`)}
				>{several ? `${load}, ` : ''}frame {number}</a
			>
			<div class="pair">
				<div>
					{@render print(frame, was.error, own, at)}
					{@render said(was, own, frame.spoiled ? ', blurred' : '')}
				</div>
				{#if fate}
					{@const on = film ?? own}
					<span class="arrow" aria-hidden="true">→</span>
					<div>
						{@render print(frame, fate.now.error, on, at)}
						<span class="sr-only">would have been</span>
						{@render said(fate.now, on, unsureInWords(fate.now))}
					</div>
				{/if}
			</div>
		</li>
	{/each}
</ul>
{#if log.frames.length > most}
	<button class="quiet" type="button" onclick={() => (most += AT_ONCE)}
		>Show more ({most} of {log.frames.length} shown)</button
	>
{/if}

<style>
	ul {
		list-style: none;
		margin: 0;
		padding: 0.75rem 0;
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(8rem, 1fr));
		gap: 1.25rem 1.5rem;
	}
	.pairs {
		grid-template-columns: repeat(auto-fill, minmax(min(15rem, 100%), 1fr));
	}
	.pair {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		gap: 0.5rem;
		align-items: start;
	}
	.pairs .pair {
		grid-template-columns: minmax(0, 1fr) auto minmax(0, 1fr);
	}
	.print {
		display: block;
		outline: 1px solid var(--edge);
		outline-offset: -1px;
	}
	.arrow {
		padding-top: 1.25rem;
	}
	.small {
		display: block;
		padding-top: 0.25rem;
	}
</style>
