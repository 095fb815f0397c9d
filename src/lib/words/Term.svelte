<!-- A word of the trade: a tap on it, or coming to it by keyboard, says what it means. -->
<script lang="ts">
	import type { TermId } from '$core/words/terms-in';
	import { later } from '$lib/parts/later';
	import Later from '$lib/parts/Later.svelte';

	interface Props {
		id: TermId;
		/** The word as it stands; without, only a mark beside something that has its name already. */
		word?: string;
	}
	let { id, word }: Props = $props();

	const card = later(() => import('./TermCard.svelte'));
	const describes = $props.id();
	let anchor = $state<HTMLElement>();
	let asked = $state(false);
	const ask = () => (asked = true);
</script>

<button
	type="button"
	class={word ? 'term' : 'term-mark'}
	bind:this={anchor}
	aria-label={word ? undefined : 'What that means'}
	aria-describedby={asked ? describes : undefined}
	onclick={ask}
	onfocus={ask}
	onblur={() => (asked = false)}>{word ?? '?'}</button
>{#if asked && anchor}<Later
		part={card}
		given={{ id, anchor, describes, onclose: () => (asked = false) }}
	/>{/if}
