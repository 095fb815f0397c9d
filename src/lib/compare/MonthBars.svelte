<!-- Hours a day in which a way works, month by month: just enough filled, usable hatched, with a tripod framed. -->
<script lang="ts">
	import type { HoursOfYear } from '$core/compare';
	import { monthNames } from '$lib/plan/year-view';

	interface Props {
		hours: HoursOfYear;
		/** Hours at the top: the same for all ways. */
		most: number;
	}
	let { hours, most }: Props = $props();

	const per = (value: number) => `${(100 * value) / most}%`;
	const said = $derived(
		hours.months.map(({ usable }, month) => `${monthNames[month]} ${usable.toFixed(1)}`).join(', ')
	);
</script>

<div class="bars" role="img" aria-label="Hours a day hand-held: {said}">
	{#each hours.months as { good, usable, tripod }, month (month)}
		<span class="month">
			<span class="tripod" style:height={per(tripod)}></span>
			<span class="usable" class:none={usable < 0.05} style:height={per(usable)}></span>
			<span class="good" style:height={per(good)}></span>
		</span>
	{/each}
</div>

<style>
	.bars {
		display: grid;
		grid-template-columns: repeat(12, minmax(0, 1fr));
		gap: 2px;
		height: 3rem;
		border-bottom: 1px solid var(--edge);
	}
	.month {
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
