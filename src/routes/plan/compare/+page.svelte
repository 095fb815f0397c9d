<script lang="ts">
	import Compare from '$lib/compare/Compare.svelte';

	let { data } = $props();
</script>

{#key data.camera}
	<Compare {...data} />
{/key}
