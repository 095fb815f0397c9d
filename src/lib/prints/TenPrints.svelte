<!-- The chance, drawn: ten prints of one made-up scene, as likely one as the other. -->
<script lang="ts">
	import type { Camera } from '$core/camera';
	import { latitudeOf, type Film } from '$core/film';
	import { lensOf, shownError } from '$core/prints';
	import Print from './Print.svelte';

	let { camera, film, errors }: { camera: Camera; film: Film; errors: readonly number[] } = $props();

	const { usable } = $derived(latitudeOf(film));
	const prints = $derived(
		errors.map((error, at) => ({
			at,
			error: shownError(error),
			comesOut: error >= usable[0] && error <= usable[1]
		}))
	);
	const good = $derived(prints.filter(({ comesOut }) => comesOut).length);
</script>

<div class="ten" role="img" aria-label="Of ten such frames {good} come out">
	{#each prints as { at, error, comesOut } (at)}
		<span class:lost={!comesOut}>
			<Print type={film.type} {error} width={44} height={33} seed={at + 1} lens={lensOf(camera)} seen />
		</span>
	{/each}
</div>

<style>
	.ten {
		display: grid;
		grid-template-columns: repeat(10, 1fr);
		gap: 3px;
		padding: 0.35rem 0;
	}
	span {
		border: 2px solid var(--paper);
		outline: 1px solid var(--edge);
		outline-offset: -1px;
		position: relative;
	}
	/* A print that does not come out is crossed, as on a contact sheet. */
	.lost::after {
		content: '';
		position: absolute;
		inset: 0;
		background: linear-gradient(to top right, transparent 46%, var(--ink) 46% 54%, transparent 54%);
	}
	:global([data-theme='dark']) .ten {
		display: none;
	}
</style>
