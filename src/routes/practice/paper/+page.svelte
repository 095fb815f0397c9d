<script lang="ts">
	import TwelveScenes from '$lib/practice/TwelveScenes.svelte';
</script>

<TwelveScenes />
