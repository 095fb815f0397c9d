<script lang="ts">
	import RecipeForm from '$lib/develop/RecipeForm.svelte';

	let { data } = $props();
</script>

{#key `${data.recipe?.id} ${data.recipe?.version} ${data.from?.id}`}
	<RecipeForm stored={data.recipe} from={data.from} />
{/key}
