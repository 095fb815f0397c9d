<script lang="ts">
	import Learnt from '$lib/learn/Learnt.svelte';

	let { data } = $props();
</script>

<Learnt {...data} />
