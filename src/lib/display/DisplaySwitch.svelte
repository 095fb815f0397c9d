<script lang="ts">
	import { SegmentedControl } from '@skeletonlabs/skeleton-svelte';
	import { DISPLAY_COOKIE, displayOf, displays, type Display } from './displays';

	let { initial }: { initial: Display } = $props();
	// svelte-ignore state_referenced_locally -- the server's word counts only at the start
	let chosen = $state(initial);

	const at = $derived(displays.findIndex(({ id }) => id === chosen));
	const shown = $derived(displays[at]);
	/** A phone has room for one button, which goes round. */
	const next = $derived(displays[(at + 1) % displays.length]);

	const A_YEAR = 31_536_000;

	function choose(value: string | null) {
		chosen = displayOf(value ?? undefined);
		const { documentElement } = document;
		documentElement.dataset.theme = chosen;
		// A phone puts the display's paper around the page.
		document
			.querySelector('meta[name=theme-color]')
			?.setAttribute('content', getComputedStyle(documentElement).backgroundColor);
		document.cookie = `${DISPLAY_COOKIE}=${chosen}; path=/; max-age=${A_YEAR}; samesite=lax`;
	}
</script>

<div class="all">
	<SegmentedControl value={chosen} onValueChange={(details) => choose(details.value)} aria-label="Display">
		<SegmentedControl.Control class="switch">
			{#each displays as display (display.id)}
				<SegmentedControl.Item value={display.id} class="switch-item">
					<SegmentedControl.ItemText>{display.name}</SegmentedControl.ItemText>
					<SegmentedControl.ItemHiddenInput />
				</SegmentedControl.Item>
			{/each}
		</SegmentedControl.Control>
	</SegmentedControl>
</div>
<button
	class="turn"
	onclick={() => choose(next.id)}
	aria-label="{shown.short}: the display is {shown.name}. Change to {next.name}">{shown.short}</button
>

<style>
	.turn {
		display: none;
		min-height: 2.75rem;
		min-width: 2.75rem;
		padding: 0 0.5rem;
		font-size: 0.8125rem;
		border: 1px solid var(--edge);
		border-radius: var(--radius-base);
		cursor: pointer;
	}
	@media (max-width: 820px) {
		.all {
			display: none;
		}
		.turn {
			display: block;
		}
	}
</style>
