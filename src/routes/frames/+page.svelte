<script lang="ts">
	import Frames from '$lib/frames/Frames.svelte';

	let { data } = $props();
</script>

{#key data.chosen?.load.id}
	<Frames
		loads={data.loads}
		chosen={data.chosen}
		frames={data.frames}
		pictures={data.pictures}
		recipes={data.recipes}
	/>
{/key}
