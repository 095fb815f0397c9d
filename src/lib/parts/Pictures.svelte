<!-- Pictures of a frame or of a camera: dropped or chosen, kept as they are, shown small. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { MOST_PICTURE_BYTES, takenFiles, type PictureOwner, type PictureRecord } from '$contract/pictures';
	import { letGoOfPicture } from '$lib/records/decisions';
	import { pictures as onTheirWay } from '$lib/records/pictures.svelte';
	import FromFile from './FromFile.svelte';
	import { refresh } from '$lib/records/refresh';
	import type { ShownPicture } from './shown-picture';
	import DropFiles from './DropFiles.svelte';

	interface Props {
		owner: PictureOwner;
		ownerId: string;
		pictures: PictureRecord[];
		/** What a picture is called here: "scan", "picture". */
		what: string;
		/** What can be done with a picture beside deleting it. */
		onpick?: (picture: ShownPicture) => void;
		pick?: string;
	}
	let { owner, ownerId, pictures, what, onpick, pick = '' }: Props = $props();

	let busy = $state(false);
	let problems = $state<string[]>([]);
	let removed = $state.raw<File | null>(null);

	const megabytes = Math.round(MOST_PICTURE_BYTES / 1024 ** 2);

	async function take(files: Iterable<File>) {
		[busy, problems] = [true, []];
		for (const file of files) {
			const tooLarge = file.size > MOST_PICTURE_BYTES;
			const kept = tooLarge
				? { problem: `larger than ${megabytes} MB: make it smaller first.` }
				: await onTheirWay.add(owner, ownerId, file);
			if ('problem' in kept) problems = [...problems, `${file.name}: ${kept.problem}`];
		}
		await refresh();
		busy = false;
	}

	/** Deletes one, and holds its file so that it can come back. */
	async function remove(picture: PictureRecord) {
		const response = await fetch(resolve(`/api/pictures/${picture.id}`)).catch(() => null);
		const file = response?.ok
			? new File([await response.blob()], picture.name, { type: picture.type })
			: null;
		if (!file || !(await onTheirWay.remove(picture.id))) {
			problems = [`${picture.name}: not deleted, the server isn’t answering.`];
			return;
		}
		removed = file;
		await refresh();
	}

	async function bringBack() {
		const file = removed;
		removed = null;
		if (file) await take([file]);
	}
</script>

<div class="pictures">
	{#each pictures as picture (picture.id)}
		<figure>
			<a href={resolve(`/api/pictures/${picture.id}`)} target="_blank" rel="noopener">
				<img
					src={resolve(`/api/pictures/${picture.id}/thumbnail`)}
					loading="lazy"
					alt="{what} {picture.name}, {picture.width} by {picture.height} pixels"
				/>
			</a>
			<figcaption class="small">
				{#if onpick}<button type="button" class="plain-link" onclick={() => onpick(picture)}>{pick}</button
					>{/if}
				<button type="button" class="plain-link" onclick={() => remove(picture)}>Delete</button>
			</figcaption>
		</figure>
	{/each}
	{#each onTheirWay.of(owner, ownerId) as waiting (waiting.id)}
		<figure>
			<FromFile file={waiting.file} alt="{what} {waiting.name}" />
			<figcaption class="small">
				<span>{waiting.problem ? 'Not taken' : 'Waits to be sent'}</span>
				{#if onpick}<button type="button" class="plain-link" onclick={() => onpick(waiting)}>{pick}</button
					>{/if}
				<button type="button" class="plain-link" onclick={() => letGoOfPicture(waiting.id)}>Delete</button>
				{#if waiting.problem}<p class="notice">{waiting.problem}</p>{/if}
			</figcaption>
		</figure>
	{/each}
	<DropFiles
		label={busy ? 'Keeping it …' : `Drop a ${what} here, or choose one`}
		hint="JPEG, PNG, WebP, TIFF, HEIC, AVIF or raw, at most {megabytes} MB; kept as it is"
		accept={takenFiles}
		multiple
		disabled={busy}
		onfiles={take}
	/>
</div>
<div role="status">
	{#each problems as problem (problem)}<p class="notice">{problem}</p>{/each}
	{#if removed}
		<p>
			{removed.name} is deleted. <button type="button" class="plain-link" onclick={bringBack}>Undo</button>
		</p>
	{/if}
</div>

<style>
	.pictures {
		display: flex;
		flex-wrap: wrap;
		gap: 0.75rem;
		align-items: flex-start;
	}
	.pictures :global(img) {
		display: block;
		height: 8rem;
		max-width: 14rem;
		object-fit: contain;
		border: 1px solid var(--line);
	}
	figcaption {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		max-width: 16rem;
		gap: 0 0.75rem;
	}
</style>
