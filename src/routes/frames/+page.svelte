<script lang="ts">
	import Frames from '$lib/frames/Frames.svelte';

	let { data } = $props();
</script>

{#key data.chosen?.load.id}
	<Frames {...data} />
{/key}
