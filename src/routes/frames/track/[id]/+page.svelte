<script lang="ts">
	import Track from '$lib/track/Track.svelte';

	let { data } = $props();
</script>

{#key data.load.id}
	<Track {...data} />
{/key}
