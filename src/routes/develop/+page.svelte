<script lang="ts">
	import Develop from '$lib/develop/Develop.svelte';

	let { data } = $props();
</script>

<Develop
	waits={data.waits}
	full={data.full}
	recipes={data.recipes}
	own={data.own}
	once={data.once}
	done={data.done}
/>
