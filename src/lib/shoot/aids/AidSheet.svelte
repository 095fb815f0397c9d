<!-- Help with one hard situation, in a sheet of its own. -->
<script lang="ts">
	import { verdictInShort } from '$words';
	import Later from '$lib/parts/Later.svelte';
	import Sheet from '$lib/parts/Sheet.svelte';
	import VerdictMark from '$lib/parts/VerdictMark.svelte';
	import type { Loaded } from '../bag';
	import type { ShootState } from '../shoot-state.svelte';
	import type { Aid } from './aids';

	interface Props {
		shoot: ShootState;
		loaded: Loaded;
		aid: Aid;
		onclose: () => void;
	}
	let { shoot, loaded, aid, onclose }: Props = $props();
</script>

<Sheet title={aid.name} wide {onclose}>
	<div class="top">
		<p>
			{loaded.camera.name}, {loaded.film.name}{#if shoot.answers.outcome}:
				<strong
					><VerdictMark verdict={shoot.answers.outcome.verdict} />
					{verdictInShort(shoot.answers.outcome)}</strong
				>{/if}
		</p>
		<button class="quiet" onclick={onclose}>Close</button>
	</div>
	<div class="inside">
		<Later part={aid.panel} given={{ shoot, loaded, done: onclose }} />
	</div>
</Sheet>

<style>
	.top {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0.25rem 1rem;
		position: sticky;
		top: -1rem;
		z-index: 1;
		padding-block: 0.5rem;
		background: var(--paper);
		border-bottom: 1px solid var(--line);
	}
	.top p {
		flex: 1;
	}
	.inside {
		position: relative;
		padding-bottom: 0.5rem;
		display: grid;
		grid-template-columns: minmax(0, 1fr);
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
		.top p {
			order: 3;
			flex-basis: 100%;
			font-size: 0.9375rem;
		}
	}
</style>
