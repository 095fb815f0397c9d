<!-- A camera at a glance: what is in it and how much is left, the light it works in, which film its eye believes. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { eyeInWords, worksInWords } from '$words';
	import type { CameraRecord } from '$contract/records';
	import CameraGlyph from '$lib/parts/CameraGlyph.svelte';
	import type { Kept } from '$lib/records/client';
	import { rigs } from '$lib/records/rigs.svelte';
	import type { Axis } from '$lib/shoot/axis';
	import { leftInWords, type Loaded } from '$lib/shoot/bag';
	import ReachBars from '$lib/shoot/ReachBars.svelte';
	import type { BagActions } from './bag-actions.svelte';
	import { cameraInShort } from '$words/camera';
	import FramesLeft from './FramesLeft.svelte';
	import MoreMenu from './MoreMenu.svelte';

	interface Props {
		camera: Kept<CameraRecord>;
		/** What is in it. */
		loaded: Loaded | undefined;
		axis: Axis;
		actions: BagActions;
	}
	let { camera, loaded, axis, actions }: Props = $props();
	const dial = $derived(loaded && rigs.of(loaded.load).iso);
	const eye = $derived(eyeInWords(camera, loaded?.film, dial));
</script>

<li>
	<CameraGlyph kind={camera.kind} />
	<div class="what">
		<a class="entry" href={resolve(`/bag/camera/${camera.id}`)}>{camera.name}</a>
		<span class="soft small figures">{cameraInShort(camera)}</span>
	</div>
	<div class="with">
		{#if loaded}
			<strong>{loaded.film.name}</strong>
			<FramesLeft {loaded} />
			<span class="soft small figures">{leftInWords(loaded)}</span>
		{:else}
			<span class="soft">No film in it</span>
		{/if}
	</div>
	<div class="light small">
		{#if loaded}
			<div class="bar" aria-hidden="true">
				<ReachBars {axis} good={loaded.reach.good} usable={loaded.reach.usable} />
			</div>
			<span class="sr-only">{worksInWords(loaded.reach.usable)}</span>
		{/if}
		{#if eye}<span class="soft figures">{eye}</span>{/if}
	</div>
	<div class="acts">
		<a class="plain-link" href={resolve(`/bag/load?camera=${camera.id}`)}
			>{loaded ? 'Change film' : 'Load a film'}<span class="sr-only"> in {camera.name}</span></a
		>
		<MoreMenu
			{actions}
			item={{ kind: 'cameras', record: camera }}
			links={[
				{ href: resolve(`/bag/reach/${camera.id}`), name: 'Reach sheet' },
				...(loaded
					? [{ href: resolve(`/bag/card/${camera.id}/${loaded.film.id}`), name: 'Pocket card' }]
					: []),
				{ href: resolve(`/bag/bench/${camera.id}`), name: 'Bench' },
				{ href: resolve(`/bag/give/${camera.id}`), name: 'Share file' }
			]}
		/>
	</div>
</li>

<style>
	li {
		display: grid;
		grid-template-columns: var(--bag-columns);
		gap: 0.25rem 1.25rem;
		align-items: start;
		padding: 0.75rem 0;
		border-top: 1px solid var(--line);
	}
	.what,
	.with {
		display: grid;
		gap: 0.2rem;
	}
	.with {
		padding-top: 0.6rem;
	}
	.bar {
		position: relative;
		height: 1.1rem;
		margin-bottom: 0.3rem;
	}
	.light {
		padding-top: 0.7rem;
		min-width: 0;
	}
	.acts {
		display: flex;
		flex-wrap: wrap;
		justify-content: flex-end;
		align-items: center;
		gap: 0 1.25rem;
	}
	@media (max-width: 820px) {
		li {
			grid-template-columns: 3.5rem minmax(0, 1fr);
			gap: 0.25rem 0.75rem;
		}
		.with,
		.light,
		.acts {
			grid-column: 1 / -1;
			padding-top: 0;
		}
		.with {
			grid-template-columns: auto minmax(0, 1fr) auto;
			align-items: center;
			gap: 0.75rem;
		}
		.acts {
			justify-content: space-between;
		}
	}
</style>
