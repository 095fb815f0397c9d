<!-- The lane of the camera in hand on a phone: about ten stops around the light, to be dragged. -->
<script lang="ts">
	import { dragOf, dragsStops } from './drag';
	import ReachBars from './ReachBars.svelte';
	import type { ShootState } from './shoot-state.svelte';
	import { worksInWords } from '$words';

	let { shoot }: { shoot: ShootState } = $props();

	const { axis } = $derived(shoot.line);
	const chosen = $derived(shoot.answers.chosen);
	const reach = $derived(chosen ? (shoot.answers.reaches.get(chosen.id) ?? chosen.reach) : null);
	const difference = $derived(chosen ? shoot.rig.of(chosen.id).meterDifference : 0);
	const ev = $derived(shoot.lights.resolved?.ev);
	const sd = $derived(shoot.lights.resolved?.sd ?? 0);

	const drag = () => dragOf(axis, (to) => shoot.tryLight(to));
	const signed = (tick: number) => (tick < 0 ? `−${-tick}` : String(tick));
</script>

{#if reach && chosen}
	<p class="sr-only">{chosen.camera.name}: {worksInWords(reach.usable)}</p>
	<div class="board" aria-hidden="true" data-ruler {@attach dragsStops(drag)}>
		{#each axis.ticks as tick (tick)}
			<span class="tick figures soft" style:left="{axis.at(tick)}%">{signed(tick)}</span>
		{/each}
		<div class="bar">
			<ReachBars {axis} good={reach.good} usable={reach.usable} tone={chosen.finished ? 'hollow' : 'full'} />
			{#if ev !== undefined}
				<span
					class="doubt"
					style:left="{axis.at(ev - sd)}%"
					style:width="{axis.at(ev + sd) - axis.at(ev - sd)}%"
				></span>
				<span class="line" style:left="{axis.at(ev)}%"></span>
				{#if difference !== 0}<span class="other" style:left="{axis.at(ev + difference)}%"></span>{/if}
			{/if}
		</div>
	</div>
{/if}

<style>
	.board {
		position: relative;
		margin-inline: 0.9rem;
		height: 3.1rem;
		overflow: hidden;
		touch-action: none;
		cursor: ew-resize;
	}
	.tick {
		position: absolute;
		top: 0;
		transform: translateX(-50%);
		font-size: 0.75rem;
	}
	.bar {
		position: absolute;
		inset: 1.4rem 0 0.5rem;
	}
	.line,
	.doubt,
	.other {
		position: absolute;
		inset-block: -0.35rem;
	}
	.line {
		width: 2px;
		margin-left: -1px;
		background: var(--ink);
	}
	.other {
		border-left: 2px dashed var(--ink);
	}
	.doubt {
		background: color-mix(in srgb, var(--ink) 13%, transparent);
	}
	:global([data-theme='dark']) .doubt {
		background: none;
		border-inline: 1px dotted var(--ink-soft);
	}
</style>
