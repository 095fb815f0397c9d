<!-- The one primary action, and what became of it. -->
<script lang="ts">
	import { invalidateAll } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { outbox } from '$lib/records/outbox.svelte';
	import type { ShootState } from './shoot-state.svelte';

	let { shoot }: { shoot: ShootState } = $props();

	const chosen = $derived(shoot.chosen);
	const logged = $derived(shoot.log.logged);
	const waiting = $derived(outbox.waiting.length);
	const fresh = $derived(logged !== null && logged.saved !== false);
</script>

<div class="log">
	{#if chosen?.finished}
		<a class="action" href={resolve(`/bag/load?camera=${chosen.camera.id}`)}>Load another film</a>
	{:else}
		<button class="action" disabled={!shoot.canLog} onclick={() => shoot.logFrame()}>
			<span>{chosen ? `Took frame ${chosen.next}` : 'Took it'}</span>
			{#if !shoot.narrow}<span class="key" aria-hidden="true">Enter</span>{/if}
		</button>
	{/if}
	<div role="status" class="status">
		{#if logged && fresh}
			<span
				>{logged.saved
					? `Frame ${logged.number} of ${logged.camera} saved`
					: `Saving frame ${logged.number} …`}</span
			>
			{#if logged.saved}<button class="plain-link" onclick={() => shoot.log.undo(invalidateAll)}>Undo</button
				>{/if}
		{/if}
		{#if logged?.problem}<span>{logged.problem}</span>{/if}
		{#if waiting > 0 && !(logged && logged.saved === null)}
			<span class="notice">
				Not saved yet: {waiting === 1 ? 'one entry is' : `${waiting} entries are`} kept here, in this browser.
				{#each outbox.waiting.filter((item) => item.problem) as item (item.id)}
					{item.problem} <button class="plain-link" onclick={() => outbox.forget(item.id)}>Drop it</button>
				{/each}
				<button class="plain-link" onclick={() => outbox.sendAll()}>Save now</button>
			</span>
		{/if}
	</div>
</div>

<style>
	.log {
		display: grid;
		gap: 0.35rem;
	}
	.action {
		width: 100%;
		min-height: 3.5rem;
		justify-content: space-between;
		font-size: 1.125rem;
		padding-inline: 1.25rem;
	}
	.key {
		font-size: 0.8125rem;
		font-weight: 400;
	}
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
	/* Above the button, which must not move under a thumb. */
	@media (max-width: 820px) {
		.status {
			order: -1;
			min-height: 0;
		}
	}
</style>
