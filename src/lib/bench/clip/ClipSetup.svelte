<!-- How a shutter is filmed through the empty camera. -->
<script lang="ts">
	import HowTo from '../HowTo.svelte';
</script>

<HowTo
	viewBox="0 0 360 100"
	label="From the side: the screen lights the lens from the front; the phone films it from behind, through the open back"
	mind="Never point it at the sun, nor look through it at a bare lamp. A flash’s capacitor can kill: switch it off, and open nothing but the back."
>
	{#snippet drawing()}
		<path d="M20 16 V84" class="screen" />
		<path d="M34 50 H146" class="way" />
		<rect x="150" y="22" width="56" height="56" rx="4" class="body" />
		<rect x="144" y="38" width="8" height="24" class="body" />
		<path d="M206 24 L232 10" class="back" />
		<path d="M212 50 H276" class="way" />
		<rect x="282" y="18" width="12" height="64" rx="3" class="body" />
		<text x="30" y="94">screen</text>
		<text x="150" y="94">camera, back open</text>
		<text x="282" y="94">phone</text>
	{/snippet}
	{#snippet steps()}
		<li>
			Take an empty camera whose back opens. Light its lens from the front: the left half of the screen of
			steps at its brightest is best, a dimmed lamp behind paper does. Keep the room dark.
		</li>
		<li>
			Put the phone behind it, so near that the lens fills much of the picture. Film at as many frames a
			second as it has, HDR off, “most compatible” on.
		</li>
		<li>
			Hold the shutter open, then lock the phone’s focus and exposure on it: bright, but not white. The dimmer
			the light, the longer the phone exposes each frame, and only frames that are exposed whole tell a time.
		</li>
		<li>
			Start the video. Fire three times, a second apart. Then hold it open at B or T, or with its eye covered,
			and have the screen run through its steps.
		</li>
	{/snippet}
</HowTo>

<style>
	.screen {
		stroke-width: 8;
		stroke-dasharray: 2 2;
	}
</style>
