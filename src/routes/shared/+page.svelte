<script lang="ts">
	import Shared from '$lib/shared/Shared.svelte';

	let { data } = $props();
</script>

<Shared frames={data.frames} records={data.records} locale={data.locale} />
