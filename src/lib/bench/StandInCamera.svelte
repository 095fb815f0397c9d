<!-- A simulated camera before a simulated screen: its eye is as it was chosen. -->
<script lang="ts">
	import { onMount } from 'svelte';
	import { WIDE_OPEN_UNTIL } from '$core/camera';
	import { standInEye } from '$core/standin';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import type { EyeDesk } from './eye-desk.svelte';

	interface Props {
		desk: EyeDesk;
		/** The times that its shutter is said to reach, s; what its eye is told first, ISO. */
		shutter: { fastest: number; slowest: number };
		iso: number;
	}
	let { desk, shutter, iso }: Props = $props();

	const cells = { even: 1, aged: 0.85, tired: 0.7 };
	const screens = { panel: 1 / 1000, backlit: 1 / 128 };
	let cell = $state<keyof typeof cells>('aged');
	let scatter = $state<'little' | 'much'>('little');
	let screen = $state<keyof typeof screens>('panel');
	let flickers = $state<'no' | 'yes'>('no');
	/** Its brightest step asks for a time in the upper part of what the shutter reaches. */
	const brightest = $derived(Math.min(1 / 30, shutter.fastest * 8));

	let seed = 0.5;
	onMount(() => (seed = Math.random()));

	const fire = $derived(
		standInEye(
			{
				...{ slope: cells[cell], scatter: scatter === 'little' ? 0.12 : 0.35, leak: screens[screen] },
				...{ fastest: shutter.fastest, slowest: shutter.slowest, brightest, wheel: {}, timing: 0.001, iso },
				// Its ND is a third of a stop stronger than is written on it.
				filterOff: 1 / 3,
				...(desk.timing.wideOpen && { stopsDown: { from: WIDE_OPEN_UNTIL, share: 1 / 2 } }),
				...(flickers === 'yes' && { period: 1 / 240 })
			},
			seed
		)
	);

	async function once() {
		const { asked } = desk;
		if (!asked) return;
		const { why: _, ...place } = asked;
		const { seconds } = fire(place);
		await desk.add([{ seconds }]);
	}

	async function all() {
		while (desk.asked) await once();
	}
</script>

<p class="notice small">A simulation, to learn and try things with. It measures nothing real.</p>
<div class="fields">
	<ChoiceField
		label="Its cell"
		value={cell}
		options={[
			{ value: 'even', name: 'good' },
			{ value: 'aged', name: 'aged' },
			{ value: 'tired', name: 'tired' }
		]}
		onchange={(next) => (cell = next)}
	/>
	<ChoiceField
		label="It scatters"
		value={scatter}
		options={[
			{ value: 'little', name: 'a little' },
			{ value: 'much', name: 'much' }
		]}
		onchange={(next) => (scatter = next)}
	/>
	<ChoiceField
		label="Its screen"
		value={screen}
		options={[
			{ value: 'panel', name: 'with a deep black' },
			{ value: 'backlit', name: 'with a grey black' }
		]}
		onchange={(next) => (screen = next)}
	/>
	<ChoiceField
		label="The screen flickers"
		value={flickers}
		options={[
			{ value: 'no', name: 'no' },
			{ value: 'yes', name: 'yes, 240 times a second' }
		]}
		onchange={(next) => (flickers = next)}
	/>
</div>
<div class="acts">
	<button class="quiet" type="button" disabled={!desk.asked} onclick={() => void once()}>Fire it once</button>
	<button class="quiet" type="button" disabled={!desk.asked} onclick={() => void all()}
		>Fire all that is asked for</button
	>
</div>

<style>
	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem;
		padding-top: 0.5rem;
	}
</style>
