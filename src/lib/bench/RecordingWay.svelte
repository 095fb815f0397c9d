<!-- A shutter by a recording of its light or its sound: what was found, and the marks to be moved. -->
<script lang="ts">
	import { onMount } from 'svelte';
	import type { Camera } from '$core/camera';
	import ChooseFile from '$lib/forms/ChooseFile.svelte';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import MarkSlider from './MarkSlider.svelte';
	import { record, type Recorder } from '$lib/light/listening';
	import { BenchDesk } from './bench-desk.svelte';
	import { exactTime } from './exact-time';
	import type { Found } from './found';
	import ShutterResult from './ShutterResult.svelte';
	import StandInTester from './StandInTester.svelte';
	import TraceView from './TraceView.svelte';

	let { camera, onfound }: { camera: Camera; onfound: (found: Found) => void } = $props();

	const desk = new BenchDesk();
	onMount(() => desk.open());

	let recorder = $state.raw<Recorder | null>(null);
	let says = $state('');

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

<p class="soft">
	Hold a light sensor wired to the sound card behind the lens, or a microphone beside it, fire three times or
	more, and load the recording. A sensor gives the effective time; a sound gives the time from the first click
	to the last.
</p>
<div class="acts">
	<ChooseFile accept=".wav,audio/wav" choose={(file) => void desk.read(file)}
		>{desk.busy ? 'Reading …' : 'Choose a recording (WAV)'}</ChooseFile
	>
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
					{index + 1}: {exactTime(seconds)}
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
			<MarkSlider
				label={words}
				min={near.from}
				max={near.to}
				{step}
				value={desk.marks[desk.chosen][end]}
				says={(value) => `${((value - near.from) * 1000).toFixed(2)} ms`}
				onchange={(value) => desk.move(end, value)}
			/>
		{/each}
	{/if}
	<ShutterResult
		{camera}
		times={desk.times}
		sd={desk.measured.sd}
		how={desk.measured.kind === 'light' ? 'a light sensor' : 'its sound'}
		{onfound}
	/>
{/if}

<style>
	.acts,
	.firings {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem;
		padding: 0.5rem 0;
	}
	[aria-pressed='true'] {
		border: 2px solid var(--ink);
		font-weight: var(--heavy);
	}
</style>
