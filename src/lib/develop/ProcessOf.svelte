<!-- How a load is to be developed; changing it tells first what happens to its frames. -->
<script lang="ts">
	import type { Process } from '$core/film';
	import { processInWords } from '$words';
	import type { CameraRecord, FilmRecord, FrameRecord, LoadRecord, RecipeRecord } from '$contract/records';
	import type { Kept } from '$lib/records/client';
	import ProcessChange from './ProcessChange.svelte';
	import ProcessFields from './ProcessFields.svelte';

	interface Props {
		load: Kept<LoadRecord>;
		camera: CameraRecord;
		film: FilmRecord;
		frames: readonly FrameRecord[];
		recipes: readonly Kept<RecipeRecord>[];
	}
	let { load, camera, film, frames, recipes }: Props = $props();

	let picked = $state.raw<{ process: Process | undefined } | null>(null);
	let open = $state(false);
	const process = $derived(picked ? picked.process : load.process);
	const differs = $derived(JSON.stringify(process) !== JSON.stringify(load.process));
</script>

<details bind:open>
	<summary>To be developed {load.process ? processInWords(load.process) : 'as the film says'}</summary>
	<div class="fields">
		<ProcessFields {process} {recipes} onchange={(next) => (picked = { process: next })} />
	</div>
	{#if differs}
		<ProcessChange {load} {camera} {film} {frames} next={process} onsaved={() => (picked = null)} />
	{/if}
</details>
