<script lang="ts">
	import LoadEdit from '$lib/bag/LoadEdit.svelte';

	let { data } = $props();
</script>

<LoadEdit {...data} />
