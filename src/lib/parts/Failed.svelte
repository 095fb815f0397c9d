<!-- A view that fell over while it was drawn: what failed, and how to go on. Nothing that is kept is touched. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';

	let { error, reset }: { error: unknown; reset: () => void } = $props();

	const what = $derived(error instanceof Error ? error.message : String(error));
</script>

<div class="page" role="alert">
	<h1>This view couldn’t be shown</h1>
	<p>
		Your records are unchanged. It failed at {page.url.pathname}: <span class="soft">{what}</span>
	</p>
	<p>
		<button class="plain-link" onclick={reset}>Try again</button> ·
		<button class="plain-link" onclick={() => location.reload()}>Load the page again</button> ·
		<a class="plain-link" href={resolve('/bag')} data-sveltekit-reload>To the bag</a>
	</p>
</div>
