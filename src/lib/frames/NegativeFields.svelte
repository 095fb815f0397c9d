<!-- How a negative looks, and what its print wanted. -->
<script lang="ts">
	import type { NegativeLook } from '$core/develop';
	import Field from '$lib/forms/Field.svelte';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';

	let { look, onchange }: { look: NegativeLook; onchange: (look: NegativeLook) => void } = $props();

	const UNSAID = '';
	const densities = [
		{ value: UNSAID, name: 'not checked' },
		{ value: '-1', name: 'thin' },
		{ value: '0', name: 'right' },
		{ value: '1', name: 'dense' }
	];
	const contrasts = [
		{ value: UNSAID, name: 'not checked' },
		{ value: '-1', name: 'flat' },
		{ value: '0', name: 'right' },
		{ value: '1', name: 'harsh' }
	];
	const shown = (value: number | undefined) => (value === undefined ? UNSAID : String(value));
	const sideOf = (value: string) => (value === UNSAID ? undefined : (Number(value) as -1 | 0 | 1));
</script>

<div class="fields">
	<ChoiceField
		label="Density"
		value={shown(look.density)}
		options={densities}
		onchange={(value) => onchange({ ...look, density: sideOf(value) })}
	/>
	<ChoiceField
		label="Contrast"
		value={shown(look.contrast)}
		options={contrasts}
		onchange={(value) => onchange({ ...look, contrast: sideOf(value) })}
	/>
	<Field label="Contrast filter or grade of its print">
		{#snippet control(attributes)}
			<input
				{...attributes}
				maxlength="60"
				value={look.grade ?? ''}
				placeholder="grade 2½, sky burnt in"
				oninput={(event) => onchange({ ...look, grade: event.currentTarget.value || undefined })}
			/>
		{/snippet}
	</Field>
	<Field label="Its test strip on paper">
		{#snippet control(attributes)}
			<input
				{...attributes}
				maxlength="60"
				value={look.strip ?? ''}
				placeholder="4 8 16 s at f/8: 8 s"
				oninput={(event) => onchange({ ...look, strip: event.currentTarget.value || undefined })}
			/>
		{/snippet}
	</Field>
</div>
<div class="ticks">
	<label class="tick-box">
		<input
			type="checkbox"
			checked={look.coarse ?? false}
			onchange={(event) => onchange({ ...look, coarse: event.currentTarget.checked || undefined })}
		/>
		distracting grain
	</label>
	<label class="tick-box">
		<input
			type="checkbox"
			checked={look.streaks ?? false}
			onchange={(event) => onchange({ ...look, streaks: event.currentTarget.checked || undefined })}
		/>
		streaks
	</label>
</div>

<style>
	.ticks {
		display: flex;
		flex-wrap: wrap;
		gap: 0 1.25rem;
	}
</style>
