<!-- What happens to the frames of a load that is developed otherwise: they are asked for when it is shown. -->
<script lang="ts">
	import type { Process } from '$core/film';
	import type { CameraRecord, FilmRecord, LoadRecord } from '$contract/records';
	import { framesOf, type Kept } from '$lib/records/client';
	import ProcessChange from './ProcessChange.svelte';

	interface Props {
		load: Kept<LoadRecord>;
		camera: CameraRecord;
		film: FilmRecord;
		next: Process | undefined;
	}
	let { load, camera, film, next }: Props = $props();
</script>

{#await framesOf(load.id)}
	<p role="status" aria-busy="true">Looking at its frames …</p>
{:then frames}
	{#if frames}
		<ProcessChange {load} {camera} {film} {frames} {next} />
	{:else}
		<p role="alert">Its frames can’t be checked: the server isn’t answering. Reload this page.</p>
	{/if}
{/await}
