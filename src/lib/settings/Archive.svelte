<!-- Everything out in one file, and everything back from one: looked through first. -->
<script lang="ts">
	import { onMount } from 'svelte';
	import { resolve } from '$app/paths';
	import DropFiles from '$lib/parts/DropFiles.svelte';
	import { onLaunched } from '$lib/parts/launched';
	import Moment from '$lib/parts/Moment.svelte';
	import { bringArchive, takeArchive, type Brought, type Standing } from '$lib/records/archive';
	import { refresh } from '$lib/records/refresh';

	type Looked = Extract<Brought, { ok: true }>;

	let busy = $state(false);
	let message = $state('');
	let looked = $state<Looked | null>(null);

	const names: Readonly<Record<string, string>> = {
		cameras: 'Cameras',
		films: 'Films',
		gear: 'Filters, flashes and the like',
		places: 'Places',
		recipes: 'Recipes',
		readings: 'Readings',
		exercises: 'Exercises',
		settings: 'Settings',
		outings: 'Outings',
		loads: 'Loads',
		measurements: 'Measurements',
		frames: 'Frames',
		pictures: 'Pictures'
	};
	const standingNames: Readonly<Record<Standing, string>> = {
		new: 'New',
		same: 'Here already',
		conflicting: 'Differ from mine',
		unreadable: 'Can’t be read'
	};
	const standings = Object.keys(standingNames) as Standing[];
	const rows = $derived(
		looked
			? Object.entries(looked.report.kinds).filter(([, tally]) => standings.some((each) => tally[each] > 0))
			: []
	);
	/** Columns that have something in them. */
	const shown = $derived(standings.filter((each) => sum(each) > 0));
	const sum = (of: Standing) => rows.reduce((total, [, tally]) => total + tally[of], 0);

	async function bring(file: File) {
		[busy, message, looked] = [true, '', null];
		const brought = await bringArchive(file);
		if (brought.ok) looked = brought;
		else message = brought.message;
		busy = false;
	}

	onMount(() => onLaunched(bring));

	async function take(conflicts: 'keep' | 'take') {
		busy = true;
		const { id } = looked!;
		const done = await takeArchive(id, conflicts);
		if (done.ok) {
			const fresh = Object.values(done.report.kinds).reduce((total, tally) => total + tally.new, 0);
			message = fresh === 0 ? 'Imported: nothing in it was new.' : `Imported: ${fresh} new.`;
			looked = null;
			await refresh();
		} else message = done.message;
		busy = false;
	}
</script>

<section aria-labelledby="archive">
	<h2 id="archive">Export and import</h2>
	<p class="soft">
		One zip with all records, a table of the frames and the original pictures. Other programs can read it, and
		so can people: it starts with a README.
	</p>
	<p><a class="quiet" href={resolve('/api/export.zip')} download>Export everything</a></p>
	<DropFiles
		label="Import an archive: drop it here, or choose it"
		hint="It’s checked first; nothing is imported until you say so."
		accept=".zip,application/zip"
		disabled={busy}
		onfiles={([file]) => bring(file)}
	/>
	<div role="status">
		{#if busy}<p class="soft">Checking it …</p>{/if}
		{#if message}<p class="notice">{message}</p>{/if}
	</div>
	{#if looked}
		<h3>In it, as of <Moment at={looked.report.made} /></h3>
		{#if rows.length === 0}<p>Nothing at all.</p>{:else}
			<div class="table-box">
				<table class="figures rows">
					<thead>
						<tr
							><th scope="col">What</th>{#each shown as each (each)}<th scope="col">{standingNames[each]}</th
								>{/each}</tr
						>
					</thead>
					<tbody>
						{#each rows as [kind, tally] (kind)}
							<tr>
								<th scope="row">{names[kind] ?? kind}</th>
								{#each shown as each (each)}<td>{tally[each] || '–'}</td>{/each}
							</tr>
						{/each}
					</tbody>
				</table>
			</div>
		{/if}
		{#if looked.report.problems.length > 0}
			<details>
				<summary>Why some can’t be read: they’re left out</summary>
				<ul>
					{#each looked.report.problems as { kind, id, why }, at (at)}
						<li class="small">{names[kind] ?? kind}: {why} <span class="soft">({id})</span></li>
					{/each}
				</ul>
			</details>
		{/if}
		<p class="buttons">
			{#if sum('conflicting') > 0}
				<button class="action" disabled={busy} onclick={() => take('keep')}
					>Import what’s new, keep mine</button
				>
				<button class="quiet" disabled={busy} onclick={() => take('take')}
					>Import all, theirs where they differ</button
				>
			{:else if sum('new') > 0}
				<button class="action" disabled={busy} onclick={() => take('keep')}>Import what’s new</button>
			{:else}
				<strong>All of it is already here.</strong>
			{/if}
			<button class="quiet" onclick={() => (looked = null)}>Cancel</button>
		</p>
	{/if}
	<p>
		From paper, or from another program:
		<a class="plain-link" href={resolve('/frames/notebook')}>import an old notebook</a>, as a table.
	</p>
</section>

<style>
	section {
		display: grid;
		gap: 0.75rem;
		max-width: 44rem;
	}
	.buttons {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0.5rem 0.75rem;
	}
	table {
		width: auto;
	}
	td,
	thead th + th {
		text-align: right;
	}
</style>
