<script lang="ts">
	import Practice from '$lib/practice/Practice.svelte';

	let { data } = $props();
</script>

<Practice exercises={data.exercises} bag={data.bag} />
