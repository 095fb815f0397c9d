<!-- Which part of the days of each month has which sky: typical to start from, kept with a place of the own list. -->
<script lang="ts">
	import { typicalSkies, type SkyShares } from '$core/plan';
	import type { PlaceRecord } from '$contract/records';
	import { replace, type Kept } from '$lib/records/client';
	import { refresh } from '$lib/records/refresh';
	import { monthNames } from './year-view';

	interface Props {
		skies: SkyShares[];
		/** degrees, + north */
		latitude: number;
		/** The place's record in the own list. */
		place: Kept<PlaceRecord> | undefined;
		onchange: (skies: SkyShares[]) => void;
	}
	let { skies, latitude, place, onchange }: Props = $props();

	let says = $state('');
	const same = (a: SkyShares[], b: SkyShares[]) => JSON.stringify(a) === JSON.stringify(b);
	const typical = $derived(typicalSkies(latitude));
	const isTypical = $derived(same(skies, typical));
	const isKept = $derived(place !== undefined && same(skies, place.skies ?? typical));
	const per = (share: number) => Math.round(share * 100);

	/** What is set takes from what lies between, and then from the other. */
	function set(month: number, of: 'clear' | 'overcast', input: HTMLInputElement) {
		const share = Math.min(100, Math.max(0, Math.round(input.valueAsNumber || 0))) / 100;
		const beside = of === 'clear' ? 'overcast' : 'clear';
		const other = Math.min(skies[month][beside], 1 - share);
		const partly = Math.round((1 - share - other) * 100) / 100;
		input.value = String(per(share));
		says = '';
		onchange(skies.with(month, { partly, [of]: share, [beside]: other } as unknown as SkyShares));
	}

	async function keep() {
		if (!place) return;
		const { skies: _, ...rest } = place;
		const written = await replace('places', isTypical ? rest : { ...rest, skies });
		if (written.result === 'saved') says = `Saved with ${place.name}.`;
		else if (written.result === 'stale') says = 'Changed elsewhere meanwhile: look again.';
		else says = 'Not saved: the server isn’t answering.';
		if (written.result === 'saved' || written.result === 'stale') await refresh();
	}
</script>

<details>
	<summary>The sky at this place</summary>
	<p class="small">
		{isTypical
			? 'Typical for this latitude, from climate atlases. A coast or a valley differs: change what you know better.'
			: 'As you set it.'}
		Percent of days.
	</p>
	<div class="table-box">
		<table class="figures small">
			<thead>
				<tr
					><th scope="col">Month</th><th scope="col">clear</th><th scope="col">overcast</th><th scope="col"
						>between</th
					></tr
				>
			</thead>
			<tbody>
				{#each skies as { clear, partly, overcast }, month (month)}
					<tr>
						<th scope="row">{monthNames[month]}</th>
						{#each [['clear', clear], ['overcast', overcast]] as const as [of, share] (of)}
							<td
								><input
									type="number"
									inputmode="numeric"
									min="0"
									max="100"
									step="5"
									value={per(share)}
									aria-label="{of} days in {monthNames[month]}, percent"
									onchange={(event) => set(month, of, event.currentTarget)}
								/></td
							>
						{/each}
						<td>{per(partly)}</td>
					</tr>
				{/each}
			</tbody>
		</table>
	</div>
	{#if place && !isKept}<button class="quiet" type="button" onclick={keep}>Save with {place.name}</button
		>{/if}
	{#if !isTypical}<button class="plain-link" type="button" onclick={() => onchange(typical)}
			>Back to what is typical</button
		>{/if}
	{#if !place}<p class="soft small">Save the place in your list to save its sky with it.</p>{/if}
	<p class="small" role="status">{says}</p>
</details>

<style>
	table {
		width: 100%;
		border-collapse: collapse;
	}
	th,
	td {
		font-weight: 400;
		text-align: right;
		padding: 0.1rem 0.3rem;
	}
	th:first-child {
		text-align: left;
		padding-left: 0;
	}
	input {
		width: 100%;
		min-height: 2rem;
		padding: 0 0.3rem;
		border: 1px solid var(--edge);
		border-radius: 0.25rem;
		background: var(--panel);
		color: var(--ink);
		font: inherit;
		text-align: right;
	}
	td {
		width: 4.5rem;
	}
	@media (max-width: 820px) {
		input {
			min-height: 2.75rem;
		}
	}
	summary {
		padding-block: 0.6rem;
	}
</style>
