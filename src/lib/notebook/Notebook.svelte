<!-- An old notebook from any spreadsheet: what its columns hold, every row with its problem, then all of it or nothing. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { cameraKinds } from '$core/camera';
	import { filmTypes, type FilmType } from '$core/film';
	import { dateOrders, type NotebookField, type NotebookRow } from '$core/notebook';
	import { formatAperture, formatDistance, formatTime } from '$core/units';
	import { counted, filmTypeName, framesInWords } from '$words';
	import type { Bag } from '$contract/notebook';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import DropFiles from '$lib/parts/DropFiles.svelte';
	import { fieldNames, orderNames } from './notebook-names';
	import { NotebookDesk } from './notebook-desk.svelte';

	let { bag }: { bag: Bag } = $props();

	const desk = new NotebookDesk(() => bag);
	const NOTHING = 'none of these';
	const fields = [
		{ value: '', name: NOTHING },
		...Object.entries(fieldNames).map(([value, name]) => ({ value, name }))
	];

	/** Rows on the page at first. */
	const AT_ONCE = 100;
	let most = $state(AT_ONCE);

	const MAKE = 'make:';
	/** A row as it is read, in one line. */
	const inShort = ({ date, clock, f, seconds, distance, subject, note, place }: NotebookRow) =>
		[
			[date, clock].filter(Boolean).join(', '),
			f !== undefined && formatAperture(f),
			seconds !== undefined && formatTime(seconds),
			distance !== undefined && formatDistance(distance),
			subject,
			note,
			place
		]
			.filter(Boolean)
			.join(' · ');
</script>

