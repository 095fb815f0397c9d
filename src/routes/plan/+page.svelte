<script lang="ts">
	import Plan from '$lib/plan/Plan.svelte';

	let { data } = $props();
</script>

<Plan records={data} />
