<!-- What else can be done with the frames of a load. -->
<script lang="ts">
	import { resolve } from '$app/paths';

	let { load }: { load: string } = $props();
</script>

<details>
	<summary class="quiet">More with these frames</summary>
	<ul>
		<li><a class="plain-link" href={resolve(`/frames/scans/${load}`)}>Write into the lab’s scans</a></li>
		<li><a class="plain-link" href={resolve(`/frames/track/${load}`)}>Put on the map, from a track</a></li>
		<li>
			<a class="plain-link" href={resolve(`/frames/sheet/${load}`)}
				>On paper: contact sheet, label, captions</a
			>
		</li>
		<li>
			<a class="plain-link" href={resolve(`/api/frames.csv?load=${load}`)} download>As a table (CSV)</a>
		</li>
	</ul>
</details>

<style>
	summary {
		font-size: 1rem;
		list-style: none;
		cursor: pointer;
	}
	ul {
		padding: 0.25rem 0;
	}
</style>
