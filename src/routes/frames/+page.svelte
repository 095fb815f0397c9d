<script lang="ts">
	import Frames from '$lib/frames/Frames.svelte';

	let { data } = $props();
</script>

<Frames loads={data.loads} chosen={data.chosen} frames={data.frames} />
