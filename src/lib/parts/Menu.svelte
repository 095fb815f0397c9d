<!-- What else can be done with something, behind one button. -->
<script lang="ts">
	import { Popover, Portal } from '@skeletonlabs/skeleton-svelte';
	import type { Snippet } from 'svelte';

	interface Props {
		/** What the button is called where “More” alone does not say of what. */
		label?: string;
		/** One of many on a page, where a box round each would be louder than what they are of. */
		plain?: boolean;
		children: Snippet<[close: () => void]>;
	}
	let { label, plain = false, children }: Props = $props();
	let open = $state(false);
</script>

<Popover {open} onOpenChange={(change) => (open = change.open)} positioning={{ placement: 'bottom-end' }}>
	<Popover.Trigger class={plain ? 'plain-link' : 'quiet'} aria-label={label}>More</Popover.Trigger>
	{#if open}
		<Portal>
			<Popover.Positioner>
				<Popover.Content class="menu" aria-label={label ?? 'More'}>
					{@render children(() => (open = false))}
				</Popover.Content>
			</Popover.Positioner>
		</Portal>
	{/if}
</Popover>
