<!-- What belongs to no view: how the records are kept safe. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import type { BackupsTold } from '$lib/records/safekeeping';
	import Archive from './Archive.svelte';
	import Backups from './Backups.svelte';

	let { backups }: { backups: BackupsTold } = $props();
</script>

<svelte:head><title>Settings · Just Enough</title></svelte:head>
<div class="page">
	<h1>Settings</h1>
	<Backups {backups} />
	<Archive />
	<p><a class="plain-link" href={resolve('/scripts')}>For scripts: the API</a></p>
</div>

<style>
	.page {
		display: grid;
		gap: 2rem;
	}
</style>
