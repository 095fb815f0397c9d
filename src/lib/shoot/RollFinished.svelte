<!-- The last frame is taken: how the film comes out of this kind of camera, and what comes next. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { cameraKind } from '$core/camera';
	import { isDevelopedLater } from '$core/film';
	import { FrameActions } from '$lib/frames/frame-actions.svelte';
	import type { Loaded } from './bag';
	import type { ShootState } from './shoot-state.svelte';

	let { shoot, chosen }: { shoot: ShootState; chosen: Loaded } = $props();

	const actions = new FrameActions();
	const unload = $derived(cameraKind(chosen.camera.kind)?.unload ?? []);
	const later = $derived(isDevelopedLater(chosen.film));
	const toJudge = $derived(chosen.frames.find(({ judged }) => !judged));
</script>

<div class="finished">
	{#each unload as step (step)}<p>{step}</p>{/each}
	<a class="action" href={resolve(`/bag/load?camera=${chosen.camera.id}`)}>Load another film</a>
	<button class="quiet" onclick={() => actions.move(chosen.load, true)}>Take it out of the camera</button>
	{#if later}<a class="quiet" href={resolve('/develop')}>Develop it</a>{/if}
	{#if toJudge}<a class="quiet" href={resolve(`/frames/${toJudge.id}/judge`)}>Judge its frames</a>{/if}
	{#if chosen.secondsLeft === null}
		<button class="quiet" onclick={() => shoot.logging.oneMore(chosen)}>There is one more on it</button>
	{/if}
	<a class="quiet" href={resolve(`/bag/load/${chosen.load.id}`)}>Correct the load</a>
	{#if actions.message}<p class="notice" role="status">{actions.message}</p>{/if}
</div>

<style>
	.finished {
		display: grid;
		gap: 0.5rem;
		padding-top: 0.5rem;
	}
</style>
