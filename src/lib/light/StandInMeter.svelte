<!-- A simulated meter in a made-up scene: a dome to place, or a spot to aim. -->
<script lang="ts">
	import type { MeterReading } from '$core/light';
	import { middleOf, patches, SCENE, standInMeter, type StandInLight } from '$core/standin';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import StandInScene from './StandInScene.svelte';

	interface Props {
		onshown: (kind: MeterReading['kind'], shown: { iso: number; f: number; seconds: number }) => void;
	}
	let { onshown }: Props = $props();

	const meter = standInMeter(Math.floor(Math.random() * 1e6));
	const ISO = 100;
	let light = $state<StandInLight>('lamp');
	let kind = $state<MeterReading['kind']>('incident');
	let at = $state(middleOf(patches[2]));
	/** Room that the dome keeps from the edges, m. */
	const EDGE = 0.1;
	const within = (value: number, most: number) => Math.min(most - EDGE, Math.max(EDGE, value));

	const place = ({ x, y }: { x: number; y: number }) =>
		(at = { x: within(x, SCENE.width), y: within(y, SCENE.height) });
	const aimed = $derived(
		patches.findLast(
			({ x, y, width, height }) => at.x >= x && at.x <= x + width && at.y >= y && at.y <= y + height
		)
	);

	function measure() {
		const shown = kind === 'incident' ? meter.incident(light, at, ISO) : meter.reflected(light, at, ISO);
		onshown(kind, shown);
	}
</script>

<div class="stand-in">
	<StandInScene {light} onlight={(next) => (light = next)} onpoint={place}>
		{#if kind === 'incident'}
			<circle class="dome" cx={at.x} cy={SCENE.height - at.y} r="0.14" />
		{:else}
			<circle class="spot" cx={at.x} cy={SCENE.height - at.y} r="0.1" />
			<path class="spot" d="M{at.x - 0.2} {SCENE.height - at.y}h.4M{at.x} {SCENE.height - at.y - 0.2}v.4" />
		{/if}
	</StandInScene>
	<ChoiceField
		label="It measures"
		value={kind}
		options={[
			{ value: 'incident', name: 'by its dome, the light falling there' },
			{ value: 'reflected', name: 'by its spot, the light coming off' }
		]}
		onchange={(next) => (kind = next)}
	/>
	<ChoiceField
		label="Placed at"
		value={aimed?.id ?? 'wall'}
		options={patches.map(({ id, words }) => ({ value: id, name: words }))}
		onchange={(id) => place(middleOf(patches.find((patch) => patch.id === id)!))}
	/>
	<button class="quiet" type="button" onclick={measure}>Press its button</button>
</div>

<style>
	.stand-in {
		display: grid;
		gap: 0.5rem;
	}
	.dome {
		fill: var(--panel);
		stroke: var(--ink);
		stroke-width: 0.05;
	}
	.spot {
		fill: none;
		stroke: var(--ink);
		stroke-width: 0.09;
		paint-order: stroke;
		outline: none;
	}
</style>
