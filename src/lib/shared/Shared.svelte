<!-- A picture that another program handed over: of a frame that came out, or of a place, for its light. -->
<script lang="ts">
	import { onMount } from 'svelte';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import type { Light } from '$core/light';
	import { momentInWords } from '$words';
	import { LightDesk, type LightRecords } from '$lib/light/light-desk.svelte';
	import PhotoPanel from '$lib/light/PhotoPanel.svelte';
	import DropFiles from '$lib/parts/DropFiles.svelte';
	import FromFile from '$lib/parts/FromFile.svelte';
	import { pictures } from '$lib/records/pictures.svelte';
	import { forgetShared, sharedPictures } from '$lib/records/shared-pictures';

	interface Props {
		/** What it may be a picture of. */
		frames: {
			id: string;
			number: number;
			camera: string;
			film: string;
			takenAt: string;
			zone?: string;
			subject?: string;
		}[];
		records: LightRecords;
		locale: string;
	}
	let { frames, records, locale }: Props = $props();

	type Shared = Awaited<ReturnType<typeof sharedPictures>>[number];

	let shared = $state.raw<Shared[] | null>(null);
	let isOf = $state<'frame' | 'place' | null>(null);
	let busy = $state(false);
	let problem = $state('');
	/** Where the first one that was put to a frame is judged. */
	let judging: string | null = null;

	const first = $derived(shared?.[0]);
	const lights = new LightDesk(() => records);

	onMount(async () => (shared = await sharedPictures().catch(() => [])));

	/** One is dealt with; the next comes, or what the first was for. */
	async function done(then: string): Promise<void> {
		const [one, ...rest] = shared!;
		await forgetShared(one);
		[shared, isOf, problem] = [rest, null, ''];
		if (rest.length > 0) return;
		// eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved where it is named
		await goto(judging ?? then, { replaceState: true });
	}

	async function putTo(frame: string): Promise<void> {
		busy = true;
		const added = await pictures.add('frame', frame, first!.file);
		busy = false;
		if ('problem' in added) {
			problem = added.problem;
			return;
		}
		const { id } = 'picture' in added ? added.picture : added.waits;
		judging ??= resolve(`/frames/${frame}/judge?picture=${id}`);
		await done(judging);
	}

	async function read(light: Light): Promise<void> {
		await lights.keep(light);
		if (lights.problem) problem = `Not saved: ${lights.problem}`;
		else await done(resolve('/'));
	}

	async function leave(): Promise<void> {
		await done(resolve('/'));
	}
</script>

<svelte:head><title>A picture · Just Enough</title></svelte:head>
<div class="page stack">
	<h1>What is this a picture of?</h1>
	{#if shared === null}
		<p aria-busy="true">Opening it …</p>
	{:else if !first}
		<p>No picture arrived. Share one to Just Enough from your pictures, or choose one here.</p>
		<DropFiles
			label="Drop a picture here, or choose one"
			hint="It goes nowhere until you say what it is."
			accept="image/*"
			multiple
			onfiles={(files) =>
				(shared = files.map((file, at) => ({ address: resolve(`/shared?chosen=${at}`), file })))}
		/>
	{:else}
		{#key first.address}
			<div class="shown"><FromFile file={first.file} alt="The picture {first.file.name}" /></div>
		{/key}
		{#if shared.length > 1}<p class="soft">The first of {shared.length}.</p>{/if}
		<div class="row" role="group" aria-label="What it is a picture of">
			<button class="quiet" aria-pressed={isOf === 'frame'} onclick={() => (isOf = 'frame')}
				>A frame of mine: judge it</button
			>
			<button class="quiet" aria-pressed={isOf === 'place'} onclick={() => (isOf = 'place')}
				>What is in front of me: its light</button
			>
			<button class="quiet" onclick={leave}>Neither: discard it</button>
		</div>
		<div role="status">
			{#if problem}<p class="notice">{problem}</p>{/if}
		</div>
		{#if isOf === 'frame'}
			{#if frames.length === 0}
				<p>Every frame of your last loads is judged. Others are under Frames.</p>
			{:else}
				<h2>Which frame?</h2>
				<ul class="frames">
					{#each frames as frame (frame.id)}
						<li>
							<button class="quiet" disabled={busy} onclick={() => putTo(frame.id)}>
								<strong>{frame.camera}, frame {frame.number}</strong>
								<span class="soft"
									>{[frame.film, momentInWords(frame.takenAt, { zone: frame.zone, locale }), frame.subject]
										.filter(Boolean)
										.join(' · ')}</span
								>
							</button>
						</li>
					{/each}
				</ul>
			{/if}
		{:else if isOf === 'place'}
			<h2>Its light</h2>
			<div class="light">
				{#key first.address}<PhotoPanel light={null} file={first.file} onread={read} />{/key}
			</div>
		{/if}
	{/if}
</div>

<style>
	.shown :global(img) {
		display: block;
		max-width: 100%;
		max-height: 16rem;
		border: 1px solid var(--line);
	}
	.row {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem;
	}
	@media (max-width: 820px) {
		.row > .quiet {
			flex: 1 1 100%;
		}
	}
	[aria-pressed='true'] {
		background: var(--ink);
		color: var(--paper);
	}
	.frames {
		display: grid;
		gap: 0.5rem;
		max-width: 44rem;
		padding: 0;
		list-style: none;
	}
	.frames button {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		gap: 0.25rem 1rem;
		width: 100%;
		text-align: left;
	}
	.light {
		display: grid;
		gap: 0.75rem;
		max-width: 26rem;
	}
</style>
