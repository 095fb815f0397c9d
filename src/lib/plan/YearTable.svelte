<!-- Months across, hours down: each cell filled by how much of the hour works; the picture is the table. -->
<script lang="ts">
	import type { YearPlan } from '$core/plan';
	import { formatHour } from '$core/units';
	import { monthNames } from './year-view';

	let { plan }: { plan: YearPlan } = $props();

	const hours = Array.from({ length: 24 }, (_, hour) => hour);
	const per = (share: number) => Math.round(share * 100);
	function said(good: number, usable: number): string {
		if (usable < 0.005) return 'no';
		const most = per(usable);
		return good < 0.005 ? `${most} % usable` : `${per(good)} % just enough, ${most} % usable`;
	}
</script>

<p class="soft small">Filled: just enough. Hatched: usable. Empty: doesn’t work. Hours are local time.</p>
<table>
	<caption class="sr-only">How much of each hour works, month by month</caption>
	<thead
		><tr
			><td></td>
			{#each monthNames as name (name)}<th scope="col"
					><span aria-hidden="true">{name.slice(0, 1)}<span class="rest">{name.slice(1)}</span></span><span
						class="sr-only">{name}</span
					></th
				>{/each}
		</tr></thead
	>
	<tbody>
		{#each hours as hour (hour)}
			<tr>
				<th scope="row" class="figures small" class:quiet-hour={hour % 3 !== 0}>{formatHour(hour)}</th>
				{#each plan.months as { month, hours: shares } (month)}
					{@const { good, usable } = shares[hour]}
					<td>
						<span class="usable" class:none={usable < 0.005} style:width="{per(usable)}%"></span>
						<span class="good" style:width="{per(good)}%"></span>
						<span class="sr-only">{said(good, usable)}</span>
					</td>
				{/each}
			</tr>
		{/each}
	</tbody>
</table>

<style>
	table {
		width: 100%;
		table-layout: fixed;
		border-collapse: collapse;
	}
	thead td,
	tbody th {
		width: 3.25rem;
	}
	th {
		font-weight: 400;
	}
	tbody th {
		line-height: 1;
		white-space: nowrap;
		text-align: right;
		padding-right: 0.4rem;
	}
	.quiet-hour {
		color: var(--ink-soft);
	}
	tbody td {
		position: relative;
		height: 1.05rem;
		border: 1px solid var(--line);
		padding: 0;
	}
	.good,
	.usable {
		position: absolute;
		inset: 1px auto 1px 0;
	}
	.good {
		background: var(--bar);
	}
	.usable {
		border: solid var(--bar);
		border-width: 1px 1px 1px 0;
		background: repeating-linear-gradient(
			-45deg,
			color-mix(in srgb, var(--bar) 45%, transparent) 0 1.5px,
			transparent 1.5px 5px
		);
	}
	.none {
		display: none;
	}
	@media (max-width: 820px) {
		.rest {
			display: none;
		}
	}
</style>
