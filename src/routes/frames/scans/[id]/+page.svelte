<script lang="ts">
	import Scans from '$lib/scans/Scans.svelte';

	let { data } = $props();
</script>

{#key data.load.id}
	<Scans {...data} />
{/key}
