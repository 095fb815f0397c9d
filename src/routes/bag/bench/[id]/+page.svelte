<script lang="ts">
	import Bench from '$lib/bench/Bench.svelte';

	let { data } = $props();
</script>

<Bench {...data} />
