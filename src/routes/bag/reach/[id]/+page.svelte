<script lang="ts">
	import ReachSheet from '$lib/bag/ReachSheet.svelte';

	let { data } = $props();
</script>

<ReachSheet {...data} />
