<!-- What was promised of a frame; nothing where its light was not read. -->
<script lang="ts">
	import { verdictInShort } from '$words';
	import type { FrameRecord } from '$contract/records';
	import { verdictColour } from '$lib/parts/verdict-colour';
	import VerdictMark from '$lib/parts/VerdictMark.svelte';

	let { frame }: { frame: Pick<FrameRecord, 'predicted'> } = $props();
</script>

{#if frame.predicted}
	<span class="verdict" style:color={verdictColour[frame.predicted.verdict]}>
		<VerdictMark verdict={frame.predicted.verdict} />
		{verdictInShort(frame.predicted)}
	</span>
{:else}
	<span class="soft">light not read</span>
{/if}

<style>
	.verdict {
		font-weight: var(--heavy);
	}
</style>
