<script lang="ts">
	import RecipePage from '$lib/develop/RecipePage.svelte';

	let { data } = $props();
</script>

<RecipePage recipe={data.recipe} loads={data.loads} baths={data.baths} own={data.own} />
