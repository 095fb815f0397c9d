<!-- What is wanted of the picture, whatever camera takes it. -->
<script lang="ts">
	import type { Intent } from '$core/match';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import Field from '$lib/forms/Field.svelte';
	import { plainNumber } from '$lib/forms/quantity';
	import type { ShootState } from './shoot-state.svelte';

	let { shoot }: { shoot: ShootState } = $props();

	const times: { id: string; name: string; seconds: Intent['seconds'] }[] = [
		{ id: 'any', name: 'any time', seconds: undefined },
		{ id: 'freeze', name: '1/250 s or faster, to freeze', seconds: [null, 1 / 250] },
		{ id: 'blur', name: '1/15 s or slower, to blur', seconds: [1 / 15, null] },
		{ id: 'trails', name: '4 to 10 s, for light trails', seconds: [4, 10] }
	];
	const speeds = [
		{ id: '0', name: 'stands still' },
		{ id: '1.5', name: 'walks by' },
		{ id: '4', name: 'runs by' },
		{ id: '14', name: 'drives by' }
	];
	const time = $derived(
		times.find(({ seconds }) => JSON.stringify(seconds) === JSON.stringify(shoot.scene.seconds))?.id ?? 'any'
	);

	const NEAREST = 0.01;
	const FARTHEST = 100_000;
	let typed = $state('');
	const distance = $derived(plainNumber.parse(typed));
	const wrong = $derived(distance !== undefined && !(distance >= NEAREST && distance <= FARTHEST));

	function setDistance() {
		if (!wrong) shoot.want({ subjectDistance: distance });
	}
</script>

<div class="fields">
	<ChoiceField
		label="Time"
		value={time}
		options={times.map(({ id, name }) => ({ value: id, name }))}
		onchange={(id) => shoot.want({ seconds: times.find((each) => each.id === id)?.seconds })}
	/>
	<ChoiceField
		label="The subject"
		value={String(shoot.scene.subjectSpeed ?? 0)}
		options={speeds.map(({ id, name }) => ({ value: id, name }))}
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
