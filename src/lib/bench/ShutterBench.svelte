<!-- A shutter's time: by a recording, by a phone's video, or by what the person's own tester said. -->
<script lang="ts">
	import type { Camera } from '$core/camera';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import ClipWay from './clip/ClipWay.svelte';
	import type { Found } from './found';
	import RecordingWay from './RecordingWay.svelte';
	import ShutterResult from './ShutterResult.svelte';
	import TypedWay from './TypedWay.svelte';

	let { camera, onfound }: { camera: Camera; onfound: (found: Found) => void } = $props();

	let way = $state<'recording' | 'video' | 'typed'>('recording');
</script>

<h2 id="shutter-title">Shutter</h2>
<ChoiceField
	label="Measured by"
	value={way}
	options={[
		{ value: 'recording', name: 'a recording of its light or its sound' },
		{ value: 'video', name: 'a phone’s video through it' },
		{ value: 'typed', name: 'a tester of my own' }
	]}
	onchange={(next) => (way = next)}
/>
{#if way === 'recording'}
	<RecordingWay {camera} {onfound} />
{:else if way === 'video'}
	<ClipWay>
		{#snippet use(firings)}
			<ShutterResult
				{camera}
				times={firings.map(({ seconds }) => seconds)}
				sd={Math.max(...firings.map(({ sd }) => sd))}
				how="a phone’s video"
				{onfound}
			/>
		{/snippet}
	</ClipWay>
{:else}
	<TypedWay {camera} {onfound} />
{/if}
