<!-- What goes before and after the developer, and in which baths of the shelf. -->
<script lang="ts">
	import type { RecipeRecord } from '$contract/records';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import type { Kept } from '$lib/records/client';
	import type { Remembered } from '$lib/timing/remembered.svelte';
	import { bathOf, type Mixing } from './mixing';

	let { typed, baths }: { typed: Remembered<Mixing>; baths: readonly Kept<RecipeRecord>[] } = $props();

	const kinds = [
		{ kind: 'stop', key: 'stopId', label: 'Stop bath' },
		{ kind: 'fixer', key: 'fixerId', label: 'Fixer' }
	] as const;
</script>

<details>
	<summary>Before and after the developer</summary>
	<div class="fields">
		<label class="tick-box">
			<input
				type="checkbox"
				checked={typed.value.prewash}
				onchange={(event) => typed.set({ prewash: event.currentTarget.checked })}
			/>
			Prewash, two minutes in water as warm as the bath
		</label>
		<ChoiceField
			label="Wash"
			value={typed.value.wash}
			options={[
				{ value: 'running', name: 'in running water, ten minutes' },
				{ value: 'changes', name: 'by three changes of water: 5, 10 and 20 turns' }
			]}
			onchange={(wash) => typed.set({ wash })}
		/>
		{#each kinds as { kind, key, label } (kind)}
			{@const own = baths.filter((bath) => bath.kind === kind)}
			{#if own.length > 1}
				<ChoiceField
					{label}
					value={bathOf(baths, kind, typed.value)!.id}
					options={own.map(({ id, name }) => ({ value: id, name }))}
					onchange={(id) => typed.set({ [key]: id })}
				/>
			{/if}
		{/each}
	</div>
</details>
