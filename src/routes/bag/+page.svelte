<script lang="ts">
	import Bag from '$lib/bag/Bag.svelte';

	let { data } = $props();
</script>

<Bag records={data.records} />
