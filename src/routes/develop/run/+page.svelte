<script lang="ts">
	import RunPage from '$lib/develop/RunPage.svelte';

	let { data } = $props();
</script>

<RunPage recipes={data.recipes} />
