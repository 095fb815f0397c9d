<!-- Backups: how old the last one is, one more, and back to one of them. -->
<script lang="ts">
	import { passedInWords } from '$words';
	import Moment from '$lib/parts/Moment.svelte';
	import { refresh } from '$lib/records/refresh';
	import type { BackupsTold, BackupTold } from '$contract/backups';
	import { backUpNow, restoreBackup } from '$lib/records/safekeeping';
	import { sizeInWords } from './size';

	let { backups }: { backups: BackupsTold } = $props();

	let busy = $state(false);
	let message = $state('');
	/** The one that is asked about before it is restored. */
	let asked = $state<string | null>(null);
	const last = $derived(backups.items[0]);

	async function backUp() {
		busy = true;
		const done = await backUpNow();
		message = done.ok ? 'Backed up and checked.' : done.message;
		await refresh();
		busy = false;
	}

	async function restore({ name }: BackupTold) {
		busy = true;
		asked = null;
		const done = await restoreBackup(name);
		if (!done.ok) message = done.message;
		else message = `Restored. Your previous records are kept as ${done.answer.aside}.`;
		await refresh();
		busy = false;
	}
</script>

<section aria-labelledby="backups">
	<h2 id="backups">Backups</h2>
	<p class="last">
		{#if last}<strong>Last backup {passedInWords(last.at, Date.now())}.</strong>{:else}<strong
				>No backup yet.</strong
			>{/if}
	</p>
	{#if backups.failed}
		<p class="notice">
			The last try failed, {passedInWords(backups.failed.at, Date.now())}. {backups.failed.why}
		</p>
	{/if}
	<p class="soft">
		Made once a day while the program runs, and before a new version changes the tables. Each one is checked.
		One is kept for each of the last 7 days, 4 weeks and 12 months.
	</p>
	<p class="soft path">
		In {backups.folder}{#if backups.second}<br />and in {backups.second}{:else}; on this disk only: choose a
			folder on another one with <code>--second-backup</code>{/if}.
	</p>
	<p><button class="action" disabled={busy} onclick={backUp}>{busy ? 'Working …' : 'Back up now'}</button></p>
	<div role="status">
		{#if message}<p class="notice path">{message}</p>{/if}
	</div>
	{#if backups.items.length > 0}
		<ul aria-label="Backups">
			{#each backups.items as backup (backup.name)}
				<li>
					<span class="figures"><Moment at={backup.at} /></span>
					<span class="soft figures">{sizeInWords(backup.bytes)}</span>
					{#if asked === backup.name}
						<p class="notice">
							All records go back to how they were then. Today’s are set aside, not deleted.
							<span class="buttons">
								<button class="action" disabled={busy} onclick={() => restore(backup)}>Restore it</button>
								<button class="quiet" onclick={() => (asked = null)}>Cancel</button>
							</span>
						</p>
					{:else}
						<button class="quiet" disabled={busy} onclick={() => (asked = backup.name)}
							>Restore this one</button
						>
					{/if}
				</li>
			{/each}
		</ul>
	{/if}
</section>

<style>
	.last {
		font-size: 1.375rem;
	}
	.path {
		overflow-wrap: anywhere;
	}
	section {
		display: grid;
		gap: 0.75rem;
		max-width: 44rem;
	}
	li {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0.25rem 1rem;
		padding-block: 0.5rem;
		border-top: 1px solid var(--line);
	}
	li > :last-child {
		margin-left: auto;
	}
	.buttons {
		display: flex;
		gap: 0.75rem;
		padding-top: 0.5rem;
	}
</style>
