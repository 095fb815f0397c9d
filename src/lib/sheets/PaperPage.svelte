<!-- A page that is printed: what is chosen for it on the screen, and what stands on paper. -->
<script lang="ts">
	import type { Snippet } from 'svelte';
	import { papers, type Paper } from '$contract/paper';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import { ownSettings } from '$lib/records/own-settings.svelte';
	import { onPaper } from './paper';

	interface Props {
		/** Above the choices. */
		head: Snippet;
		/** Choices before that of the paper, and what is done with the sheet. */
		choices?: Snippet;
		acts: Snippet<[Paper]>;
		/** Below them, on the screen alone. */
		says?: Snippet;
		/** What stands on paper. */
		children: Snippet;
	}
	let { head, choices, acts, says, children }: Props = $props();

	let chosen = $state<Paper | null>(null);
	const paper = $derived(chosen ?? ownSettings.record?.paper ?? 'a4');
	$effect(() => onPaper(paper));
</script>

<div class="page">
	<div class="screen">
		{@render head()}
		<div class="choices">
			{@render choices?.()}
			<ChoiceField
				label="Paper"
				value={paper}
				options={Object.entries(papers).map(([value, { name }]) => ({ value: value as Paper, name }))}
				onchange={(next) => (chosen = next)}
			/>
			{@render acts(paper)}
		</div>
		{@render says?.()}
	</div>
	{@render children()}
</div>

<style>
	.page {
		max-width: 60rem;
	}
	.screen {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		gap: 0.75rem;
		padding-bottom: 1.25rem;
	}
	.choices {
		display: flex;
		flex-wrap: wrap;
		align-items: end;
		gap: 0.75rem;
	}
	@media print {
		.screen {
			display: none;
		}
		.page {
			max-width: none;
			padding: 0;
		}
	}
</style>
