<script module lang="ts">
	import { later } from '$lib/parts/later';

	const start = later(() => import('$lib/start/Start.svelte'));
	const nothingLoaded = later(() => import('$lib/start/NothingLoaded.svelte'));
</script>

<script lang="ts">
	import Shoot from '$lib/shoot/Shoot.svelte';
	import Later from '$lib/parts/Later.svelte';

	let { data } = $props();
	const kept = $derived(data.records.cameras.filter((camera) => !camera.archived));
</script>

{#if data.records.cameras.length === 0}
	<Later part={start} given={{}} />
{:else if data.records.loads.length === 0}
	<Later part={nothingLoaded} given={{ cameras: kept }} />
{:else}
	<Shoot records={data.records} />
{/if}
