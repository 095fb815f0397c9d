<script lang="ts">
	import Steps from '$lib/bench/Steps.svelte';
</script>

<Steps />
