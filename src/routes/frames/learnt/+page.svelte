<script lang="ts">
	import Learnt from '$lib/learn/Learnt.svelte';

	let { data } = $props();
</script>

<Learnt lessons={data.lessons} habits={data.habits} flashes={data.flashes} />
