<!-- A lab's scans put against the frames of a load, and what was logged written into copies of them. -->
<script lang="ts">
	import { onDestroy } from 'svelte';
	import { resolve } from '$app/paths';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import DropFiles from '$lib/parts/DropFiles.svelte';
	import { ScanDesk, type FrameOfLoad, type How } from './scan-desk.svelte';
	import { counted } from '$words';

	interface Props {
		load: { id: string; title: string };
		frames: FrameOfLoad[];
	}
	let { load, frames }: Props = $props();

	// svelte-ignore state_referenced_locally -- the page is made anew for another load
	const desk = new ScanDesk(frames);
	onDestroy(() => desk.forget());

	const choices = $derived([
		{ value: '', name: 'no frame of these' },
		...frames.map(({ id, number, line }) => ({ value: id, name: `${number}${line ? ` · ${line}` : ''}` }))
	]);

	/** Files on the page at first. */
	const AT_ONCE = 60;
	let most = $state(AT_ONCE);

	const ways: Readonly<Record<How, { name: string; hint: string; verb: string }>> = {
		copies: {
			name: 'Copies with it inside',
			hint: 'JPEG, PNG, WebP and TIFF; raw files get an .xmp beside them. No pixel changes.',
			verb: 'Write it into copies'
		},
		beside: {
			name: 'Only .xmp files, to lie beside them',
			hint: 'Put them into the folder of the scans.',
			verb: 'Write .xmp files'
		},
		table: {
			name: 'A table for exiftool',
			hint: 'exiftool -sep "; " -csv=exiftool.csv FOLDER',
			verb: 'Write the table'
		}
	};
	const files = (count: number) => counted(count, '1 file', '# files');
	const numbers = (of: readonly FrameOfLoad[]) => of.map(({ number }) => number).join(', ');
</script>

<svelte:head><title>Write into scans · Just Enough</title></svelte:head>
<div class="page stack">
	<p><a class="plain-link" href={resolve(`/frames?load=${load.id}`)}>{load.title}</a></p>
	<h1>Write into scans</h1>
	{#if frames.length === 0}
		<p class="notice">Nothing is logged on this load yet, so there’s nothing to write into its scans.</p>
	{:else}
		{#if desk.scans.length === 0}
			<p class="soft">
				Aperture, time, film, place, time of day and your notes go into copies of the lab’s files, where any
				other program can read them. Your files stay as they are.
			</p>
		{/if}
		<DropFiles
			label={desk.scans.length > 0
				? 'Other files: drop or choose them'
				: 'Drop the lab’s folder here, or choose its files'}
			hint="They aren’t stored here."
			multiple
			disabled={desk.busy !== null}
			onfiles={(dropped) => desk.take(dropped)}
		/>
		{#if desk.scans.length > 0}
			<section class="stack" aria-labelledby="pairs">
				<h2 id="pairs">{files(desk.scans.length)}, {frames.length} logged</h2>
				<p>
					{desk.byNumber
						? 'Matched by the numbers in their names.'
						: 'No frame numbers in their names: matched in order.'}
					{#if desk.without.length > 0}
						<strong
							>No file for {counted(desk.without.length, 'frame', 'frames')} {numbers(desk.without)}.</strong
						>
					{/if}
				</p>
				<p class="buttons">
					<button class="quiet" onclick={desk.turn}>Reverse the roll</button>
					<button class="quiet" onclick={desk.guess}>Back to the guess</button>
				</p>
				<ol>
					{#each desk.scans.slice(0, most) as { file, picture }, at (at)}
						<li>
							<div class="pictures">
								{#if picture}<img src={picture} alt="" />{:else}<span class="none small soft">no preview</span
									>{/if}
								{#if desk.shown[at]?.picture}<img
										src={resolve(`/api/pictures/${desk.shown[at].picture}/thumbnail`)}
										alt=""
									/>{/if}
							</div>
							<div class="choice">
								<ChoiceField
									label="Frame on {file.name}"
									value={desk.shown[at]?.id ?? ''}
									options={choices}
									onchange={(frame) => desk.put(at, frame)}
								/>
								<span class="slips small">
									From here on:
									<button
										class="plain-link"
										onclick={() => desk.slip(at, -1)}
										aria-label="One frame earlier from {file.name} on">one frame earlier</button
									>
									<button
										class="plain-link"
										onclick={() => desk.slip(at, 1)}
										aria-label="One frame later from {file.name} on">one frame later</button
									>
								</span>
							</div>
						</li>
					{/each}
				</ol>
				{#if desk.scans.length > most}
					<button class="quiet" onclick={() => (most += AT_ONCE)}
						>Show more ({most} of {desk.scans.length} shown)</button
					>
				{/if}
			</section>
			<fieldset>
				<legend>What you want</legend>
				{#each Object.entries(ways) as [how, { name, hint }] (how)}
					<label class="way">
						<input
							type="radio"
							name="how"
							value={how}
							checked={desk.how === how}
							onchange={() => desk.choose(how as How)}
						/>
						<span>{name} <span class="soft small">{hint}</span></span>
					</label>
				{/each}
			</fieldset>
			<p>
				<button
					class={desk.result ? 'quiet' : 'action'}
					disabled={desk.busy !== null || desk.pairs.length === 0}
					onclick={() => desk.write(load.title)}>{ways[desk.how].verb}: {files(desk.pairs.length)}</button
				>
			</p>
			<div role="status">
				{#if desk.busy !== null}<p class="soft">Writing: {desk.busy} of {desk.pairs.length} done …</p>{/if}
				{#each desk.problems as problem (problem)}<p class="notice">{problem}</p>{/each}
				{#if desk.result}
					<p>
						Written for {files(desk.result.files)}, read back and checked.
						<!-- eslint-disable-next-line svelte/no-navigation-without-resolve -- a file of this page -->
						<a class="action" href={desk.result.address} download={desk.result.name}
							>Save {desk.result.name}</a
						>
					</p>
				{/if}
			</div>
		{/if}
	{/if}
</div>

<style>
	.buttons {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem 0.75rem;
	}
	li {
		display: flex;
		flex-wrap: wrap;
		align-items: start;
		gap: 0.5rem 1rem;
		padding-block: 0.6rem;
		border-top: 1px solid var(--line);
	}
	.pictures {
		display: flex;
		gap: 0.5rem;
	}
	img,
	.none {
		width: 8rem;
		height: 6rem;
		object-fit: contain;
		border: 1px solid var(--line);
	}
	.none {
		display: grid;
		place-content: center;
	}
	.choice {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		gap: 0.35rem;
		flex: 1 1 16rem;
		overflow-wrap: anywhere;
	}
	.slips {
		display: flex;
		flex-wrap: wrap;
		gap: 0 0.75rem;
		align-items: center;
	}
	.way {
		display: flex;
		gap: 0.6rem;
		padding-block: 0.4rem;
	}
</style>
