<!-- An exposure counted: the time in figures that are read from afar, one button for the hand, and the frame that comes of it. -->
<script lang="ts">
	import { onMount } from 'svelte';
	import { formatTime } from '$core/units';
	import { heldInWords, verdictInShort } from '$words';
	import AwakeNote from '$lib/timing/AwakeNote.svelte';
	import type { FrameRecord } from '$contract/records';
	import type { ShootState } from '../shoot-state.svelte';

	let { shoot }: { shoot: ShootState } = $props();

	const { counting, logging } = $derived(shoot);
	const counted = $derived(counting.counted);
	const where = $derived(counting.where);
	const loaded = $derived(shoot.answers.loaded.find(({ id }) => id === counted?.frame.loadId));
	const ended = $derived(counted?.endedAt !== undefined);
	const frame = $derived(
		counted && loaded && counting.held !== null ? logging.asHeld(loaded, counted, counting.held) : null
	);

	let dialog: HTMLDialogElement;
	$effect(() => {
		if (counted && !dialog.open) dialog.showModal();
		if (!counted && dialog.open) dialog.close();
	});
	onMount(() => counting.watch());

	const tenths = (seconds: number) => (seconds < 100 ? seconds.toFixed(1) : seconds.toFixed(0));
	const figure = $derived.by(() => {
		if (!where) return '';
		if (where.phase === 'count-in') return String(where.left);
		if (ended || counted?.automatic) return tenths(where.held);
		return where.phase === 'open' ? tenths(where.left) : `+${tenths(where.held - (counted?.wanted ?? 0))}`;
	});
	const says = $derived.by(() => {
		if (!where || !counted) return '';
		if (ended) return where.phase === 'count-in' ? 'It wasn’t opened' : 'Closed';
		if (where.phase === 'count-in') return 'Ready';
		if (counted.automatic) return 'Open: touch when it closes';
		return where.phase === 'open' ? 'Open' : 'Close now';
	});

	const primary = $derived.by(() => {
		if (!ended) {
			const can = where?.phase !== 'count-in';
			const name = counted?.automatic ? 'It closed' : 'I closed it';
			return { name, can, run: () => can && counting.end() };
		}
		return frame && loaded
			? { name: `Log frame ${loaded.next}`, can: true, run: log }
			: { name: 'Count again', can: true, run: () => counting.again() };
	});

	async function log() {
		// What is derived from the count is gone once the count is left.
		const [camera, made] = [loaded, $state.snapshot(frame) as FrameRecord | null];
		if (!camera || !made) return;
		counting.leave();
		await logging.keepHeld(camera, made);
	}
</script>

<dialog bind:this={dialog} aria-labelledby="count-title" oncancel={(event) => event.preventDefault()}>
	{#if counted && where}
		<div class="inside">
			<h2 id="count-title">
				{loaded?.camera.name ?? 'A camera that is no longer loaded'}:
				{counted.automatic ? 'about ' : ''}{formatTime(counted.wanted)}
			</h2>
			<p class="says figure" role="status">{says}</p>
			<p class="time figure figures" aria-hidden="true">{figure}</p>
			{#if ended && counting.held !== null}
				<p>{heldInWords(counted.wanted, counting.held)}</p>
				{#if frame?.predicted}<p>That makes it {verdictInShort(frame.predicted)}.</p>{/if}
			{:else if !ended}
				{#if counting.silent}
					<p>
						This page was reopened. The time is right; there’s no sound until you touch the page.
						<button class="plain-link" onclick={() => counting.sound()}>Sound on</button>
					</p>
				{:else if counting.wasAway}
					<p>The page was in the background. The time is right; you may have missed a sound.</p>
				{/if}
				<AwakeNote />
			{/if}
			<div class="buttons">
				<!-- One and the same button, so that the hand and the focus stay where they are. -->
				<!-- svelte-ignore a11y_autofocus -->
				<button class="action" autofocus aria-disabled={!primary.can} onclick={primary.run}
					>{primary.name}</button
				>
				{#if ended && frame}<button class="quiet" onclick={() => counting.again()}>Count again</button>{/if}
				<button class="quiet" onclick={() => counting.leave()}>Cancel, log nothing</button>
			</div>
		</div>
	{/if}
</dialog>

<style>
	dialog {
		inset: 0;
		width: 100vw;
		height: 100dvh;
		max-width: none;
		max-height: none;
		margin: 0;
		border: 0;
		background: var(--paper);
		color: var(--ink);
	}
	.inside {
		display: grid;
		grid-template-rows: auto auto 1fr;
		justify-items: center;
		gap: 0.75rem;
		min-height: 100dvh;
		padding: 1.25rem;
		text-align: center;
	}
	h2 {
		font-size: 1.25rem;
	}
	.says {
		font-size: 2rem;
	}
	.time {
		align-self: center;
		font-size: min(38vw, 50dvh);
		line-height: 1;
	}
	.buttons {
		display: grid;
		gap: 0.75rem;
		width: min(100%, 30rem);
	}
	.buttons .action[aria-disabled='true'] {
		opacity: 0.6;
	}
	.buttons .action {
		min-height: 5rem;
		font-size: 1.5rem;
	}
</style>
