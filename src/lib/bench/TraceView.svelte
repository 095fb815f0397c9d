<!-- A stretch of a recording, with the firings that were found in it. -->
<script lang="ts">
	import type { Trace } from '$core/bench';
	import type { Marked } from './bench-desk.svelte';

	interface Props {
		trace: Trace;
		marks: readonly Marked[];
		chosen: number;
		label: string;
	}
	let { trace, marks, chosen, label }: Props = $props();

	const HEIGHT = 100;
	const columns = $derived(trace.least.length);
	const top = $derived(Math.max(...trace.most, 0.01));
	const bottom = $derived(Math.min(...trace.least, -0.01));
	const y = (value: number) => HEIGHT * (1 - (value - bottom) / (top - bottom));
	const outline = $derived(
		[
			...trace.most.map((value, at) => `${at === 0 ? 'M' : 'L'}${at} ${y(value).toFixed(1)}`),
			...trace.least.map((_, at) => {
				const back = columns - 1 - at;
				return `L${back} ${(y(trace.least[back]) + 0.8).toFixed(1)}`;
			}),
			'z'
		].join('')
	);
	const x = (seconds: number) => ((seconds - trace.from) / (trace.to - trace.from)) * columns;
</script>

<svg viewBox="0 0 {columns} {HEIGHT}" preserveAspectRatio="none" role="img" aria-label={label}>
	{#each marks as mark, index (index)}
		<rect
			class:chosen={index === chosen}
			x={x(mark.open)}
			y="0"
			width={Math.max(1, x(mark.close) - x(mark.open))}
			height={HEIGHT}
		/>
	{/each}
	<path d={outline} />
	{#if marks[chosen]}
		<line x1={x(marks[chosen].open)} x2={x(marks[chosen].open)} y1="0" y2={HEIGHT} />
		<line x1={x(marks[chosen].close)} x2={x(marks[chosen].close)} y1="0" y2={HEIGHT} />
	{/if}
</svg>

<style>
	svg {
		display: block;
		width: 100%;
		height: 8rem;
		border: 1px solid var(--line);
		background: var(--panel);
	}
	path {
		fill: var(--ink);
		stroke: var(--ink);
		vector-effect: non-scaling-stroke;
	}
	rect {
		fill: var(--hollow);
	}
	line {
		stroke: var(--ink);
		stroke-width: 2;
		stroke-dasharray: 6 3;
		vector-effect: non-scaling-stroke;
	}
</style>
