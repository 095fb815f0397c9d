<!-- The light that a camera works in with a film: as a lane, and in words. -->
<script lang="ts">
	import type { Camera } from '$core/camera';
	import type { Film } from '$core/film';
	import { reach } from '$core/match';
	import { worksInWords } from '$words';
	import { wholeLine } from '$lib/light/line';
	import { axisOver } from '$lib/shoot/axis';
	import LightScale from '$lib/shoot/LightScale.svelte';
	import ReachBars from '$lib/shoot/ReachBars.svelte';

	let { camera, film }: { camera: Camera; film: Film } = $props();
	const axis = axisOver(wholeLine);
	const works = $derived(reach(camera, film));
</script>

<LightScale {axis} />
<div class="bar" aria-hidden="true"><ReachBars {axis} good={works.good} usable={works.usable} /></div>
<p class="small figures" role="status">{worksInWords(works.usable)}</p>

<style>
	.bar {
		position: relative;
		height: 1.25rem;
		margin-bottom: 0.25rem;
	}
</style>
