<!-- A chart in our look; what it shows stands beside it as a table. -->
<script lang="ts">
	import type { ApexOptions } from 'apexcharts';
	import { onMount } from 'svelte';
	import { shown } from '$lib/display/shown.svelte';

	interface Props {
		/** Its colours are named as in our displays: ink, ink-soft. */
		options: ApexOptions;
		label: string;
	}
	let { options, label }: Props = $props();

	let box: HTMLDivElement;
	let draw: (() => void) | null = $state(null);

	onMount(() => {
		let chart: {
			render: () => void;
			destroy: () => void;
			updateOptions: (next: ApexOptions) => void;
		} | null = null;
		let here = true;
		void import('apexcharts').then(({ default: ApexCharts }) => {
			if (!here) return;
			draw = () => {
				const style = getComputedStyle(box);
				const colour = (name: string) => style.getPropertyValue(`--${name}`).trim();
				const still = shown.still || matchMedia('(prefers-reduced-motion: reduce)').matches;
				const shared: ApexOptions = {
					...options,
					chart: {
						height: 320,
						toolbar: { show: false },
						zoom: { enabled: false },
						fontFamily: style.fontFamily,
						foreColor: colour('ink'),
						background: 'transparent',
						animations: { enabled: !still && options.chart?.animations?.enabled !== false, speed: 200 },
						...options.chart
					},
					colors: options.colors?.map(colour),
					grid: { borderColor: colour('line'), ...options.grid }
				};
				chart?.destroy();
				chart = new ApexCharts(box, shared);
				chart.render();
			};
		});
		return () => {
			here = false;
			chart?.destroy();
		};
	});

	$effect(() => {
		// Drawn again whenever what it shows changes.
		void options;
		draw?.();
	});
</script>

<div class="chart" role="img" aria-label={label} style:--chart-height="{options.chart?.height ?? 320}px">
	<div bind:this={box}></div>
</div>

<style>
	.chart {
		min-height: var(--chart-height);
	}
</style>
