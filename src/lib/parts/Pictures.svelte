<!-- Pictures of a frame or of a camera: dropped or chosen, kept as they are, shown small. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import {
		MOST_PICTURE_BYTES,
		pictureTypes,
		type PictureOwner,
		type PictureRecord
	} from '$contract/pictures';
	import { addPicture, removePicture } from '$lib/records/client';
	import { refresh } from '$lib/records/refresh';

	interface Props {
		owner: PictureOwner;
		ownerId: string;
		pictures: PictureRecord[];
		/** What a picture is called here: "scan", "picture". */
		what: string;
		/** What can be done with a picture beside deleting it. */
		onpick?: (picture: PictureRecord) => void;
		pick?: string;
	}
	let { owner, ownerId, pictures, what, onpick, pick = '' }: Props = $props();

	let busy = $state(false);
	let problems = $state<string[]>([]);
	let removed = $state.raw<File | null>(null);
	let over = $state(false);

	const megabytes = Math.round(MOST_PICTURE_BYTES / 1024 ** 2);

	async function take(files: Iterable<File>) {
		[busy, problems] = [true, []];
		for (const file of files) {
			const tooLarge = file.size > MOST_PICTURE_BYTES;
			const kept = tooLarge
				? { problem: `larger than ${megabytes} MB: make it smaller first.` }
				: await addPicture(owner, ownerId, file);
			if ('problem' in kept) problems = [...problems, `${file.name}: ${kept.problem}`];
		}
		await refresh();
		busy = false;
	}

	async function drop(event: DragEvent) {
		event.preventDefault();
		over = false;
		await take(event.dataTransfer?.files ?? []);
	}

	/** Deletes one, and holds its file so that it can come back. */
	async function remove(picture: PictureRecord) {
		const response = await fetch(resolve(`/api/pictures/${picture.id}`)).catch(() => null);
		const file = response?.ok
			? new File([await response.blob()], picture.name, { type: picture.type })
			: null;
		if (!file || !(await removePicture(picture.id))) {
			problems = [`${picture.name}: not deleted, the server does not answer.`];
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
	<label
		class="drop"
		class:over
		ondragover={(event) => {
			event.preventDefault();
			over = true;
		}}
		ondragleave={() => (over = false)}
		ondrop={drop}
	>
		<span>{busy ? 'Keeping it …' : `Drop a ${what} here, or choose one`}</span>
		<span class="soft small">JPEG, PNG, WebP or TIFF, at most {megabytes} MB; kept as it is</span>
		<input
			type="file"
			class="sr-only"
			multiple
			accept={pictureTypes.join(',')}
			disabled={busy}
			onchange={(event) => take([...(event.currentTarget.files ?? [])])}
		/>
	</label>
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
	img {
		display: block;
		height: 8rem;
		max-width: 14rem;
		object-fit: contain;
		border: 1px solid var(--line);
	}
	figcaption {
		display: flex;
		gap: 0.75rem;
	}
	.drop {
		display: grid;
		place-content: center;
		gap: 0.25rem;
		min-height: 8rem;
		min-width: min(18rem, 100%);
		padding: 0.75rem 1rem;
		border: 2px dashed var(--edge);
		border-radius: var(--radius-base);
		text-align: center;
		cursor: pointer;
	}
	.drop.over,
	.drop:focus-within {
		border-color: var(--ink);
		background: var(--hollow);
	}
</style>
