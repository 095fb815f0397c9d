<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
</script>

<svelte:head><title>Not here · Just Enough</title></svelte:head>
<div class="page">
	<h1>{page.status === 404 ? 'There is nothing here' : 'That did not work'}</h1>
	<p>{page.error?.message}</p>
	<p><a class="plain-link" href={resolve('/')}>Back to Shoot</a></p>
</div>
