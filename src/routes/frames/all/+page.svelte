<script lang="ts">
	import AllFrames from '$lib/frames/AllFrames.svelte';

	let { data } = $props();
</script>

<AllFrames {...data} />
