<!-- What there is to load: packs and rolls of each film, what they cost and how fresh they are. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { packsLeft, type Batch, type BatchLeft } from '$core/film';
	import { formatMoney } from '$core/units';
	import type { FilmRecord } from '$contract/records';
	import {
		counted,
		dateInWords,
		freshnessInWords,
		outingTakesInWords,
		packsInWords,
		plannedStockInWords,
		storageNames
	} from '$words';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import { replace, type Kept } from '$lib/records/client';
	import { refresh } from '$lib/records/refresh';
	import type { OutingRecord } from '$contract/records';
	import type { PackingRecords } from '$lib/outings/pack-question';
	import BatchSheet from './BatchSheet.svelte';
	import { plannedOf } from './needs';

	interface Counted {
		film: Kept<FilmRecord>;
		/** What is to be used first comes first. */
		batches: BatchLeft[];
	}
	interface Props {
		films: Counted[];
		/** Those to come. */
		outings: Kept<OutingRecord>[];
		records: PackingRecords;
	}
	let { films, outings, records }: Props = $props();

	const now = Date.now();
	const counts = $derived(films.filter(({ batches }) => batches.length > 0));
	const others = $derived(films.filter(({ batches }) => batches.length === 0));
	const all = $derived(counts.reduce((sum, { batches }) => sum + packsLeft(batches), 0));
	const worth = $derived(
		counts.flatMap(({ batches }) => batches).reduce((sum, { left, price = 0 }) => sum + left * price, 0)
	);
	const money = (amount: number) => formatMoney(amount, page.data.locale);

	const planned = $derived(plannedOf(outings, records, records.usual));
	const filmOf = (id: string) => records.films.find((film) => film.id === id)!;
	/** What each outing takes, in their order. */
	const outingsTake = $derived(
		[...new Set(planned.needs.map(({ outing }) => outing))].map((outing) => ({
			outing,
			takes: planned.needs
				.filter((need) => need.outing === outing)
				.map(({ filmId, packs }) => ({ film: filmOf(filmId), packs }))
		}))
	);
	/** What they all take of each film, and what there is of it. */
	const inAll = $derived(
		[...new Set(planned.needs.map(({ filmId }) => filmId))].map((id) => {
			const there = counts.find(({ film }) => film.id === id);
			return {
				film: filmOf(id),
				packs: planned.needs.reduce((sum, need) => sum + (need.filmId === id ? need.packs : 0), 0),
				left: there ? packsLeft(there.batches) : null
			};
		})
	);

	let open = $state.raw<{ of: Counted; at: number | null } | null>(null);
	let problem = $state('');
	let message = $state('');

	/** What is known of a batch; how many are left of it where there are several. */
	function lineOf(film: FilmRecord, batch: BatchLeft, several: boolean): string {
		const kept = batch.storage ? storageNames.find(({ value }) => value === batch.storage)!.name : '';
		const known = [
			several ? `${batch.left} left` : '',
			batch.price === undefined ? '' : `${money(batch.price)} each`,
			freshnessInWords(film, batch, now, page.data.locale),
			kept
		]
			.filter(Boolean)
			.join(' · ');
		return known || 'no price, no date';
	}

	async function keep({ film, batches }: Counted, at: number | null, batch: Batch | null): Promise<void> {
		const plain = batches.map(({ left: _, ...each }): Batch => each);
		const next =
			at === null
				? [...plain, batch!]
				: plain.flatMap((each, place) => (place === at ? (batch ? [batch] : []) : [each]));
		const { stock: _, ...rest } = $state.snapshot(film) as Kept<FilmRecord>;
		const written = await replace('films', next.length > 0 ? { ...rest, stock: next } : rest);
		if (written.result === 'saved') {
			open = null;
			problem = '';
			message = batch ? `Saved: ${film.name}.` : `Removed from ${film.name}.`;
		} else if (written.result === 'stale') problem = 'Changed elsewhere meanwhile: look again.';
		else problem = 'Not saved: the server isn’t answering.';
		if (written.result === 'saved' || written.result === 'stale') await refresh();
	}
	function count(of: Counted, at: number | null): void {
		problem = '';
		open = { of, at };
	}
</script>

