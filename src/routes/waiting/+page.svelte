<script lang="ts">
	import Waiting from '$lib/together/Waiting.svelte';

	let { data } = $props();
</script>

<Waiting locale={data.locale} />
