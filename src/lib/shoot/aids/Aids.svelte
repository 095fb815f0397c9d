<!-- Help with the hard situations that the chosen camera and the light bring, each a sheet of its own. -->
<script lang="ts">
	import { verdictInShort } from '$core/words';
	import Later from '$lib/parts/Later.svelte';
	import VerdictMark from '$lib/parts/VerdictMark.svelte';
	import type { Loaded } from '../bag';
	import type { ShootState } from '../shoot-state.svelte';
	import { aids } from './aids';

	let { shoot, loaded }: { shoot: ShootState; loaded: Loaded } = $props();

	const offered = $derived(aids.filter(({ needed }) => needed(shoot, loaded)));
	let openId = $state<string | null>(null);
	/** It stays open while what it changes makes it no longer needed. */
	const shown = $derived(aids.find(({ id }) => id === openId));
	let dialog: HTMLDialogElement;

	$effect(() => {
		if (shown && !dialog.open) dialog.showModal();
		if (!shown && dialog.open) dialog.close();
	});
</script>

<div class="aids" role="group" aria-label="Help with">
	{#each offered as { id, name } (id)}
		<button class="quiet" aria-haspopup="dialog" onclick={() => (openId = id)}>{name}</button>
	{/each}
</div>
<dialog bind:this={dialog} aria-labelledby="aid-title" onclose={() => (openId = null)}>
	{#if shown}
		{@const { name, panel } = shown}
		<div class="top">
			<h2 id="aid-title">{name}</h2>
			<p>
				{loaded.camera.name}, {loaded.film.name}{#if shoot.answers.outcome}:
					<strong
						><VerdictMark verdict={shoot.answers.outcome.verdict} />
						{verdictInShort(shoot.answers.outcome)}</strong
					>{/if}
			</p>
			<button class="quiet" onclick={() => (openId = null)}>Close</button>
		</div>
		<div class="inside">
			<Later part={panel} given={{ shoot, loaded, done: () => (openId = null) }} />
		</div>
	{/if}
</dialog>

<style>
	.aids {
		display: flex;
		flex-wrap: wrap;
		gap: 0.35rem;
		padding-top: 0.5rem;
	}
	.aids .quiet {
		flex: 1 1 auto;
		padding-inline: 0.75rem;
	}
	dialog {
		margin: auto;
		width: min(60rem, 96vw);
		max-height: 94dvh;
		background: var(--paper);
		color: var(--ink);
		border: 2px solid var(--ink);
		border-radius: var(--radius-base);
	}
	dialog[open] {
		display: flex;
		flex-direction: column;
	}
	dialog::backdrop {
		background: rgb(0 0 0 / 0.45);
	}
	.top {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0.25rem 1rem;
		padding: 0.6rem 1.25rem;
		border-bottom: 1px solid var(--line);
	}
	.top p {
		flex: 1;
	}
	.inside {
		position: relative;
		overflow-y: auto;
		padding: 0.75rem 1.25rem 1.25rem;
		display: grid;
		gap: 1rem;
	}
	.inside :global(.fields) {
		grid-template-columns: repeat(auto-fill, minmax(min(12.5rem, 100%), 1fr));
	}
	.inside :global(section > .action) {
		justify-self: start;
		min-width: 16rem;
	}
	.inside :global(h3) {
		font-size: 1.0625rem;
	}
	.inside :global(.answer) {
		font-size: 1.375rem;
		line-height: 1.2;
	}
	.inside :global(section) {
		display: grid;
		gap: 0.5rem;
		min-width: 0;
	}
	.inside :global(section + section) {
		border-top: 1px solid var(--line);
		padding-top: 0.75rem;
	}
	.inside :global(table) {
		border-collapse: collapse;
	}
	.inside :global(:is(th, td)) {
		text-align: left;
		padding: 0.3rem 1rem 0.3rem 0;
		border-bottom: 1px solid var(--line);
		font-weight: inherit;
	}
	.inside :global(thead th) {
		font-size: 0.875rem;
		color: var(--ink-soft);
	}
	.inside :global(.scroll) {
		position: relative;
		overflow-x: auto;
	}
	.inside :global(.caution) {
		border-left: 4px solid var(--ink);
		padding: 0.4rem 0.75rem;
		background: var(--hollow);
		font-size: 0.9375rem;
	}
	@media (max-width: 820px) {
		.inside :global(.fields) {
			grid-template-columns: repeat(auto-fill, minmax(min(9.5rem, 100%), 1fr));
		}
		.inside :global(section > .action) {
			justify-self: stretch;
		}
		dialog {
			width: 100vw;
			max-width: none;
			height: 100dvh;
			max-height: none;
			border: 0;
			border-radius: 0;
		}
		.top {
			padding: 0.4rem 0.9rem;
		}
		.top p {
			order: 3;
			flex-basis: 100%;
			font-size: 0.9375rem;
		}
		.top h2 {
			flex: 1;
		}
		.inside {
			padding-inline: 0.9rem;
		}
	}
</style>