<svelte:head><title>In stock · Just Enough</title></svelte:head>
<div class="page wide">
	<p><a class="plain-link" href={resolve('/bag')}>Bag</a></p>
	<h1>In stock</h1>
	<p class="sum">
		{#if counts.length === 0}Nothing counted yet. Choose a film and say how many you have; what you load is
			taken off by itself.{:else}{counted(all, 'One pack or roll', '# packs and rolls')}{#if worth > 0}, worth
				{money(worth)}{/if}.{/if}
		{#if inAll.length > 0}{plannedStockInWords(inAll)}{/if}
	</p>
	<div role="status">
		{#if message}<p class="notice">{message}</p>{/if}
	</div>
	<ul>
		{#each counts as each (each.film.id)}
			{@const { film, batches } = each}
			{@const left = packsLeft(batches)}
			<li class="film">
				<div>
					<h2>{film.name}</h2>
					<p class="left figures">{left === 0 ? 'None left' : `${packsInWords(film.type, left)} left`}</p>
				</div>
				<ul class="batches">
					{#each batches as batch, at (at)}
						<li>
							<span class="figures">{lineOf(film, batch, batches.length > 1)}</span>
							<button class="plain-link" type="button" onclick={() => count(each, at)}
								>Change<span class="sr-only">: {film.name}, {lineOf(film, batch, true)}</span></button
							>
						</li>
					{/each}
				</ul>
				<p class="acts">
					<button class="quiet" type="button" onclick={() => count(each, null)}
						>Add more<span class="sr-only"> of {film.name}</span></button
					>
					<a class="plain-link" href={resolve(`/bag/load?film=${film.id}`)}
						>Load it<span class="sr-only">: {film.name}</span></a
					>
				</p>
			</li>
		{/each}
	</ul>
	{#if others.length > 0}
		<div class="another">
			<ChoiceField
				label="Count another film"
				value=""
				options={[
					{ value: '', name: 'choose' },
					...others.map(({ film: { id, name } }) => ({ value: id, name }))
				]}
				onchange={(id) => {
					const found = others.find(({ film }) => film.id === id);
					if (found) count(found, null);
				}}
			/>
		</div>
	{:else if films.length === 0}
		<p><a class="quiet" href={resolve('/bag/film/new')}>Add a film</a></p>
	{/if}
	{#if outingsTake.length + planned.unpacked.length > 0}
		<h2 class="to-come">What outings take</h2>
		<ul>
			{#each outingsTake as { outing, takes } (outing.id)}
				<li class="outing">
					<a class="plain-link" href={resolve(`/plan/outings/${outing.id}`)}>{outing.name}</a>
					<span>{dateInWords(outing.date)}: {outingTakesInWords(takes)}</span>
				</li>
			{/each}
			{#each planned.unpacked as outing (outing.id)}
				<li class="outing">
					<a class="plain-link" href={resolve(`/plan/outings/${outing.id}`)}>{outing.name}</a>
					<span>{dateInWords(outing.date)}: nothing covers a scene of it yet</span>
				</li>
			{/each}
		</ul>
	{/if}
</div>

{#if open}
	{@const { of, at } = open}
	<BatchSheet
		film={of.film}
		batch={at === null ? null : of.batches[at]}
		{problem}
		onchoose={(batch) => void keep(of, at, batch)}
		onremove={() => void keep(of, at, null)}
		onclose={() => (open = null)}
	/>
{/if}

<style>
	.sum {
		font-size: 1.15rem;
		padding-bottom: 0.5rem;
	}
	ul {
		list-style: none;
		margin: 0;
		padding: 0;
	}
	.film {
		display: grid;
		grid-template-columns: 11rem minmax(0, 1fr) auto;
		gap: 0.25rem 1.5rem;
		align-items: start;
		border-top: 1px solid var(--line);
		padding-block: 0.75rem;
	}
	h2 {
		font-size: 1.125rem;
	}
	.left {
		font-size: 1.25rem;
		font-weight: var(--heavy);
	}
	.batches > li {
		display: flex;
		flex-wrap: wrap;
		gap: 0 1rem;
		align-items: baseline;
	}
	.acts {
		display: flex;
		gap: 1rem;
		align-items: center;
	}
	@media (max-width: 820px) {
		.film {
			grid-template-columns: minmax(0, 1fr);
		}
	}
	.to-come {
		padding-top: 1.5rem;
	}
	.outing {
		display: flex;
		flex-wrap: wrap;
		gap: 0 0.75rem;
		align-items: baseline;
	}
	.another {
		max-width: 20rem;
		padding-top: 1rem;
	}
</style>
