<script lang="ts">
	import Shoot from '$lib/shoot/Shoot.svelte';
	import NothingLoaded from '$lib/start/NothingLoaded.svelte';
	import Start from '$lib/start/Start.svelte';

	let { data } = $props();
	const kept = $derived(data.records.cameras.filter((camera) => !camera.archived));
</script>

{#if data.records.cameras.length === 0}
	<Start />
{:else if data.records.loads.length === 0}
	<NothingLoaded cameras={kept} />
{:else}
	<Shoot records={data.records} />
{/if}
