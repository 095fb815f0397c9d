<!-- Where one pair of camera and film works, plain and behind filters; or the line of light above such rows. -->
<script lang="ts">
	import type { Snippet } from 'svelte';
	import { worksInWords } from '$words';
	import { wholeLine } from '$lib/light/line';
	import { axisOver } from '$lib/shoot/axis';
	import LightScale from '$lib/shoot/LightScale.svelte';
	import ReachBars from '$lib/shoot/ReachBars.svelte';
	import type { FilmInReach } from './film-in-reach';

	interface Props {
		/** Absent: the line of light. */
		works?: Pick<FilmInReach, 'plain' | 'filtered'>;
		name?: Snippet;
	}
	let { works, name }: Props = $props();
	const axis = axisOver(wholeLine);
</script>

{#if !works}
	<div class="row ruler" aria-hidden="true">
		<span></span>
		<LightScale {axis} numbers />
	</div>
{:else}
	<li>
		<div class="row">
			<div>{@render name?.()}</div>
			<div>
				<div class="bar" aria-hidden="true">
					<ReachBars {axis} good={works.plain.good} usable={works.plain.usable} />
				</div>
				<p class="small">{worksInWords(works.plain.usable)}</p>
			</div>
		</div>
		{#each works.filtered as { name: filter, good, usable } (filter)}
			<div class="row thin">
				<span class="small">with {filter}<span class="sr-only">: {worksInWords(usable)}</span></span>
				<div class="bar" aria-hidden="true"><ReachBars {axis} {good} {usable} tone="pale" /></div>
			</div>
		{/each}
	</li>
{/if}

<style>
	.ruler {
		overflow-x: clip;
		padding-top: 1rem;
	}
	.row {
		display: grid;
		grid-template-columns: 13rem minmax(0, 1fr);
		gap: 0 1rem;
		align-items: center;
	}
	li {
		padding: 0.6rem 0;
		border-top: 1px solid var(--line);
	}
	.bar {
		position: relative;
		height: 1.25rem;
	}
	.thin .bar {
		height: 0.6rem;
	}
	.thin > span {
		padding-left: 1rem;
	}
	@media (max-width: 820px) {
		.row {
			grid-template-columns: min(6.5rem, 34%) minmax(0, 1fr);
			overflow-wrap: anywhere;
		}
	}
</style>
