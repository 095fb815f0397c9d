<script lang="ts">
	import FrameForm from '$lib/frames/FrameForm.svelte';

	let { data } = $props();
</script>

<FrameForm frame={data.frame} camera={data.camera} film={data.film} gear={data.gear} />
