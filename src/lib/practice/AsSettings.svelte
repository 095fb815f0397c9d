<!-- A light said as one would set a camera for it: f-number and time, on one's own film. -->
<script lang="ts">
	import {
		formatTime,
		fullStopApertures,
		isoFromDegrees,
		markedTimes,
		nearestInStops,
		settingsEv,
		speedStops
	} from '$core/units';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import { Remembered } from '$lib/timing/remembered.svelte';

	let { ev = $bindable() }: { ev: number } = $props();

	const inside = (from: number, to: number) => (value: number) => value >= from && value <= to;
	const F_NUMBERS = fullStopApertures.filter(inside(1.4, 32));
	const TIMES = markedTimes.filter(inside(1 / 4000, 30));
	/** 15° to 36°. */
	const SPEEDS = Array.from({ length: 22 }, (_, at) => isoFromDegrees(15 + at));

	const own = new Remembered('as-settings', { iso: 400, f: 8 });
	const { iso, f } = $derived(own.value);
	const asked = $derived(f ** 2 / 2 ** (ev + speedStops(iso)));
	const seconds = $derived(nearestInStops(TIMES, asked));

	const options = (values: readonly number[], name: (value: number) => string) =>
		values.map((value) => ({ value: String(value), name: name(value) }));

	/** f-number and film are what is at hand; the time is what is guessed. */
	const says = (said: number) => (ev = settingsEv(f, said) - speedStops(iso));
</script>

<details>
	<summary>As f and time on my film</summary>
	<div class="fields">
		<ChoiceField
			label="Film, ISO"
			value={String(iso)}
			options={options(SPEEDS, String)}
			onchange={(value) => own.set({ iso: Number(value) })}
		/>
		<ChoiceField
			label="f-number"
			value={String(f)}
			options={options(F_NUMBERS, (value) => `f/${value}`)}
			onchange={(value) => own.set({ f: Number(value) })}
		/>
		<ChoiceField
			label="Time"
			value={String(seconds)}
			options={options(TIMES, formatTime)}
			onchange={(value) => says(Number(value))}
		/>
	</div>
</details>

<style>
	summary {
		min-height: 2.75rem;
		cursor: pointer;
		align-content: center;
	}
	.fields {
		grid-template-columns: repeat(3, minmax(0, 1fr));
	}
</style>
