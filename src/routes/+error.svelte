<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
</script>

<svelte:head><title>Not here · Just Enough</title></svelte:head>
<div class="page">
	<h1>{page.status === 404 ? 'There is nothing here' : 'That didn’t work'}</h1>
	<p>{page.error?.message}</p>
	{#if page.status >= 500}<p class="soft">It failed while opening {page.url.pathname}.</p>{/if}
	<p>
		{#if page.status >= 500}<button class="plain-link" onclick={() => location.reload()}>Try again</button> ·{/if}
		<a class="plain-link" href={resolve('/')}>Back to Shoot</a> ·
		<a class="plain-link" href={resolve('/bag')}>To the bag</a>
	</p>
</div>
