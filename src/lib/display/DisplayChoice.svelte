<!-- The displays beside each other, where there is room for them. -->
<script lang="ts">
	import { SegmentedControl } from '@skeletonlabs/skeleton-svelte';
	import { displays, type Display } from './displays';

	let { chosen, onchoose }: { chosen: Display; onchoose: (display: string | null) => void } = $props();
</script>

<SegmentedControl value={chosen} onValueChange={(details) => onchoose(details.value)} aria-label="Display">
	<SegmentedControl.Control class="switch">
		{#each displays as display (display.id)}
			<SegmentedControl.Item value={display.id} class="switch-item">
				<SegmentedControl.ItemText>{display.name}</SegmentedControl.ItemText>
				<SegmentedControl.ItemHiddenInput />
			</SegmentedControl.Item>
		{/each}
	</SegmentedControl.Control>
</SegmentedControl>
