<script lang="ts">
	import Develop from '$lib/develop/Develop.svelte';

	let { data } = $props();
</script>

<Develop recipes={data.recipes} done={data.done} />
