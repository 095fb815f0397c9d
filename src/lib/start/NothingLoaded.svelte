<!-- There are cameras, but no film in any of them. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import type { CameraRecord } from '$contract/records';
	import CameraGlyph from '$lib/parts/CameraGlyph.svelte';
	import type { Kept } from '$lib/records/client';

	let { cameras }: { cameras: Kept<CameraRecord>[] } = $props();
</script>

<svelte:head><title>Nothing loaded · Just Enough</title></svelte:head>
<div class="page">
	<h1>Nothing is loaded</h1>
	<p>
		Load a film, and you’ll see here what light it works in: a solid bar from, say, a grey day to full sun.
	</p>
	<ul>
		{#each cameras as camera (camera.id)}
			<li>
				<CameraGlyph kind={camera.kind} />
				<strong>{camera.name}</strong>
				<a class="quiet" href={resolve(`/bag/load?camera=${camera.id}`)}>Load a film</a>
			</li>
		{/each}
	</ul>
	<p><a class="plain-link" href={resolve('/bag')}>To the bag</a></p>
</div>

<style>
	p {
		max-width: 40rem;
		padding: 0.75rem 0;
	}
	li {
		display: flex;
		align-items: center;
		gap: 1rem;
		padding: 0.5rem 0;
	}
	li a {
		margin-left: auto;
	}
	ul {
		max-width: 32rem;
	}
</style>
