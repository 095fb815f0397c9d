<!-- Ways beside each other: one row each, on the same axes. -->
<script lang="ts">
	import { page } from '$app/state';
	import type { Way, WayCompared } from '$core/compare';
	import { formatAperture, formatDistance, formatEv, formatMoney } from '$core/units';
	import { capital, goodInWords, spreadInWords, typicalTime } from '$words';
	import { monthNames } from '$lib/plan/year-view';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import HourBars from './HourBars.svelte';

	interface Row {
		id: string;
		way: Way;
		told: WayCompared;
	}
	interface Props {
		rows: Row[];
		/** Whether shares are of one's own frames. */
		own: boolean;
		onchange: (id: string) => void;
	}
	let { rows, own, onchange }: Props = $props();

	const money = (amount: number) => formatMoney(amount, page.data.locale);
	const yearly = $derived(rows.some(({ told }) => told.hours));
	const clockHours = Array.from({ length: 24 }, (_, hour) => `${hour}:00`);
	/** What bars stand for: months, or hours of the clock. */
	let by = $state<'months' | 'clock'>('months');
	const names = $derived(by === 'months' ? monthNames : clockHours);
	const most = $derived(
		Math.ceil(Math.max(1, ...rows.flatMap(({ told }) => told.hours?.[by].map(({ tripod }) => tripod) ?? [])))
	);
	/** Every sixth hour is named. */
	const marked = [0, 6, 12, 18];
	function paid({ once, frame }: Way['cost']): string {
		const parts = [once > 0 ? `${money(once)} once` : '', frame > 0 ? `${money(frame)} a frame` : ''];
		return parts.filter(Boolean).join(', ') || 'no price yet';
	}
	const keeperSpan = ({ cost }: WayCompared) =>
		cost.interval.map((each) => (each === null ? 'more' : money(each))).join(' to ');
</script>

{#if yearly}
	<div class="by">
		<ChoiceField
			label="Its hours"
			value={by}
			options={[
				{ value: 'months', name: 'month by month' },
				{ value: 'clock', name: 'through the day' }
			]}
			onchange={(next) => (by = next)}
		/>
	</div>
{/if}
<table class="figures">
	<caption class="sr-only">Ways beside each other</caption>
	<thead>
		<tr>
			<th scope="col">Way</th>
			{#if yearly}
				<th scope="col" class="year"
					><span class="sr-only"
						>{by === 'months' ? 'Hours a day, by month' : 'Part of each hour of the day'}</span
					>
					{#if by === 'months'}
						<span class="axis" style:--parts={12} aria-hidden="true"
							>{#each monthNames as name (name)}<span>{name.slice(0, 1)}</span>{/each}</span
						>
					{:else}
						<span class="axis hours" style:--parts={marked.length} aria-hidden="true"
							>{#each marked as hour (hour)}<span>{hour}:00</span>{/each}</span
						>
					{/if}</th
				>
			{/if}
			<th scope="col">{own ? 'My frames good' : 'Frames good'}</th>
			<th scope="col">Hand-held</th>
			<th scope="col">Typical time</th>
			<th scope="col">A good one costs</th>
		</tr>
	</thead>
	<tbody>
		{#each rows as { id, way, told } (id)}
			<tr>
				<th scope="row">
					<button
						class="plain-link"
						type="button"
						aria-label="{capital(way.name)}: change it"
						onclick={() => onchange(id)}>{capital(way.name)}</button
					>
					<span class="small soft">{paid(way.cost)}</span>
				</th>
				{#if yearly}
					<td class="year">
						{#if told.hours}
							<HourBars
								bars={told.hours[by]}
								{names}
								label={by === 'months' ? 'Hours a day hand-held' : 'Part of each hour hand-held'}
								{most}
							/>
							<span class="small soft"
								>{told.hours.handheld.toFixed(1)} h a day hand-held, {told.hours.tripod.toFixed(1)} with a tripod</span
							>
						{/if}
					</td>
				{/if}
				<td data-label={own ? 'My frames good' : 'Frames good'}
					><strong>{goodInWords(told)}</strong><span class="small soft">{spreadInWords(told)}</span></td
				>
				<td data-label="Hand-held"
					>{#if told.handheldFrom === null}<span>never</span>{:else}<span
							>from EV {formatEv(told.handheldFrom)}</span
						>{/if}{#if told.flash}<span class="small soft">flash to {formatDistance(told.flash.to)}</span
						>{/if}</td
				>
				<td data-label="Typical time"
					>{#if told.typical}<span>{typicalTime(told.typical.seconds)}</span><span class="small soft"
							>{told.typical.lit
								? 'with flash'
								: `${formatAperture(told.typical.f)}, sharp from ${formatDistance(told.typical.sharp.from)}`}</span
						>{:else}<span>–</span>{/if}</td
				>
				<td data-label="A good one costs"
					>{#if way.cost.frame === 0}<span>–</span>{:else if told.cost.keeper === null}<span
							>none is good</span
						>{:else}<strong>{money(told.cost.keeper)}</strong><span class="small soft"
							>{keeperSpan(told)}</span
						>{/if}</td
				>
			</tr>
		{/each}
	</tbody>
</table>
{#if yearly}
	<p class="soft small">
		{by === 'months'
			? `Bars: hours a day on a scale of 0 to ${most}.`
			: 'Bars: how much of each hour of the day, over the year.'} Filled: hand-held and just enough. Hatched: hand-held
		and usable. Dashed: with a tripod.
	</p>
{/if}

<style>
	.by {
		max-width: 14rem;
		padding-bottom: 0.5rem;
	}
	table {
		width: 100%;
		border-collapse: collapse;
	}
	th,
	td {
		padding: 0.5rem 0.75rem 0.5rem 0;
		text-align: left;
		vertical-align: top;
		border-top: 1px solid var(--line);
	}
	thead th {
		border-top: 0;
		font-weight: 400;
		color: var(--ink-soft);
		vertical-align: bottom;
	}
	tbody th {
		max-width: 13rem;
	}
	tbody th button {
		text-align: left;
		font-weight: var(--heavy);
	}
	tbody .small {
		display: block;
		font-weight: 400;
	}
	.year {
		width: 30%;
	}
	td strong {
		white-space: nowrap;
	}
	.axis {
		display: grid;
		grid-template-columns: repeat(var(--parts), minmax(0, 1fr));
		gap: 2px;
		text-align: center;
	}
	.axis.hours {
		text-align: left;
	}
	@media (min-width: 821px) {
		tbody th button {
			min-height: 1.5rem;
		}
	}
	@media (max-width: 820px) {
		thead {
			position: absolute;
			clip-path: inset(50%);
		}
		table,
		tbody {
			display: block;
		}
		tr {
			display: grid;
			grid-template-columns: repeat(2, minmax(0, 1fr));
			gap: 0.5rem 1rem;
			padding: 0.75rem 0;
			border-top: 1px solid var(--line);
		}
		th,
		td {
			display: block;
			padding: 0;
			border: 0;
		}
		tbody th,
		.year {
			grid-column: 1 / -1;
			max-width: none;
			width: auto;
		}
		td[data-label]::before {
			content: attr(data-label);
			display: block;
			color: var(--ink-soft);
			font-size: 0.875rem;
		}
	}
</style>
