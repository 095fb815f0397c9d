<!-- What else can be done with a camera or a film. -->
<script lang="ts">
	import type { BagActions, Item } from './bag-actions.svelte';

	interface Props {
		actions: BagActions;
		item: Item;
		links?: { href: string; name: string }[];
	}
	let { actions, item, links = [] }: Props = $props();
	const { name } = $derived(item.record);
	let open = $state(false);

	function act(step: Promise<void>) {
		open = false;
		void step;
	}
</script>

<details name="more-of-the-bag" bind:open>
	<summary class="quiet" aria-label="More for {name}">More</summary>
	<div class="menu">
		{#each links as link (link.href)}
			<!-- eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved where it is named -->
			<a class="plain-link" href={link.href}>{link.name}<span class="sr-only"> of {name}</span></a>
		{/each}
		<button class="plain-link" onclick={() => act(actions.duplicate(item))} aria-label="Duplicate {name}"
			>Duplicate</button
		>
		<button class="plain-link" onclick={() => act(actions.archive(item, true))} aria-label="Archive {name}"
			>Archive</button
		>
		<button class="plain-link" onclick={() => act(actions.erase(item))} aria-label="Delete {name}"
			>Delete</button
		>
	</div>
</details>

<style>
	details {
		position: relative;
	}
	summary {
		font-size: 1rem;
		list-style: none;
		cursor: pointer;
	}
	.menu {
		position: absolute;
		right: 0;
		z-index: 2;
		display: grid;
		padding: 0.25rem 1rem;
		background: var(--panel);
		border: 1px solid var(--edge);
		border-radius: var(--radius-base);
		white-space: nowrap;
	}
	@media (max-width: 820px) {
		.menu {
			right: auto;
			left: 0;
		}
	}
</style>
