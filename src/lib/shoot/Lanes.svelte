<!-- One light, every camera: the line of stops, a lane for each loaded camera, and the line of the light. -->
<script lang="ts">
	import { landmarks } from '$core/light';
	import { marksThatFit } from './axis';
	import { dragOf, dragsStops } from './drag';
	import Lane from './Lane.svelte';
	import LightHandle from './LightHandle.svelte';
	import { scenes } from '$lib/light/scenes';
	import ShadowPicture from '$lib/light/ShadowPicture.svelte';
	import type { ShootState } from './shoot-state.svelte';

	let { shoot }: { shoot: ShootState } = $props();

	const { axis } = $derived(shoot.line);
	const { face } = $derived(shoot.lights);
	const ev = $derived(shoot.lights.resolved?.ev);
	const sd = $derived(shoot.lights.resolved?.sd ?? 0);
	let rulerWidth = $state(560);
	const marks = $derived(
		marksThatFit(axis, rulerWidth, [
			...(face.quantity ? face.marks : []),
			...shoot.lights.landmarks,
			...face.marks.filter(({ condition }) => condition && !shoot.line.narrow),
			...landmarks
		])
	);
	const beyond = $derived(ev === undefined ? null : ev < axis.from ? 'left' : ev > axis.to ? 'right' : null);

	const drag = () => dragOf(axis, (to) => shoot.tryLight(to));
</script>

<div class="board">
	<div class="ruler-row">
		<span class="soft small ev-label">EV</span>
		<div class="ruler" data-ruler bind:clientWidth={rulerWidth} {@attach dragsStops(drag)}>
			{#each marks as mark (mark.words)}
				<span class="word" style:left="{axis.at(mark.ev)}%">
					{#if mark.condition}
						<ShadowPicture scene={scenes[mark.condition]} small />
						<span class="sr-only">{mark.words}</span>
					{:else}{mark.words}{/if}
				</span>
			{/each}
			{#each axis.ticks as tick (tick)}
				<span class="tick figures soft" style:left="{axis.at(tick)}%">{tick < 0 ? `−${-tick}` : tick}</span>
			{/each}
		</div>
	</div>
	<ul class="lanes">
		{#each shoot.answers.loaded as loaded (loaded.id)}
			<Lane {shoot} {loaded} />
		{/each}
	</ul>
	{#if ev !== undefined}
		<div class="over" aria-hidden="true">
			<span
				class="doubt"
				style:left="{axis.at(ev - sd)}%"
				style:width="{axis.at(ev + sd) - axis.at(ev - sd)}%"
			></span>
			<span class="line" style:left="{axis.at(ev)}%"></span>
			{#if beyond}<span class="beyond {beyond}"
					>{beyond === 'left' ? '◂ darker than this line' : 'lighter than this line ▸'}</span
				>{/if}
		</div>
	{/if}
	{#if !shoot.line.narrow}
		<div class="handle-row"><div class="handle-track"><LightHandle {shoot} form="pill" /></div></div>
	{/if}
</div>

<style>
	.board {
		--names: 8.25rem;
		position: relative;
		padding-right: 0.75rem;
	}
	.ruler-row {
		display: grid;
		grid-template-columns: var(--names) 1fr;
		align-items: end;
	}
	.ev-label {
		padding: 0 0.5rem 0.2rem;
	}
	.ruler {
		position: relative;
		height: 3rem;
		cursor: ew-resize;
		touch-action: none;
	}
	.word,
	.tick {
		position: absolute;
		transform: translateX(-50%);
		white-space: nowrap;
		font-size: 0.8125rem;
	}
	.word {
		top: 0.1rem;
	}
	.tick {
		bottom: 0.15rem;
	}
	.over {
		position: absolute;
		inset: 2.9rem 0.75rem 0 var(--names);
		pointer-events: none;
	}
	.line {
		position: absolute;
		inset-block: 0;
		width: 2px;
		margin-left: -1px;
		background: var(--ink);
	}
	.doubt {
		position: absolute;
		inset-block: 0;
		background: color-mix(in srgb, var(--ink) 13%, transparent);
	}
	:global([data-theme='dark']) .doubt {
		background: none;
		border-inline: 1px dotted var(--ink-soft);
	}
	.beyond {
		position: absolute;
		top: 0.25rem;
		background: var(--paper);
		font-weight: var(--heavy);
		font-size: 0.875rem;
		padding: 0.125rem 0.375rem;
	}
	.beyond.right {
		right: 0;
	}
	.handle-row {
		position: sticky;
		bottom: 0;
		height: 3.25rem;
		padding: 0.25rem 0 0 var(--names);
		pointer-events: none;
		z-index: 2;
	}
	.handle-track {
		position: relative;
		height: 100%;
	}
	@media (max-width: 820px) {
		.board {
			--names: 6.75rem;
			padding-right: 0.5rem;
		}
		.over {
			right: 0.5rem;
		}
	}
</style>
