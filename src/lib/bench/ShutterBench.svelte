<!-- A shutter by a recording of it: what was found, the marks to be moved, and its error against what is written on it. -->
<script lang="ts">
	import { onMount } from 'svelte';
	import type { Camera } from '$core/camera';
	import { formatTime, stopsInWords } from '$core/units';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import Slider from '$lib/parts/Slider.svelte';
	import { record, type Recorder } from '$lib/light/listening';
	import { BenchDesk } from './bench-desk.svelte';
	import type { Found } from './found';
	import StandInTester from './StandInTester.svelte';
	import TraceView from './TraceView.svelte';

	let { camera, onfound }: { camera: Camera; onfound: (found: Found) => void } = $props();

	const desk = new BenchDesk();
	onMount(() => desk.open());

	const marked = $derived(
		camera.shutter.kind === 'fixed'
			? [camera.shutter.seconds]
			: camera.shutter.kind === 'speeds'
				? camera.shutter.seconds
				: []
	);
	let picked = $state<number | null>(null);
	const mark = $derived(picked ?? marked[0]);
	let recorder = $state.raw<Recorder | null>(null);
	let says = $state('');

	const error = $derived(mark && desk.mean > 0 ? Math.log2(desk.mean / mark) : 0);
	const sd = $derived(desk.mean > 0 ? desk.spread / (desk.mean * Math.LN2) : 0);
	const errorInWords = $derived(
		Math.abs(error) < 1 / 6
			? 'true to its mark'
			: `${stopsInWords(error)} ${error > 0 ? 'longer, so lighter,' : 'shorter, so darker,'} than marked`
	);
	const exact = (seconds: number) =>
		seconds < 0.3 ? `1/${(1 / seconds).toPrecision(3)} s` : `${seconds.toPrecision(3)} s`;

	async function start() {
		says = '';
		try {
			recorder = await record();
		} catch {
			says =
				'No microphone here. Browsers allow it only on this computer itself or over https. A file works just as well.';
		}
	}

	async function stop() {
		const heard = await recorder!.stop();
		recorder = null;
		await desk.take(heard.samples, heard.sampleRate);
	}

	const near = $derived(desk.near);
	const step = $derived(near ? (near.to - near.from) / 1000 : 0.001);
</script>

<h2 id="shutter-title">Shutter</h2>
<p class="soft">
	Hold a light sensor wired to the sound card behind the lens, or a microphone beside it, fire three times or
	more, and load the recording. A sensor gives the effective time; a sound gives the time from the first click
	to the last.
</p>
<div class="acts">
	<label class="quiet">
		<input
			class="sr-only"
			type="file"
			accept=".wav,audio/wav"
			onchange={(event) => {
				const file = event.currentTarget.files?.[0];
				if (file) void desk.read(file);
			}}
		/>
		{desk.busy ? 'Reading …' : 'Choose a recording (WAV)'}
	</label>
	{#if recorder}
		<button class="quiet" onclick={() => void stop()}>Stop recording</button>
	{:else}
		<button class="quiet" onclick={() => void start()}>Record with the microphone</button>
	{/if}
</div>
<details>
	<summary>No tester at hand: try a stand-in</summary>
	<StandInTester {desk} />
</details>
<div role="status">
	{#if says}<p class="notice">{says}</p>{/if}
	{#if desk.problem}<p class="notice">{desk.problem}</p>{/if}
	{#each desk.measured?.notes ?? [] as note (note)}<p class="notice">{note}</p>{/each}
</div>
{#if desk.measured && desk.whole}
	<TraceView trace={desk.whole} marks={desk.marks} chosen={desk.chosen} label="The whole recording" />
	<ChoiceField
		label="It is a recording of"
		value={desk.measured.kind}
		options={[
			{ value: 'light', name: 'light' },
			{ value: 'sound', name: 'sound' }
		]}
		onchange={(kind) => void desk.as(kind)}
	/>
{/if}
{#if desk.measured && desk.marks.length > 0}
	<ul class="firings" aria-label="Firings">
		{#each desk.times as seconds, index (index)}
			<li>
				<button
					class="quiet figures"
					aria-pressed={index === desk.chosen}
					onclick={() => void desk.choose(index)}
				>
					{index + 1}: {exact(seconds)}
				</button>
			</li>
		{/each}
	</ul>
	{#if near}
		<TraceView
			trace={near}
			marks={desk.marks}
			chosen={desk.chosen}
			label="Firing {desk.chosen + 1}, its marks"
		/>
		{#each [['open', 'It opens'], ['close', 'It closes']] as const as [end, words] (end)}
			<div class="slide">
				<span aria-hidden="true">{words}</span>
				<Slider
					label={words}
					min={near.from}
					max={near.to}
					{step}
					value={desk.marks[desk.chosen][end]}
					says={(value) => `${((value - near.from) * 1000).toFixed(2)} ms`}
					onchange={(value) => desk.move(end, value)}
				/>
			</div>
		{/each}
	{/if}
	<p class="result" role="status">
		<strong class="figure figures">{exact(desk.mean)}</strong>
		{#if mark}
			marked {formatTime(mark)}: {errorInWords}{desk.times.length > 1
				? `, and its firings differ by ${sd < 1 / 12 ? 'next to nothing' : stopsInWords(Math.max(sd, 1 / 3))}`
				: ''}.
		{/if}
	</p>
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
					value: desk.mean,
					sd: Math.min(3, Math.max(0.03, sd)),
					method: `by ${desk.measured?.kind === 'light' ? 'a light sensor' : 'its sound'}, ${desk.times.length} firings`
				})}>Save for {camera.name}</button
		>
	{:else}
		<p class="soft">Its eye sets the time, so there’s no mark to compare with.</p>
	{/if}
{/if}

<style>
	.acts,
	.firings {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem;
		padding: 0.5rem 0;
	}
	.acts label:has(:focus-visible) {
		outline: 3px solid var(--ink);
		outline-offset: 2px;
	}
	[aria-pressed='true'] {
		border: 2px solid var(--ink);
		font-weight: var(--heavy);
	}
	.slide {
		display: grid;
		grid-template-columns: 6rem 1fr;
		align-items: center;
		gap: 0.75rem;
		min-height: 2.75rem;
	}
	.result strong {
		font-size: 1.75rem;
		padding-right: 0.35rem;
	}
</style>
