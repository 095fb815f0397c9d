<!-- What is wanted of the picture, whatever camera takes it. -->
<script lang="ts">
	import { untrack } from 'svelte';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import Field from '$lib/forms/Field.svelte';
	import { plainNumber } from '$lib/forms/quantity';
	import { secondsOf, subjectSpeeds, wantedTimeOf, wantedTimes } from '$lib/parts/wanted';
	import type { ShootState } from './shoot-state.svelte';

	let { shoot }: { shoot: ShootState } = $props();

	const NEAREST = 0.01;
	const FARTHEST = 100_000;
	let typed = $state('');
	const distance = $derived(plainNumber.parse(typed));
	const wrong = $derived(distance !== undefined && !(distance >= NEAREST && distance <= FARTHEST));

	// A scene of the day's list may want a distance of its own.
	$effect(() => {
		const { subjectDistance } = shoot.scene;
		untrack(() => {
			if (!wrong && subjectDistance !== distance) typed = subjectDistance?.toString() ?? '';
		});
	});

	function setDistance() {
		if (!wrong) shoot.want({ subjectDistance: distance });
	}
</script>

<div class="fields">
	<ChoiceField
		label="Time"
		value={wantedTimeOf(shoot.scene.seconds)}
		options={wantedTimes}
		onchange={(time) => shoot.want({ seconds: secondsOf(time) })}
	/>
	<ChoiceField
		label="The subject"
		value={String(shoot.scene.subjectSpeed ?? 0)}
		options={subjectSpeeds}
		onchange={(speed) => shoot.want({ subjectSpeed: Number(speed) || undefined })}
	/>
	<Field
		label="Its distance, m"
		hint={shoot.scene.subjectDistance ? '' : 'empty: anywhere'}
		problem={wrong ? 'must be a distance in metres, such as 2.5' : ''}
	>
		{#snippet control(attributes)}
			<input
				{...attributes}
				type="text"
				inputmode="decimal"
				autocomplete="off"
				bind:value={typed}
				oninput={setDistance}
			/>
		{/snippet}
	</Field>
</div>

<style>
	.fields {
		grid-template-columns: repeat(auto-fill, minmax(8rem, 1fr));
	}
</style>
