<script lang="ts">
	import Settings from '$lib/settings/Settings.svelte';

	let { data } = $props();
</script>

<Settings backups={data.backups} locale={data.locale} />
