<!-- A simulated shutter tester: it makes recordings of a shutter of which the time is known. -->
<script lang="ts">
	import type { TraceKind } from '$core/bench';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import type { BenchDesk } from './bench-desk.svelte';

	let { desk }: { desk: BenchDesk } = $props();

	const times = [1 / 500, 1 / 250, 1 / 125, 1 / 60, 1 / 30, 1 / 8, 1 / 2, 1];
	let kind = $state<TraceKind>('light');
	let seconds = $state(1 / 60);
	let trouble = $state<'none' | 'noise' | 'hum' | 'bounce' | 'lag'>('none');
	let file = $state('');
	const troubles = {
		none: {},
		noise: { signalToNoise: 12 },
		hum: { hum: 0.15 },
		bounce: { bounce: true },
		lag: { lag: 5e-4 }
	};

	async function make() {
		// As bodies are: a little off its mark.
		const off = 2 ** ((Math.random() - 0.5) * 0.8);
		const wav = await desk.simulate({
			kind,
			seconds: seconds * off,
			firings: 3,
			sampleRate: 96_000,
			seed: Math.floor(Math.random() * 1e6),
			...troubles[trouble]
		});
		if (file) URL.revokeObjectURL(file);
		file = URL.createObjectURL(wav);
	}
</script>

<p class="notice small">A simulation, to learn and try things with. It measures nothing real.</p>
<div class="fields">
	<ChoiceField
		label="It records"
		value={kind}
		options={[
			{ value: 'light', name: 'light, by a sensor behind the lens' },
			{ value: 'sound', name: 'sound, by a microphone' }
		]}
		onchange={(next) => (kind = next)}
	/>
	<ChoiceField
		label="A shutter marked"
		value={String(seconds)}
		options={times.map((time) => ({
			value: String(time),
			name: time < 1 ? `1/${Math.round(1 / time)} s` : `${time} s`
		}))}
		onchange={(next) => (seconds = Number(next))}
	/>
	<ChoiceField
		label="Disturbed by"
		value={trouble}
		options={[
			{ value: 'none', name: 'nothing' },
			{ value: 'noise', name: 'much noise' },
			{ value: 'hum', name: 'mains hum' },
			{ value: 'bounce', name: 'blades that bounce' },
			{ value: 'lag', name: 'a slow sensor' }
		]}
		onchange={(next) => (trouble = next)}
	/>
</div>
<button class="quiet" type="button" onclick={() => void make()}>Fire it three times</button>
{#if file}
	<!-- eslint-disable-next-line svelte/no-navigation-without-resolve -- a file made here, not a page -->
	<a class="plain-link" href={file} download="stand-in.wav">Save the recording</a>
{/if}
