<script lang="ts">
	import Honesty from '$lib/learn/Honesty.svelte';

	let { data } = $props();
</script>

<Honesty {...data} />
