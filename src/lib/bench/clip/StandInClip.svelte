<!-- A simulated phone that films a simulated shutter. -->
<script lang="ts">
	import { formatTime } from '$core/units';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import type { ClipDesk } from './clip-desk.svelte';

	let { desk }: { desk: ClipDesk } = $props();

	const times = [1 / 500, 1 / 250, 1 / 125, 1 / 60, 1 / 30, 1 / 8, 1 / 2];
	const trouble = {
		none: {},
		part: { exposed: 0.3 },
		bright: { open: 0.98 },
		fades: { fades: 0.1, steps: 0, held: 2 },
		'no-steps': { steps: 0, held: 2 }
	};
	let seconds = $state(1 / 60);
	let rate = $state(60);
	let troubled = $state<keyof typeof trouble>('none');

	function film() {
		// As bodies are: a little off its mark, and no firing quite like the other.
		const off = 2 ** ((Math.random() - 0.5) * 0.8);
		const firing = () => seconds * off * (1 + 0.04 * (Math.random() - 0.5));
		void desk.simulate({
			...{ times: [firing(), firing(), firing()], framesPerSecond: rate, exposed: 0.98, seed: Math.random() },
			...{ open: 0.8, black: 0.03, noise: 0.002, steps: 7, held: 8, ...trouble[troubled] }
		});
	}
</script>

<p class="notice small">A simulation, to learn and try things with. It measures nothing real.</p>
<div class="fields">
	<ChoiceField
		label="A shutter marked"
		value={String(seconds)}
		options={times.map((time) => ({ value: String(time), name: formatTime(time) }))}
		onchange={(next) => (seconds = Number(next))}
	/>
	<ChoiceField
		label="Frames a second"
		value={String(rate)}
		options={[24, 30, 60, 240].map((each) => ({ value: String(each), name: String(each) }))}
		onchange={(next) => (rate = Number(next))}
	/>
	<ChoiceField
		label="Disturbed by"
		value={troubled}
		options={[
			{ value: 'none', name: 'nothing' },
			{ value: 'no-steps', name: 'a light without steps' },
			{ value: 'part', name: 'frames exposed in part' },
			{ value: 'bright', name: 'too much light' },
			{ value: 'fades', name: 'light that fades' }
		]}
		onchange={(next) => (troubled = next)}
	/>
</div>
<button class="quiet" type="button" onclick={film}>Film it</button>
