<!-- A mark in a recording or a video, moved by a slider with its name beside it. -->
<script lang="ts">
	import Slider from '$lib/parts/Slider.svelte';
	import type { ComponentProps } from 'svelte';

	let slider: ComponentProps<typeof Slider> = $props();
</script>

<div>
	<span aria-hidden="true">{slider.label}</span>
	<Slider {...slider} />
</div>

<style>
	div {
		display: grid;
		grid-template-columns: 6rem 1fr;
		align-items: center;
		gap: 0.75rem;
		min-height: 2.75rem;
	}
</style>
