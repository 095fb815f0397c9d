<!-- What firings say of a shutter: their mean against what is written on it, and whether that is used. -->
<script lang="ts">
	import type { Camera } from '$core/camera';
	import { formatDoubt, formatTime, meanOf, stopsInWords } from '$core/units';
	import { counted } from '$words';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import { exactTime } from './exact-time';
	import type { Found } from './found';

	interface Props {
		camera: Camera;
		/** Of the firings, s. */
		times: readonly number[];
		/** How well one of them is known, s. */
		sd: number;
		/** By what they were measured. */
		how: string;
		onfound: (found: Found) => void;
	}
	let { camera, times, sd, how, onfound }: Props = $props();

	const marked = $derived.by(() => {
		const { shutter } = camera;
		return shutter.kind === 'range' ? [] : [shutter.seconds].flat();
	});
	let picked = $state<number | null>(null);
	const mark = $derived<number | undefined>(picked ?? marked[0]);
	const mean = $derived(meanOf(times));
	/** How much firings differ, s; of one alone nobody knows. */
	const spread = $derived(
		times.length < 2
			? 0
			: Math.sqrt(times.reduce((sum, each) => sum + (each - mean) ** 2, 0) / (times.length - 1))
	);
	const inStops = (seconds: number) => seconds / (mean * Math.LN2);
	const doubt = $derived(Math.min(3, Math.max(0.03, inStops(Math.max(spread, sd)))));
	const error = $derived(mark ? Math.log2(mean / mark) : 0);
	const errorInWords = $derived(
		Math.abs(error) < 1 / 6
			? 'true to its mark'
			: `${stopsInWords(error)} ${error > 0 ? 'longer, so lighter,' : 'shorter, so darker,'} than marked`
	);
	const differ = $derived(
		inStops(spread) < 1 / 12 ? 'next to nothing' : stopsInWords(Math.max(inStops(spread), 1 / 3))
	);
	/** Less than this is not worth a word, stops. */
	const LITTLE = 1 / 12;
	const words = $derived.by(() => {
		const doubtful = inStops(sd) < LITTLE ? '' : `, give or take ${formatDoubt(inStops(sd))} stop`;
		if (!mark) return `${doubtful}.`;
		const firings = times.length > 1 ? `, and its firings differ by ${differ}` : '';
		return `${doubtful}${doubtful && ';'} marked ${formatTime(mark)}: ${errorInWords}${firings}.`;
	});
</script>

<p class="result" role="status"><strong class="figures">{exactTime(mean)}</strong>{words}</p>
{#if marked.length > 1}
	<ChoiceField
		label="It was set to"
		value={String(mark)}
		options={marked.map((seconds) => ({ value: String(seconds), name: formatTime(seconds) }))}
		onchange={(value) => (picked = Number(value))}
	/>
{/if}
{#if mark}
	<button
		class="action"
		onclick={() =>
			onfound({
				what: 'shutter',
				marked: mark,
				value: mean,
				sd: doubt,
				method: `by ${how}, ${counted(times.length, '1 firing', '# firings')}`
			})}>Save for {camera.name}</button
	>
{:else}
	<p class="soft">Its eye sets the time, so there’s no mark to compare with.</p>
{/if}

<style>
	.result strong {
		font-size: 1.75rem;
	}
</style>
