<!-- The cameras in the bag on a phone: each a chip with its mark and a hair of its lane. -->
<script lang="ts">
	import { verdictInShort } from '$words';
	import VerdictMark from '$lib/parts/VerdictMark.svelte';
	import { verdictColour } from '$lib/parts/verdict-colour';
	import { leftInWords, type Loaded } from './bag';
	import ReachBars from './ReachBars.svelte';
	import type { ShootState } from './shoot-state.svelte';

	let { shoot }: { shoot: ShootState } = $props();

	const chosenId = $derived(shoot.answers.chosen?.id);
	const { axis } = $derived(shoot.line);
	const ev = $derived(shoot.lights.resolved?.ev);
	const outcomeOf = ({ id }: Loaded) =>
		id === chosenId ? shoot.answers.outcome : shoot.answers.given.get(id)?.best;

	let list: HTMLUListElement;
	/** The chip of the camera in hand is in sight. */
	$effect(() => {
		const at = shoot.answers.loaded.findIndex(({ id }) => id === chosenId);
		const chip = list.children[at] as HTMLElement | undefined;
		if (chip) list.scrollLeft = chip.offsetLeft - (list.clientWidth - chip.clientWidth) / 2;
	});
</script>

<ul class="chips" bind:this={list}>
	{#each shoot.answers.loaded as loaded (loaded.id)}
		{@const outcome = outcomeOf(loaded)}
		{@const reach = shoot.answers.reaches.get(loaded.id) ?? loaded.reach}
		<li>
			<button aria-pressed={loaded.id === chosenId} onclick={() => shoot.answers.choose(loaded.id)}>
				<span class="sr-only">{loaded.camera.name}, {loaded.film.name}, {leftInWords(loaded)}</span>
				<span class="name" aria-hidden="true">
					{#if outcome}<span style:color={verdictColour[outcome.verdict]}
							><VerdictMark verdict={outcome.verdict} /></span
						>{/if}
					{loaded.camera.name}
				</span>
				<span class="hair" aria-hidden="true">
					<ReachBars
						{axis}
						good={reach.good}
						usable={reach.usable}
						tone={loaded.finished ? 'hollow' : 'full'}
					/>
					{#if ev !== undefined}<span class="at" style:left="{Math.min(100, Math.max(0, axis.at(ev)))}%"
						></span>{/if}
				</span>
			</button>
			{#if outcome}<span class="sr-only">{verdictInShort(outcome)}</span>{/if}
		</li>
	{/each}
</ul>

<style>
	.chips {
		position: relative;
		display: flex;
		gap: 0.4rem;
		overflow-x: auto;
		padding: 0.25rem 0.9rem;
		scrollbar-width: none;
	}
	li {
		flex: 0 0 auto;
		position: relative;
	}
	button {
		display: grid;
		align-content: center;
		gap: 0.2rem;
		min-height: 2.75rem;
		min-width: 5.5rem;
		padding: 0.1rem 0.6rem 0.25rem;
		text-align: left;
		border: 1px solid var(--edge);
		border-radius: var(--radius-base);
		cursor: pointer;
	}
	button[aria-pressed='true'] {
		border: 2px solid var(--ink);
		background: var(--hollow);
	}
	.name {
		font-weight: var(--heavy);
		font-size: 0.9375rem;
		line-height: 1.2;
		white-space: nowrap;
	}
	.name :global(svg) {
		width: 0.6em;
		height: 0.6em;
	}
	.hair {
		position: relative;
		display: block;
		height: 0.3rem;
		overflow: hidden;
	}
	.at {
		position: absolute;
		inset-block: -0.1rem;
		width: 2px;
		margin-left: -1px;
		background: var(--ink);
	}
</style>