<svelte:head><title>An old notebook · Just Enough</title></svelte:head>
<div class="page stack">
	<p><a class="plain-link" href={resolve('/frames/all')}>All frames</a></p>
	<h1>Import an old notebook</h1>
	<DropFiles
		label={desk.head.length > 0 ? 'Another table: drop or choose it' : 'Drop a table here, or choose it'}
		hint="CSV, from any spreadsheet: one row per frame, with column names in the first."
		accept=".csv,.tsv,.txt,text/csv"
		disabled={desk.busy}
		onfiles={([file]) => desk.take(file)}
	/>
	<div role="status">
		{#if desk.problem}<p class="notice">{desk.problem}</p>{/if}
		{#if desk.message}
			<p class="notice">
				{desk.message}
				{#if desk.undo}<button class="plain-link" disabled={desk.busy} onclick={() => desk.undo?.()}
						>Undo</button
					>{/if}
			</p>
		{/if}
	</div>
	{#if desk.head.length > 0}
		<section class="stack" aria-labelledby="columns">
			<h2 id="columns">What the columns are</h2>
			<div class="fields">
				{#each desk.head as title, at (at)}
					<ChoiceField
						label={title.trim() || `Column ${at + 1}`}
						value={desk.columns[at] ?? ''}
						options={fields}
						onchange={(field) => desk.hold(at, (field || null) as NotebookField | null)}
					/>
				{/each}
			</div>
			<div class="fields">
				{#if desk.orders.length !== 1}
					<ChoiceField
						label="Dates are"
						hint={desk.orders.length > 1 ? 'They can be read more than one way: choose one.' : ''}
						value={desk.reading.order}
						options={(desk.orders.length > 0 ? desk.orders : dateOrders).map((value) => ({
							value,
							name: orderNames[value]
						}))}
						onchange={(order) => desk.mean({ order })}
					/>
				{/if}
				{#if desk.columns.includes('time')}
					<ChoiceField
						label="A time of 125 is"
						value={desk.reading.partial ? 'part' : 'whole'}
						options={[
							{ value: 'part', name: '1/125 s' },
							{ value: 'whole', name: '125 s' }
						]}
						onchange={(way) => desk.mean({ partial: way === 'part' })}
					/>
				{/if}
				{#if desk.columns.includes('distance')}
					<ChoiceField
						label="A distance of 3 is"
						value={desk.reading.feet ? 'feet' : 'metres'}
						options={[
							{ value: 'metres', name: '3 m' },
							{ value: 'feet', name: '3 feet' }
						]}
						onchange={(unit) => desk.mean({ feet: unit === 'feet' })}
					/>
				{/if}
			</div>
		</section>
		<section class="stack" aria-labelledby="things">
			<h2 id="things">Cameras and films</h2>
			<div class="fields">
				{#each desk.cameras as { name, choice } (name)}
					<ChoiceField
						label={name || 'Rows without a camera'}
						value={'id' in choice ? choice.id : `${MAKE}${choice.kind}`}
						options={[
							...bag.cameras.map((camera) => ({ value: camera.id, name: camera.name })),
							...cameraKinds.map((kind) => ({ value: `${MAKE}${kind.id}`, name: `new: ${kind.name}` }))
						]}
						onchange={(value) =>
							desk.chooseCamera(
								name,
								value.startsWith(MAKE) ? { kind: value.slice(MAKE.length) } : { id: value }
							)}
					/>
				{/each}
				{#each desk.films as { key, choice, iso } (key)}
					<ChoiceField
						label={key || 'Rows without a film'}
						value={'id' in choice ? choice.id : `${MAKE}${choice.type}`}
						options={[
							...bag.films.map((film) => ({ value: film.id, name: film.name })),
							...filmTypes.map((type) => ({
								value: `${MAKE}${type}`,
								name: `new: ${filmTypeName[type]}, ISO ${iso}`
							}))
						]}
						onchange={(value) =>
							desk.chooseFilm(
								key,
								value.startsWith(MAKE) ? { type: value.slice(MAKE.length) as FilmType, iso } : { id: value }
							)}
					/>
				{/each}
			</div>
		</section>
		<section class="stack" aria-labelledby="rows">
			<h2 id="rows">
				{framesInWords(desk.good.length)} of {counted(desk.rolls, 'one roll', '# rolls')}{desk.bad.length > 0
					? `, ${desk.bad.length} with a problem`
					: ''}
			</h2>
			{#if !desk.columns.includes('clock')}
				<p class="soft">Frames without a time of day count from noon, a minute apart.</p>
			{/if}
			<ol aria-label="Rows">
				{#each desk.rows.slice(0, most) as { row, problems } (row.line)}
					<li class:bad={problems.length > 0}>
						<span class="soft small">line {row.line}</span>
						<span><strong>{[row.camera, row.film, row.number].filter(Boolean).join(' · ')}</strong></span>
						<span class="figures">{inShort(row)}</span>
						{#if problems.length > 0}<strong class="problem">{problems.join('; ')}</strong>{/if}
					</li>
				{/each}
			</ol>
			{#if desk.rows.length > most}
				<button class="quiet" onclick={() => (most += AT_ONCE)}
					>Show more ({most} of {desk.rows.length} shown)</button
				>
			{/if}
			{#if desk.bad.length > 0}
				<label class="tick-box">
					<input type="checkbox" bind:checked={desk.leaving} /> Skip rows with a problem
				</label>
			{/if}
			<p>
				<button class="action" disabled={!desk.ready || desk.busy} onclick={() => desk.bring()}
					>Bring {framesInWords(desk.good.length)} in</button
				>
			</p>
		</section>
	{/if}
</div>

<style>
	.page {
		max-width: 64rem;
	}
	.fields {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(min(10rem, 100%), 1fr));
		gap: 0.75rem;
	}
	li {
		display: grid;
		grid-template-columns: 4rem minmax(0, 1fr) minmax(0, 1.5fr);
		gap: 0 1rem;
		align-items: baseline;
		padding: 0.4rem 0;
		border-bottom: 1px solid var(--line);
		overflow-wrap: anywhere;
	}
	.bad {
		border-left: 4px solid var(--ink);
		padding-left: 0.5rem;
	}
	.problem {
		grid-column: 2 / -1;
	}
	@media (max-width: 820px) {
		li {
			grid-template-columns: minmax(0, 1fr);
		}
		.problem {
			grid-column: auto;
		}
	}
</style>
