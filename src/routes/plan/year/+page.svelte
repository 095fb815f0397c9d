<script lang="ts">
	import Year from '$lib/plan/Year.svelte';

	let { data } = $props();
</script>

<Year records={data} />
