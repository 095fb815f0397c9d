<!-- What a word of the trade means, beside where it stands. -->
<script lang="ts">
	import { Popover, Portal } from '@skeletonlabs/skeleton-svelte';
	import { termGroups } from '$words/terms';
	import type { TermId } from '$words/terms-in';

	interface Props {
		id: TermId;
		anchor: HTMLElement;
		/** Id by which the word is described by this. */
		describes: string;
		onclose: () => void;
	}
	let { id, anchor, describes, onclose }: Props = $props();
	const term = $derived(termGroups.flatMap(({ terms }) => terms).find((each) => each.id === id));
</script>

{#if term}
	<Popover
		open
		autoFocus={false}
		closeOnInteractOutside={false}
		onOpenChange={({ open }) => !open && onclose()}
		positioning={{ placement: 'bottom-start', getAnchorRect: () => anchor.getBoundingClientRect() }}
	>
		<Portal>
			<Popover.Positioner>
				<Popover.Content class="menu explained" aria-label={term.word}>
					<p id={describes}>
						<strong>{term.word}.</strong>
						{term.means} <span class="soft">{term.example}</span>
					</p>
				</Popover.Content>
			</Popover.Positioner>
		</Portal>
	</Popover>
{/if}
