<!-- Months of frames: how many came out, and what each of those cost. -->
<script lang="ts">
	import { page } from '$app/state';
	import type { MonthOfFrames } from '$core/learn';
	import { formatMoney } from '$core/units';
	import { monthInWords } from '$words';

	let { months }: { months: readonly MonthOfFrames[] } = $props();

	const priced = $derived(months.some(({ costPerKeeper }) => costPerKeeper !== null));
</script>

<div class="table-box">
	<table class="rows">
		<thead>
			<tr
				><th scope="col">Month</th><th scope="col">Came out</th>{#if priced}<th scope="col">A keeper cost</th
					>{/if}</tr
			>
		</thead>
		<tbody class="figures">
			{#each months as { month, frames, cameOut, costPerKeeper } (month)}
				<tr>
					<th scope="row">{monthInWords(month, page.data.locale)}</th>
					<td>{cameOut} of {frames}</td>
					{#if priced}<td
							>{costPerKeeper === null
								? cameOut === 0
									? 'none came out'
									: 'not known'
								: formatMoney(costPerKeeper, page.data.locale)}</td
						>{/if}
				</tr>
			{/each}
		</tbody>
	</table>
</div>
