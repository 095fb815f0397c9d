<script lang="ts">
	import CamerasForFilm from '$lib/bag/CamerasForFilm.svelte';

	let { data } = $props();
</script>

<CamerasForFilm {...data} />
