<!-- A value found by sliding, or by the arrow keys; its middle stands exactly where the value does on a picture above it. -->
<script lang="ts">
	import { Slider } from '@skeletonlabs/skeleton-svelte';

	interface Props {
		label: string;
		min?: number;
		max: number;
		step?: number;
		value: number;
		/** What a value is called. */
		says: (value: number) => string;
		onchange: (value: number) => void;
	}
	let { label, min = 0, max, step = 1, value, says, onchange }: Props = $props();
</script>

<Slider
	class="slider"
	{min}
	{max}
	{step}
	value={[value]}
	thumbAlignment="center"
	aria-label={[label]}
	getAriaValueText={(at) => says(at.value)}
	onValueChange={({ value: [next] }) => onchange(next)}
>
	<Slider.Control class="slider-control">
		<Slider.Track class="slider-track"><Slider.Range class="slider-range" /></Slider.Track>
		<Slider.Thumb class="slider-thumb" index={0} />
	</Slider.Control>
</Slider>

<style>
	:global(.slider-control) {
		position: relative;
		display: flex;
		align-items: center;
		height: 2.75rem;
		cursor: pointer;
		touch-action: pan-y;
	}
	:global(.slider-track) {
		flex: 1;
		height: 0.375rem;
		border: 1px solid var(--edge);
		border-radius: 0.25rem;
		background: var(--hollow);
	}
	:global(.slider-range) {
		height: 100%;
		border-radius: 0.25rem;
		background: var(--ink);
	}
	/* A thumb needs more room than the eye. */
	:global(.slider-thumb) {
		width: 2.75rem;
		height: 2.75rem;
		display: grid;
		place-items: center;
		border-radius: 50%;
	}
	:global(.slider-thumb)::before {
		content: '';
		width: 1.75rem;
		height: 1.75rem;
		border: 3px solid var(--ink);
		border-radius: 50%;
		background: var(--panel);
	}
</style>
