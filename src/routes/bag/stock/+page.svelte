<script lang="ts">
	import Stock from '$lib/stock/Stock.svelte';

	let { data } = $props();
</script>

<Stock {...data} />
