<script lang="ts">
	import Give from '$lib/gifts/Give.svelte';

	let { data } = $props();
</script>

<Give {...data} />
