<script lang="ts">
	import Progress from '$lib/practice/Progress.svelte';

	let { data } = $props();
</script>

<Progress {...data} />
