<!-- One line above the button on a phone: what became of the last frame, or else what would help most. -->
<script lang="ts">
	import type { Snippet } from 'svelte';
	import { remedyInWords, remedyTitle } from '$words';
	import { outbox } from '$lib/records/outbox.svelte';
	import StatusLine from './StatusLine.svelte';
	import type { ShootState } from './shoot-state.svelte';

	interface Props {
		shoot: ShootState;
		oncorrect: (frameId: string) => void;
		/** A time by hand is too short to be sure of, and what cures it. */
		doubts: boolean;
		handDoubt: Snippet;
	}
	let { shoot, oncorrect, doubts, handDoubt }: Props = $props();

	/** What was logged is spoken of for so long, ms. */
	const SPOKEN_OF = 60_000;
	const logged = $derived(shoot.logging.log.logged);
	const speaks = $derived(
		outbox.unsaved.length > 0 ||
			shoot.logging.problem !== '' ||
			(logged !== null && (logged.problem !== '' || shoot.lights.now - logged.at < SPOKEN_OF))
	);
	const shown = $derived(shoot.answers.previewed);
	const chosen = $derived(shoot.answers.chosen);
	const best = $derived(shoot.answers.asItIs);
	const remedy = $derived(shoot.desk.remedies[0]);
	const tried = $derived(shoot.lights.triedEv !== null);
	function keepTried() {
		const { light } = shoot.lights;
		if (light) void shoot.lights.keep(light);
	}
</script>

<div class="line">
	{#if shown}
		<span>Just a preview.</span>
		{#if shoot.kept}<button class="quiet" onclick={() => shoot.keepRemedy()}>Keep it</button>{/if}
		<button class="quiet" onclick={() => (shoot.answers.previewed = null)}>Back</button>
	{:else if speaks}
		<StatusLine {shoot} {oncorrect} />
	{:else if tried}
		<span>Trying another light.</span>
		{#if shoot.lights.reading}<button class="plain-link" onclick={() => shoot.lights.dropTried()}
				>Back to the reading</button
			>{/if}
		<button class="plain-link" onclick={keepTried}>Keep it</button>
	{:else if doubts}
		{@render handDoubt()}
	{:else if chosen && best && remedy}
		<button class="try" onclick={() => (shoot.answers.previewed = remedy)}>
			<span class="what"
				><strong>{remedyTitle(remedy)}</strong>
				<span class="small soft">{remedyInWords(remedy, best, chosen.camera)}</span></span
			>
			<span aria-hidden="true">Try ›</span>
		</button>
	{/if}
</div>

<style>
	.line {
		display: flex;
		align-items: center;
		gap: 0.6rem;
		min-height: 2.75rem;
	}
	.line :global(.small) {
		line-height: 1.2;
	}
	.try {
		display: flex;
		align-items: center;
		justify-content: space-between;
		gap: 0.75rem;
		width: 100%;
		min-height: 2.75rem;
		max-height: 2.75rem;
		padding: 0.1rem 0.75rem;
		border: 1px solid var(--edge);
		border-radius: var(--radius-base);
		text-align: left;
		cursor: pointer;
		white-space: nowrap;
		font-weight: var(--heavy);
	}
	.what {
		display: grid;
		min-width: 0;
		line-height: 1.2;
	}
	.what > * {
		overflow: hidden;
		text-overflow: ellipsis;
		font-weight: 400;
	}
	.what > strong {
		font-weight: var(--heavy);
	}
</style>
