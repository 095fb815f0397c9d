<script lang="ts">
	import OutingForm from '$lib/outings/OutingForm.svelte';

	let { data } = $props();
</script>

{#key `${data.outing?.id} ${data.outing?.version}`}
	<OutingForm stored={data.outing} records={data.records} />
{/key}
