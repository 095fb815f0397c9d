<!-- What something in front of a lamp takes, learnt by metering with it and without. -->
<script lang="ts">
	import { learnLoss } from '$core/studio';
	import { formatDoubt, formatStops } from '$core/units';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import NumberBox from '$lib/forms/NumberBox.svelte';
	import { replace } from '$lib/records/client';
	import type { ShootState } from '../shoot-state.svelte';
	import { refresh } from '$lib/records/refresh';

	let { shoot }: { shoot: ShootState } = $props();

	const own = $derived(shoot.answers.gear.flatMap((piece) => (piece.type === 'modifier' ? [piece] : [])));
	let picked = $state('');
	const chosen = $derived(own.find(({ id }) => id === picked) ?? own[0]);
	let without = $state<number | undefined>(undefined);
	let behind = $state<number | undefined>(undefined);
	let message = $state('');

	const range = { least: -10, most: 25, problem: 'must be an EV, such as 8.5' };

	async function keep() {
		if (!chosen || without === undefined || behind === undefined) return;
		const learnt = learnLoss(chosen, without - behind);
		const written = await replace('gear', { ...chosen, ...learnt });
		message =
			written.result === 'saved'
				? `${chosen.name} costs ${formatStops(learnt.stops)}, give or take ${formatDoubt(learnt.sd)}. Saved.`
				: 'Not saved: try again in a moment.';
		if (written.result === 'saved') [without, behind] = [undefined, undefined];
		await refresh();
	}
</script>

<details>
	<summary>Measure what something costs</summary>
	{#if own.length === 0}
		<p>
			First add it to the bag, as “something in front of a lamp”. Then meter here, at the subject, without it
			and with it.
		</p>
	{:else}
		<div class="fields">
			<ChoiceField
				label="What"
				value={chosen.id}
				options={own.map(({ id, name }) => ({ value: id, name }))}
				onchange={(id) => (picked = id)}
			/>
			<NumberBox label="EV without it" value={without} {...range} onchange={(value) => (without = value)} />
			<NumberBox label="EV with it" value={behind} {...range} onchange={(value) => (behind = value)} />
		</div>
		<button class="quiet" disabled={without === undefined || behind === undefined} onclick={keep}
			>Save it</button
		>
	{/if}
	<p role="status">{message}</p>
</details>

<style>
	summary {
		min-height: 2.75rem;
		font-weight: var(--heavy);
		cursor: pointer;
	}
</style>
