<!-- A word of the trade: a tap on it, or coming to it by keyboard, says what it means. -->
<script module lang="ts">
	import { later } from '$lib/parts/later';

	const card = later(() => import('./TermCard.svelte'));
</script>

<script lang="ts">
	import type { TermId } from '$words/terms-in';
	import Later from '$lib/parts/Later.svelte';

	interface Props {
		id: TermId;
		/** The word as it stands; without, only a mark beside something that has its name already. */
		word?: string;
	}
	let { id, word }: Props = $props();

	const describes = $props.id();
	let anchor = $state<HTMLElement>();
	let asked = $state(false);
	const ask = () => (asked = true);
	/** The focus is here: Escape is heard also before the card has settled. */
	const away = () => (asked = false);
</script>

<button
	type="button"
	class={word ? 'term' : 'term-mark'}
	bind:this={anchor}
	aria-label={word ? undefined : 'What that means'}
	aria-describedby={asked ? describes : undefined}
	onclick={ask}
	onfocus={ask}
	onkeydown={({ key }) => key === 'Escape' && away()}
	onblur={away}>{word ?? '?'}</button
>{#if asked && anchor}<Later part={card} given={{ id, anchor, describes, onclose: away }} />{/if}
