<script lang="ts">
	import Words from '$lib/words/Words.svelte';
</script>

<Words />
