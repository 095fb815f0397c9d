<!-- How something is set up: a drawing of it, what to do in its order, and what to mind. -->
<script lang="ts">
	import type { Snippet } from 'svelte';

	interface Props {
		viewBox: string;
		/** What the drawing shows. */
		label: string;
		drawing: Snippet;
		/** Items of a list. */
		steps: Snippet;
		mind: string;
	}
	let { viewBox, label, drawing, steps, mind }: Props = $props();
</script>

<div>
	<svg {viewBox} role="img" aria-label={label}>{@render drawing()}</svg>
	<ol>{@render steps()}</ol>
	<p class="notice small">{mind}</p>
</div>

<style>
	svg {
		display: block;
		width: 100%;
		max-width: 27rem;
	}
	div :global(text) {
		font-size: 11px;
		fill: var(--ink);
	}
	div :global(:is(path, rect, circle)) {
		stroke: var(--ink);
		stroke-width: 1.5;
		fill: none;
	}
	div :global(.body) {
		fill: var(--panel);
	}
	div :global(.way) {
		stroke-dasharray: 4 3;
	}
	ol {
		list-style: decimal;
		padding-left: 1.5rem;
	}
	div :global(li) {
		padding: 0.25rem 0;
	}
	.notice {
		margin: 0.5rem 0;
	}
</style>
