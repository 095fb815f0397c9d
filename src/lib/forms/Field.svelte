<!-- A label, its control and what is wrong with it. -->
<script lang="ts">
	import type { Snippet } from 'svelte';
	import type { TermId } from '$words/terms-in';
	import Term from '$lib/words/Term.svelte';

	interface Props {
		label: string;
		/** The word in it that not everybody knows. */
		term?: TermId;
		hint?: string;
		problem?: string;
		control: Snippet<
			[attributes: { id: string; 'aria-invalid': boolean; 'aria-describedby': string | undefined }]
		>;
	}
	let { label, term, hint = '', problem = '', control }: Props = $props();
	const id = $props.id();
	const described = $derived(
		[hint && `${id}-hint`, problem && `${id}-problem`].filter(Boolean).join(' ') || undefined
	);
</script>

<div class="field">
	<div class="named">
		<label for={id}>{label}</label>{#if term}<Term id={term} />{/if}
	</div>
	{@render control({ id, 'aria-invalid': problem !== '', 'aria-describedby': described })}
	{#if hint}<p class="soft small" id="{id}-hint">{hint}</p>{/if}
	{#if problem}<p class="problem" id="{id}-problem"><span aria-hidden="true">✕</span> {problem}</p>{/if}
</div>

<style>
	.field {
		display: grid;
		gap: 0.25rem;
		align-content: start;
	}
	.named {
		display: flex;
		align-items: end;
	}
	label {
		font-weight: var(--heavy);
	}
	.problem {
		font-size: 0.9375rem;
		font-weight: var(--heavy);
	}
	.field :global(:is(input, select, textarea)) {
		width: 100%;
		min-height: 2.75rem;
		padding: 0.375rem 0.625rem;
		background: var(--panel);
		color: var(--ink);
		border: 1px solid var(--edge);
		border-radius: var(--radius-base);
		font: inherit;
	}
	.field :global(:is(input, select, textarea)[aria-invalid='true']) {
		border: 2px solid var(--ink);
		border-left-width: 6px;
	}
</style>
