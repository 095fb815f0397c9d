<script lang="ts">
	import Phones from '$lib/door/Phones.svelte';

	let { data } = $props();
</script>

<Phones door={data.door} />
