<!-- What a load is to be developed in, and whether it is pushed. -->
<script lang="ts">
	import { isDeveloper, processOf, pushes } from '$core/develop';
	import type { Process } from '$core/film';
	import { stopsInWords } from '$core/units';
	import type { RecipeRecord } from '$contract/records';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import type { Kept } from '$lib/records/client';

	interface Props {
		process: Process | undefined;
		recipes: readonly Kept<RecipeRecord>[];
		onchange: (process: Process | undefined) => void;
	}
	let { process, recipes, onchange }: Props = $props();

	const AS_IT_IS = '';
	const developers = $derived(recipes.filter(({ kind }) => isDeveloper(kind)));
	const push = $derived(process?.push ?? 0);
	const speed = (stops = 0) =>
		stops === 0 ? '' : `, ${stops < 0 ? 'loses' : 'gains'} ${stopsInWords(stops)}`;

	const set = (recipeId: string, pushed: number) =>
		onchange(
			processOf(
				developers.find(({ id }) => id === recipeId),
				pushed
			)
		);
</script>

<ChoiceField
	label="To be developed in"
	value={process?.recipeId ?? AS_IT_IS}
	options={[
		{ value: AS_IT_IS, name: 'what the film says' },
		// Its recipe may be gone; what it does to the film's speed is not.
		...(process?.recipeId && !developers.some(({ id }) => id === process.recipeId)
			? [{ value: process.recipeId, name: process.name }]
			: []),
		...developers.map(({ id, name, speedStops }) => ({ value: id, name: `${name}${speed(speedStops)}` }))
	]}
	onchange={(id) => set(id, push)}
/>
<ChoiceField
	label="Push or pull"
	value={String(push)}
	options={pushes.map(({ stops, name }) => ({ value: String(stops), name }))}
	onchange={(stops) => set(process?.recipeId ?? AS_IT_IS, Number(stops))}
/>
