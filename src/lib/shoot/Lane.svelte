<!-- One camera on the line of stops; the chosen one opens into its settings. -->
<script lang="ts">
	import type { Reach } from '$core/match';
	import { laneNamer, settingsInShort, verdictInShort, worksInWords } from '$words';
	import { verdictColour } from '$lib/parts/verdict-colour';
	import VerdictMark from '$lib/parts/VerdictMark.svelte';
	import { leftInWords, type Loaded } from './bag';
	import { thinLanes } from './lanes-to-show';
	import ReachBars from './ReachBars.svelte';
	import type { ShootState } from './shoot-state.svelte';

	let { shoot, loaded }: { shoot: ShootState; loaded: Loaded } = $props();

	const chosen = $derived(shoot.answers.chosen?.id === loaded.id);
	const outcome = $derived(chosen ? shoot.answers.outcome : shoot.answers.given.get(loaded.id)?.best);
	const { axis } = $derived(shoot.line);
	const reach = $derived(shoot.answers.reaches.get(loaded.id) ?? loaded.reach);
	const difference = $derived(shoot.rig.of(loaded.id).meterDifference);
	const thin = $derived(
		chosen && !shoot.line.narrow
			? thinLanes(
					reach.lanes,
					shoot.answers.filterLanes,
					outcome,
					shoot.lights.resolved?.ev,
					shoot.answers.scale
				)
			: { settings: [], filters: [] }
	);
	const nameOf = $derived(laneNamer(loaded.camera, thin.settings));

	const ends = $derived(reach.usable);
	/** Pixels that "too light" needs beside a bar. */
	const END_LABEL = 76;
	let width = $state(0);
	const some = $derived(ends.length > 0);
	const roomLeft = $derived(some && (axis.at(ends[0][0]) / 100) * width > END_LABEL);
	const roomRight = $derived(some && (1 - axis.at(ends[ends.length - 1][1]) / 100) * width > END_LABEL);
</script>

{#snippet thinLane(name: string, lane: Pick<Reach, 'good' | 'usable'>, taken: boolean)}
	<li class:taken>
		<span class="setting figures">{name}</span>
		<span class="thin" aria-hidden="true"
			><ReachBars {axis} good={lane.good} usable={lane.usable} tone={taken ? 'full' : 'pale'} /></span
		>
	</li>
{/snippet}

<li class="lane" class:chosen class:finished={loaded.finished}>
	<button class="name" aria-pressed={chosen} onclick={() => shoot.answers.choose(loaded.id)}>
		<span class="camera">{loaded.camera.name}</span>
		<span class="film soft">{loaded.film.name}</span>
		<span class="film soft figures">{leftInWords(loaded)}</span>
	</button>
	<div class="track">
		<div class="bar" aria-hidden="true" bind:clientWidth={width}>
			<ReachBars {axis} good={reach.good} usable={reach.usable} tone={loaded.finished ? 'hollow' : 'full'} />
			{#if difference !== 0 && shoot.lights.resolved}
				<span class="other-eye" style:left="{axis.at(shoot.lights.resolved.ev + difference)}%"></span>
			{/if}
			{#if chosen && roomLeft}<span class="end left" style:right="{100 - axis.at(ends[0][0])}%">too dark</span
				>{/if}
			{#if chosen && roomRight}<span class="end right" style:left="{axis.at(ends[ends.length - 1][1])}%"
					>too light</span
				>{/if}
		</div>
		<p class="sr-only">{worksInWords(reach.usable)}</p>
		<p class="says">
			{#if outcome}
				<span class="verdict" style:color={verdictColour[outcome.verdict]}>
					<VerdictMark verdict={outcome.verdict} />
					{verdictInShort(outcome)}
				</span>
				<span class="set soft"
					>{settingsInShort(loaded.camera, outcome)}{shoot.answers.fires(loaded.id)
						? ', with flash'
						: ''}</span
				>
			{:else}
				<span class="soft">read the light to see if it works</span>
			{/if}
		</p>
	</div>
	{#if thin.settings.length + thin.filters.length > 0}
		<ul class="settings" aria-label="Settings and filters of {loaded.camera.name}">
			{#each thin.settings as lane (nameOf(lane))}
				{@render thinLane(nameOf(lane), lane, outcome !== undefined && lane.taken)}
			{/each}
			{#each thin.filters as lane (lane.name)}
				{@render thinLane(lane.name, lane, false)}
			{/each}
		</ul>
	{/if}
</li>

<style>
	.lane {
		display: grid;
		grid-template-columns: var(--names) 1fr;
		align-items: start;
		padding: 0.4rem 0;
		border-radius: var(--radius-base);
	}
	.lane.chosen {
		background: var(--hollow);
	}
	.name {
		text-align: left;
		display: grid;
		align-content: center;
		min-height: 2.75rem;
		padding: 0 0.5rem;
		line-height: 1.2;
		cursor: pointer;
	}
	.camera {
		font-family: var(--typo-heading--font-family);
		font-weight: 700;
		font-size: 1.0625rem;
	}
	.film {
		font-size: 0.8125rem;
	}
	.track {
		position: relative;
		padding-top: 0.3rem;
		min-width: 0;
	}
	.bar {
		position: relative;
		height: 1.25rem;
	}
	.thin {
		position: relative;
		height: 0.75rem;
		display: block;
	}
	.other-eye {
		position: absolute;
		inset-block: -0.3rem;
		border-left: 2px dashed var(--ink);
	}
	.end {
		position: absolute;
		top: 50%;
		transform: translateY(-50%);
		font-size: 0.8125rem;
		padding: 0 0.5rem;
		white-space: nowrap;
	}
	.end.left {
		color: var(--too-little);
	}
	.end.right {
		color: var(--too-much);
	}
	.says {
		display: flex;
		flex-wrap: wrap;
		gap: 0 0.9rem;
		font-size: 0.875rem;
		margin-top: 0.15rem;
	}
	.verdict {
		font-weight: var(--heavy);
		display: inline-flex;
		align-items: baseline;
		gap: 0.35em;
	}
	.settings {
		grid-column: 1 / -1;
		padding: 0.35rem 0 0.2rem;
	}
	.settings li {
		display: grid;
		grid-template-columns: var(--names) 1fr;
		align-items: center;
		min-height: 1.5rem;
	}
	.setting {
		padding-left: 0.5rem;
		font-size: 0.875rem;
	}
	.taken .setting {
		font-weight: var(--heavy);
	}
	@media (max-width: 820px) {
		.lane {
			padding: 0.15rem 0;
		}
		.name {
			padding: 0 0.2rem 0 0.4rem;
		}
		.name .film:nth-of-type(2) {
			display: none;
		}
		.camera {
			font-size: 0.9375rem;
			white-space: nowrap;
			overflow: hidden;
			text-overflow: ellipsis;
		}
		.says {
			font-size: 0.8125rem;
		}
		.lane:not(.chosen) .set {
			display: none;
		}
	}
</style>
