<!-- A part of a long form: what it is, what it says now and where that comes from; its fields when it is opened. -->
<script lang="ts">
	import type { Snippet } from 'svelte';

	interface Props {
		name: string;
		/** What is in it, in a few words. */
		says?: string;
		/** Where that comes from: typical, measured, learnt. */
		from?: string;
		open?: boolean;
		children: Snippet;
	}
	let { name, says = '', from = '', open = $bindable(false), children }: Props = $props();
</script>

<details bind:open>
	<summary>
		<span class="name">{name}</span>
		{#if says}<span class="says figures">{says}</span>{/if}
		{#if from}<span class="from soft">{from}</span>{/if}
	</summary>
	<div class="inside">{@render children()}</div>
</details>

<style>
	details {
		border-top: 1px solid var(--line);
	}
	summary {
		display: grid;
		grid-template-columns: 1rem 9rem minmax(0, 1fr) auto;
		align-items: center;
		gap: 0 0.75rem;
	}
	summary::-webkit-details-marker {
		display: none;
	}
	summary::before {
		content: '▸';
	}
	details[open] > summary::before {
		content: '▾';
	}
	.says,
	.from {
		font-weight: 400;
		font-size: 0.9375rem;
	}
	.inside {
		display: grid;
		gap: 0.9rem;
		padding: 0.25rem 0 1.25rem;
	}
	@media (max-width: 820px) {
		summary {
			grid-template-columns: 1rem minmax(0, 1fr) auto;
			padding: 0.4rem 0;
		}
		.says {
			grid-column: 2 / -1;
			grid-row: 2;
		}
	}
</style>
