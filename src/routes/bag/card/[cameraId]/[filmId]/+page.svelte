<script lang="ts">
	import Card from '$lib/cards/Card.svelte';

	let { data } = $props();
</script>

<Card {...data} />
