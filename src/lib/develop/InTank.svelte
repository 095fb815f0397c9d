<!-- Which films go into the tank: those that were shot for this recipe, or for none, before the others. -->
<script lang="ts">
	import { isMeantFor } from '$core/develop';
	import type { RecipeRecord } from '$contract/records';
	import type { Kept } from '$lib/records/client';
	import type { InTheTank } from './tanks';

	interface Props {
		recipe: Kept<RecipeRecord>;
		loads: readonly InTheTank[];
		/** Those that are in it. */
		ids: readonly string[];
		onchange: (ids: readonly string[]) => void;
	}
	let { recipe, loads, ids, onchange }: Props = $props();

	/** Shot for it, in it already, or taken out with no developer chosen that would be another. */
	const own = $derived(
		loads.filter(
			({ load, film }) =>
				ids.includes(load.id) ||
				(load.process?.recipeId
					? load.process.recipeId === recipe.id
					: load.unloadedAt !== undefined && isMeantFor(recipe.kind, film.type))
		)
	);
	const others = $derived(loads.filter((each) => !own.includes(each)));
	const put = (id: string, into: boolean) =>
		onchange(into ? [...ids, id] : ids.filter((each) => each !== id));
</script>

{#snippet films(all: typeof loads)}
	{#each all as { name, load } (load.id)}
		<label class="tick-box">
			<input
				type="checkbox"
				checked={ids.includes(load.id)}
				onchange={(event) => put(load.id, event.currentTarget.checked)}
			/>
			<span
				>{name}{#if load.unloadedAt === undefined}<span class="soft">, still in the camera</span>{/if}</span
			>
		</label>
	{/each}
{/snippet}

<fieldset>
	<legend>In the tank</legend>
	{@render films(own)}
	{#if others.length > 0 && own.length > 0}
		<details>
			<summary>Other film that waits</summary>
			{@render films(others)}
		</details>
	{:else}{@render films(others)}{/if}
</fieldset>
