<script lang="ts">
	import Notebook from '$lib/notebook/Notebook.svelte';

	let { data } = $props();
</script>

<Notebook bag={data.bag} />
