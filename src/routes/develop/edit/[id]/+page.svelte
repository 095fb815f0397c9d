<script lang="ts">
	import RecipeForm from '$lib/develop/RecipeForm.svelte';

	let { data } = $props();
</script>

{#key `${data.recipe?.id} ${data.recipe?.version}`}
	<RecipeForm stored={data.recipe} />
{/key}
