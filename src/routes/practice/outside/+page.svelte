<script lang="ts">
	import Outside from '$lib/practice/Outside.svelte';
</script>

<Outside />
