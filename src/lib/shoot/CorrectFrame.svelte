<!-- A frame that was just logged is put right here, without leaving the light. -->
<script module lang="ts">
	import { later } from '$lib/parts/later';

	const form = later(() => import('$lib/frames/FrameForm.svelte'));
</script>

<script lang="ts">
	import Later from '$lib/parts/Later.svelte';
	import { refresh } from '$lib/records/refresh';
	import type { Kept } from '$lib/records/client';
	import type { FrameRecord } from '$contract/records';
	import type { ShootState } from './shoot-state.svelte';

	let { shoot, frameId = $bindable(null) }: { shoot: ShootState; frameId: string | null } = $props();

	let dialog: HTMLDialogElement;
	const found = $derived.by(() => {
		for (const loaded of shoot.answers.loaded) {
			const frame = loaded.frames.find(({ id }) => id === frameId);
			if (frame?.version !== undefined) return { loaded, frame: frame as Kept<FrameRecord> };
		}
		return null;
	});

	$effect(() => {
		if (frameId !== null && found && !dialog.open) dialog.showModal();
		if (frameId === null && dialog.open) dialog.close();
	});

	async function done() {
		frameId = null;
		await refresh();
	}
</script>

<dialog bind:this={dialog} aria-label="Correct it" onclose={() => (frameId = null)}>
	{#if frameId !== null && found}
		{@const { loaded, frame } = found}
		<Later
			part={form}
			given={{
				frame,
				camera: loaded.camera,
				film: loaded.film,
				gear: shoot.answers.gear,
				inside: { done, leave: () => (frameId = null) }
			}}
		/>
	{/if}
</dialog>

<style>
	dialog {
		margin: auto;
		width: min(46rem, 96vw);
		max-height: 94dvh;
		overflow-y: auto;
		background: var(--paper);
		color: var(--ink);
		border: 2px solid var(--ink);
		border-radius: var(--radius-base);
	}
	dialog::backdrop {
		background: rgb(0 0 0 / 0.45);
	}
</style>
