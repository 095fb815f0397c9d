<!-- What else can be done with a load and its frames. -->
<script lang="ts">
	import type { Snippet } from 'svelte';
	import { resolve } from '$app/paths';

	interface Props {
		load: string;
		/** Nothing was logged on it. */
		empty: boolean;
		/** What is done with the load itself. */
		children: Snippet<[close: () => void]>;
	}
	let { load, empty, children }: Props = $props();
	let open = $state(false);
</script>

<details bind:open>
	<summary class="quiet">More</summary>
	<ul>
		{@render children(() => (open = false))}
		{#if !empty}<li>
				<a class="plain-link" href={resolve(`/frames/scans/${load}`)}>Write into the lab’s scans</a>
			</li>
			<li><a class="plain-link" href={resolve(`/frames/track/${load}`)}>Put on the map, from a track</a></li>
			<li>
				<a class="plain-link" href={resolve(`/frames/sheet/${load}`)}
					>On paper: contact sheet, label, captions</a
				>
			</li>
			<li>
				<a class="plain-link" href={resolve(`/api/frames.csv?load=${load}`)} download>As a table (CSV)</a>
			</li>
		{/if}
	</ul>
</details>

<style>
	details {
		position: relative;
	}
	summary {
		font-size: 1rem;
		list-style: none;
		cursor: pointer;
	}
	ul {
		position: absolute;
		right: 0;
		z-index: 2;
		padding: 0.25rem 1rem;
		background: var(--panel);
		border: 1px solid var(--edge);
		border-radius: var(--radius-base);
		white-space: nowrap;
	}
	@media (max-width: 820px) {
		ul {
			right: auto;
			left: 0;
		}
	}
</style>
