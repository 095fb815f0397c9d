<!-- A sentence, in which the trade's words can be asked what they mean. -->
<script lang="ts">
	import { termsIn } from '$words/terms-in';
	import Term from './Term.svelte';

	let { text }: { text: string } = $props();
	const pieces = $derived(termsIn(text));
</script>

{#each pieces as { text: piece, term }, at (at)}{#if term}<Term
			id={term}
			word={piece}
		/>{:else}{piece}{/if}{/each}
