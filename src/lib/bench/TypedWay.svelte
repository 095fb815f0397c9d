<!-- A shutter's times as another tester showed them. -->
<script lang="ts">
	import type { Camera } from '$core/camera';
	import { meanOf } from '$core/units';
	import { timeQuantity } from '$lib/forms/exposures';
	import Field from '$lib/forms/Field.svelte';
	import type { Found } from './found';
	import ShutterResult from './ShutterResult.svelte';
	import { testerError } from './tester-error';
	import TesterError from './TesterError.svelte';

	let { camera, onfound }: { camera: Camera; onfound: (found: Found) => void } = $props();

	let typed = $state('');
	let error = $state<number | undefined>(testerError.usual);
	/** Between times stands a space, a semicolon, or a comma and a space. */
	const times = $derived(
		typed
			.replace(/\bs\b/g, ' ')
			.split(/;|,?\s+|,$/)
			.filter((each) => each !== '')
			.map((each) => timeQuantity.parse(each) ?? NaN)
	);
	const wrong = $derived(times.some((seconds) => !(seconds > 0 && seconds <= 600)));
</script>

<p class="soft">Fire three times or more, and type each time as the tester shows it.</p>
<div class="fields">
	<Field
		label="Times, s"
		hint="such as 1/58 1/61 1/60"
		problem={wrong ? 'must be times up to 10 minutes, with a space between them: 1/58 1/61' : ''}
	>
		{#snippet control(attributes)}
			<input {...attributes} type="text" autocomplete="off" bind:value={typed} />
		{/snippet}
	</Field>
	<TesterError value={error} onchange={(next) => (error = next)} />
</div>
{#if times.length > 0 && !wrong}
	<ShutterResult
		{camera}
		{times}
		sd={((error ?? testerError.usual) / 100) * meanOf(times)}
		how="a tester of one’s own"
		{onfound}
	/>
{/if}
