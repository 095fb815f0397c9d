<script lang="ts">
	import OnPaper from '$lib/sheets/OnPaper.svelte';

	let { data } = $props();
</script>

<OnPaper {...data} />
