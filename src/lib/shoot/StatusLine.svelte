<!-- What became of the last frame, and what waits to be saved. -->
<script lang="ts">
	import { outbox } from '$lib/records/outbox.svelte';
	import type { ShootState } from './shoot-state.svelte';
	import { counted } from '$words';

	interface Props {
		shoot: ShootState;
		oncorrect: (frameId: string) => void;
	}
	let { shoot, oncorrect }: Props = $props();

	const { logging } = $derived(shoot);
	const logged = $derived(logging.log.logged);
	const waiting = $derived(outbox.unsaved.length);
	const fresh = $derived(logged !== null && logged.saved !== false);

	const named = (numbers: readonly number[]) =>
		numbers.length === 1 ? `Frame ${numbers[0]}` : `Frames ${numbers[0]} to ${numbers[numbers.length - 1]}`;
</script>

<div role="status" class="status">
	{#if logged && fresh}
		<span
			>{logged.saved
				? `${named(logged.numbers)} of ${logged.camera} saved`
				: `Saving ${named(logged.numbers).toLowerCase()} …`}</span
		>
		{#if logged.saved}
			<button class="plain-link" onclick={() => logging.undo()}>Undo</button>
			<button class="plain-link" onclick={() => oncorrect(logged.ids[0])}>Correct it</button>
		{/if}
	{/if}
	{#if logged?.problem}<span>{logged.problem}</span>{/if}
	{#if logging.problem}<span>{logging.problem}</span>{/if}
	{#if waiting > 0}
		<span class="notice">
			Not saved yet: {counted(waiting, 'one entry is', '# entries are')} kept here, in this browser.
			{#if !outbox.outlivesThePage}
				Its storage is full or switched off: keep this page open until they are saved.
			{/if}
			{#each outbox.unsaved.filter((item) => item.problem) as item (item.id)}
				{item.problem} <button class="plain-link" onclick={() => outbox.drop(item.id)}>Discard it</button>
			{/each}
			<button class="plain-link" onclick={() => outbox.sendAll(true)}>Save now</button>
		</span>
	{/if}
</div>

<style>
	.status {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0 0.75rem;
		min-height: 2.75rem;
	}
	.plain-link {
		font-weight: var(--heavy);
	}
	@media (max-width: 820px), (max-height: 500px) {
		.status {
			font-size: 0.9375rem;
			line-height: 1.2;
		}
		.notice {
			padding: 0.15rem 0.5rem;
			font-size: 0.875rem;
		}
	}
</style>
