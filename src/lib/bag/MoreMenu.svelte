<!-- What else can be done with a camera or a film. -->
<script lang="ts">
	import Menu from '$lib/parts/Menu.svelte';
	import type { BagActions, Item } from './bag-actions.svelte';

	interface Props {
		actions: BagActions;
		item: Item;
		links?: { href: string; name: string }[];
	}
	let { actions, item, links = [] }: Props = $props();
	const { name } = $derived(item.record);
</script>

<Menu label="More for {name}" plain>
	{#snippet children(close)}
		{@const act = (step: Promise<void>) => {
			close();
			void step;
		}}
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
	{/snippet}
</Menu>
