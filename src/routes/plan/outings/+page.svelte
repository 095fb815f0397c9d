<script lang="ts">
	import Outings from '$lib/outings/Outings.svelte';

	let { data } = $props();
</script>

<Outings outings={data.outings} />
