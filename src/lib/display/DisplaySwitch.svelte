<script lang="ts">
	import { SegmentedControl } from '@skeletonlabs/skeleton-svelte';
	import { DISPLAY_COOKIE, displayOf, displays, type Display } from './displays';

	let { initial }: { initial: Display } = $props();
	// svelte-ignore state_referenced_locally -- the server's word counts only at the start
	let chosen = $state(initial);

	const A_YEAR = 31_536_000;

	function choose(value: string | null) {
		chosen = displayOf(value ?? undefined);
		document.documentElement.dataset.theme = chosen;
		document.cookie = `${DISPLAY_COOKIE}=${chosen}; path=/; max-age=${A_YEAR}; samesite=lax`;
	}
</script>

<SegmentedControl value={chosen} onValueChange={(details) => choose(details.value)} aria-label="Display">
	<SegmentedControl.Control class="switch">
		{#each displays as display (display.id)}
			<SegmentedControl.Item value={display.id} class="switch-item">
				<SegmentedControl.ItemText
					>{display.short}<span class="rest">{display.name.slice(display.short.length)}</span
					></SegmentedControl.ItemText
				>
				<SegmentedControl.ItemHiddenInput />
			</SegmentedControl.Item>
		{/each}
	</SegmentedControl.Control>
</SegmentedControl>

<style>
	/* Read aloud everywhere, seen where there is room. */
	@media (max-width: 820px) {
		.rest {
			position: absolute;
			width: 1px;
			height: 1px;
			overflow: hidden;
			clip-path: inset(50%);
		}
	}
</style>
