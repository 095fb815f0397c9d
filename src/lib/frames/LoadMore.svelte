<!-- What else can be done with a load and its frames. -->
<script lang="ts">
	import type { Snippet } from 'svelte';
	import { resolve } from '$app/paths';
	import Menu from '$lib/parts/Menu.svelte';

	interface Props {
		load: string;
		/** Nothing was logged on it. */
		empty: boolean;
		/** What is done with the load itself. */
		children: Snippet<[close: () => void]>;
	}
	let { load, empty, children: own }: Props = $props();
</script>

<Menu>
	{#snippet children(close)}
		<ul>
			{@render own(close)}
			{#if !empty}<li>
					<a class="plain-link" href={resolve(`/frames/scans/${load}`)}>Write into the lab’s scans</a>
				</li>
				<li>
					<a class="plain-link" href={resolve(`/frames/track/${load}`)}>Put on the map, from a track</a>
				</li>
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
	{/snippet}
</Menu>
