<!-- What stands over lanes: how bright it is, by the words that people have for it, and in whole stops where asked. -->
<script lang="ts">
	import { landmarks } from '$core/light';
	import { marksThatFit, type Axis } from './axis';

	let { axis, numbers = false }: { axis: Axis; numbers?: boolean } = $props();
	let width = $state(600);
	/** EVs between two numbers that do not touch. */
	const apart = $derived(Math.ceil(24 / (width / (axis.to - axis.from))));
	const words = $derived(marksThatFit(axis, width, landmarks));
</script>

<div class="line" class:numbers aria-hidden="true" bind:clientWidth={width}>
	{#each words as mark (mark.words)}
		<span class="small" style:left="{axis.at(mark.ev)}%">{mark.words}</span>
	{/each}
	{#if numbers}
		{#each axis.ticks.filter((each) => each % apart === 0) as tick (tick)}
			<span class="tick small figures soft" style:left="{axis.at(tick)}%"
				>{tick < 0 ? `−${-tick}` : tick}</span
			>
		{/each}
	{/if}
</div>

<style>
	.line {
		position: relative;
		height: 1.5rem;
		min-width: 0;
	}
	.line.numbers {
		height: 3rem;
	}
	span {
		position: absolute;
		transform: translateX(-50%);
		white-space: nowrap;
	}
	.tick {
		bottom: 0;
	}
</style>
