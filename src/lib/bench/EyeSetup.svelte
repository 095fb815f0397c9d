<!-- How an empty camera is put before the screen of steps. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import HowTo from './HowTo.svelte';

	let { packs }: { packs: boolean } = $props();
</script>

<p class="open">
	<a class="quiet" href={resolve('/bag/steps')} target="_blank" rel="noopener">Open the screen of steps</a>
</p>
<HowTo
	viewBox="0 0 340 120"
	label="From above: the camera’s eye stands 2 to 3 cm from the left half of the screen, behind a window in a card"
	mind="A flash’s capacitor can kill: switch the flash off, and never open the camera for this. Never point camera or eye at the sun."
>
	{#snippet drawing()}
		<path d="M20 20 V60" class="lit" />
		<path d="M20 60 V100" class="unlit" />
		<path d="M32 40 H118" class="way" />
		<path d="M75 12 V30 M75 50 V108" class="card" />
		<rect x="126" y="14" width="60" height="66" rx="6" class="body" />
		<circle cx="124" cy="40" r="6" class="body" />
		<text x="32" y="80">screen</text>
		<text x="82" y="104">card</text>
		<text x="133" y="44">camera</text>
		<text x="60" y="10">2 to 3 cm</text>
	{/snippet}
	{#snippet steps()}
		<li>
			Open it on another device at its address here, full screen, at full brightness. Switch automatic
			brightness, night tint and HDR off, and let it warm up for five minutes.
		</li>
		<li>
			In a dark room, hold a card with a window the size of the eye between screen and camera. The camera’s
			eye stands 2 to 3 cm from the middle of the left half, and sees nothing else.
		</li>
		<li>
			{#if packs}
				Most pack cameras fire only with a pack in them: use an empty one, door shut. It tries to push a frame
				out each time; let it end.
			{:else}
				Without film some bodies fire only when wound, with the back shut, or with a coin in place of the
				film’s edge; others need a finger on the winding sprocket.
			{/if}
			An eye that runs on a battery needs a fresh one.
		</li>
		<li>
			Fire, and time how long it stays open: by the microphone from 1/60 s up, by two taps from about a second
			up.
		</li>
	{/snippet}
</HowTo>

<style>
	.open {
		padding-bottom: 0.75rem;
	}
	.lit {
		stroke-width: 3;
		stroke-dasharray: 2 2;
	}
	.unlit {
		stroke-width: 8;
	}
	.card {
		stroke-width: 3;
	}
</style>
