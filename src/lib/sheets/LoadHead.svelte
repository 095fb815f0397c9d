<!-- What a load was: the head of a contact sheet, and a sleeve's label. -->
<script lang="ts">
	import { page } from '$app/state';
	import type { LoadOnPaper } from '$contract/paper';
	import { headOfLoad } from '$words/paper';
	import type { FrameRecord } from '$contract/records';

	let { of, frames }: { of: LoadOnPaper; frames: FrameRecord[] } = $props();

	const head = $derived(headOfLoad(of, frames, page.data.locale));
</script>

<h2>{head.title}</h2>
{#each head.lines as line, at (at)}<p>{line}</p>{/each}
