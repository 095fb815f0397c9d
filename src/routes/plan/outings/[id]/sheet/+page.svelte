<script lang="ts">
	import Sheet from '$lib/outings/Sheet.svelte';

	let { data } = $props();
</script>

<Sheet outing={data.outing} records={data.records} />
