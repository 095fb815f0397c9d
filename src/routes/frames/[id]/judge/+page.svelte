<script lang="ts">
	import { page } from '$app/state';
	import JudgeFrame from '$lib/frames/JudgeFrame.svelte';

	let { data } = $props();
</script>

{#key data.frame.id}
	<JudgeFrame
		frame={data.frame}
		camera={data.camera}
		film={data.film}
		pictures={data.pictures}
		next={data.next}
		picked={page.url.searchParams.get('picture')}
	/>
{/key}
