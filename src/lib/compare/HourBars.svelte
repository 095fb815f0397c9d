<!-- Hours in which a way works, bar by bar: just enough filled, usable hatched, with a tripod framed. -->
<script lang="ts">
	import type { HoursThatWork } from '$core/compare';

	interface Props {
		bars: readonly HoursThatWork[];
		/** What each stands for, and all of them. */
		names: readonly string[];
		label: string;
		/** At the top: the same for all ways. */
		most: number;
	}
	let { bars, names, label, most }: Props = $props();

	const per = (value: number) => `${(100 * value) / most}%`;
	const said = $derived(bars.map(({ usable }, at) => `${names[at]} ${usable.toFixed(1)}`).join(', '));
</script>

<div class="bars" role="img" aria-label="{label}: {said}" style:--bars={bars.length}>
	{#each bars as { good, usable, tripod }, at (at)}
		<span class="one">
			<span class="tripod" style:height={per(tripod)}></span>
			<span class="usable" class:none={usable < 0.05} style:height={per(usable)}></span>
			<span class="good" style:height={per(good)}></span>
		</span>
	{/each}
</div>

<style>
	.bars {
		display: grid;
		grid-template-columns: repeat(var(--bars), minmax(0, 1fr));
		gap: min(2px, 0.5%);
		height: 3rem;
		border-bottom: 1px solid var(--edge);
	}
	.one {
		position: relative;
	}
	.tripod,
	.usable,
	.good {
		position: absolute;
		inset: auto 0 0 0;
	}
	.tripod {
		border: dashed var(--edge);
		border-width: 1px 1px 0 1px;
	}
	.usable {
		border: solid var(--bar);
		border-width: 1px 1px 0 1px;
		background: repeating-linear-gradient(
			-45deg,
			color-mix(in srgb, var(--bar) 45%, transparent) 0 1.5px,
			transparent 1.5px 5px
		);
	}
	.good {
		background: var(--bar);
	}
	.none {
		display: none;
	}
</style>
