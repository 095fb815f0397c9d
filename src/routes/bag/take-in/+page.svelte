<script lang="ts">
	import TakeIn from '$lib/gifts/TakeIn.svelte';

	let { data } = $props();
</script>

<TakeIn cameras={data.cameras} />
