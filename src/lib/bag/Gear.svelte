<!-- Filters, flash, support, close-up lenses and what is put before lamps. -->
<script lang="ts">
	import { v4 as uuid } from 'uuid';
	import { filterKinds } from '$core/camera';
	import { flashKinds } from '$core/flash';
	import { USUAL_LOSS_SD, usualModifiers } from '$core/studio';
	import { formatDoubt, formatGuideNumber, lengthUnit, stopsInWords } from '$core/units';
	import { gearRecordSchema, type GearRecord } from '$contract/records';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import { FormState } from '$lib/forms/form-state.svelte';
	import { stopsQuantity } from '$lib/forms/exposures';
	import { plainNumber } from '$lib/forms/quantity';
	import QuantityField from '$lib/forms/QuantityField.svelte';
	import GearGlyph from '$lib/parts/GearGlyph.svelte';
	import TextField from '$lib/forms/TextField.svelte';
	import { create, keptInWords, remove, type Kept } from '$lib/records/client';
	import { filterStopsQuantity } from './filter-quantity';
	import { guideNumberQuantity, powersQuantity } from './flash-quantity';
	import { refresh } from '$lib/records/refresh';

	let { gear }: { gear: Kept<GearRecord>[] } = $props();

	const blanks: Record<GearRecord['type'], GearRecord> = {
		filter: { type: 'filter', name: '', stops: 1, kind: 'neutral' },
		flash: { type: 'flash', name: '', guideNumber: 14, powers: [1] },
		support: { type: 'support', name: 'Tripod' },
		'close-up': { type: 'close-up', name: 'Close-up +2', dioptres: 2 },
		modifier: { type: 'modifier', name: '', stops: 1, sd: USUAL_LOSS_SD, times: 0 }
	};
	type Loose = { type: GearRecord['type']; name: string } & Record<string, unknown>;
	let form = $state.raw(new FormState<Loose>(gearRecordSchema as never, { ...blanks.filter } as Loose));
	let generation = $state(0);
	let message = $state('');
	let undo = $state.raw<(() => Promise<void>) | null>(null);
	const draft = $derived(form.draft);

	let usual = $state('');

	function start(record: GearRecord) {
		form = new FormState<Loose>(gearRecordSchema as never, structuredClone(record) as Loose);
		generation += 1;
	}

	function begin(type: GearRecord['type']) {
		usual = '';
		start(blanks[type]);
	}

	/** Filters and flashes as they are usual. */
	const usualOnes: GearRecord[] = [
		...filterKinds.map((filter) => ({ type: 'filter' as const, ...filter })),
		...flashKinds.map((flash) => ({ type: 'flash' as const, ...flash })),
		...usualModifiers.map((modifier) => ({
			type: 'modifier' as const,
			...modifier,
			sd: USUAL_LOSS_SD,
			times: 0
		}))
	];

	function beginFrom(name: string) {
		usual = name;
		start(usualOnes.find((piece) => piece.name === name) ?? blanks[draft.type]);
	}

	const set = (changes: Record<string, unknown>) => (form.draft = { ...form.draft, ...changes });

	async function keep(id: string, record: GearRecord) {
		const written = await create('gear', id, record);
		if (written.result === 'saved') await refresh();
		return written;
	}

	async function add(event: SubmitEvent) {
		event.preventDefault();
		const record = form.submit();
		if (!record) return;
		const written = await keep(uuid(), record as unknown as GearRecord);
		if (written.result === 'invalid') form.refuse(written.issues);
		message =
			written.result === 'saved' ? `${record.name} is in the bag.` : 'Not saved: try again in a moment.';
		undo = null;
		if (written.result === 'saved') begin(record.type);
	}

	async function drop({ id, version, ...record }: Kept<GearRecord>) {
		const removed = await remove('gear', { id, version });
		message = removed.result === 'saved' ? `${record.name} is out of the bag.` : keptInWords(removed);
		if (removed.result !== 'saved') return;
		undo = async () => {
			await keep(uuid(), record as GearRecord);
			message = `${record.name} is back.`;
			undo = null;
		};
		await refresh();
	}

	function describe(piece: GearRecord): string {
		if (piece.type === 'filter') return `costs ${stopsInWords(piece.stops)}`;
		if (piece.type === 'flash') return `guide number ${formatGuideNumber(piece.guideNumber)}`;
		if (piece.type === 'close-up') return `${piece.dioptres} dioptres`;
		if (piece.type === 'modifier')
			return `costs ${stopsInWords(piece.stops)}, give or take ${formatDoubt(piece.sd)}, ${piece.times > 0 ? 'as metered' : 'typical'}`;
		return 'tripod or other rest';
	}
</script>

<section aria-labelledby="gear-title">
	<h2 id="gear-title">Filters, flash, tripod and other gear</h2>
	{#if gear.length === 0}
		<p class="soft">
			Nothing yet. Add an ND 0.6 filter, and Shoot tells you when it turns two stops over into just enough.
		</p>
	{/if}
	<ul>
		{#each gear as piece (piece.id)}
			<li>
				<GearGlyph {piece} />
				<span class="what"
					><strong>{piece.name}</strong><span class="soft small">{describe(piece)}</span></span
				>
				<button class="plain-link" onclick={() => drop(piece)} aria-label="Take out {piece.name}"
					>Take out</button
				>
			</li>
		{/each}
	</ul>
	<p role="status">
		{message}
		{#if undo}<button class="plain-link" onclick={undo}>Undo</button>{/if}
	</p>
	<details>
		<summary>Add one</summary>
		<form onsubmit={add} novalidate>
			<div class="fields">
				<ChoiceField
					label="What"
					value={draft.type}
					options={[
						{ value: 'filter', name: 'a filter' },
						{ value: 'flash', name: 'a flash' },
						{ value: 'support', name: 'a tripod or other rest' },
						{ value: 'close-up', name: 'a close-up lens' },
						{ value: 'modifier', name: 'something in front of a lamp' }
					]}
					onchange={begin}
				/>
				{#if draft.type !== 'support' && draft.type !== 'close-up'}
					<ChoiceField
						label="Start from a usual one"
						value={usual}
						options={[
							{ value: '', name: 'none: I’ll type it in' },
							...usualOnes
								.filter(({ type }) => type === draft.type)
								.map(({ name }) => ({ value: name, name }))
						]}
						onchange={beginFrom}
					/>
				{/if}
				{#key generation}
					<TextField
						{form}
						path="name"
						label="Its name"
						value={draft.name}
						onchange={(name) => set({ name })}
					/>
					{#if draft.type === 'filter'}
						<QuantityField
							{form}
							path="stops"
							label="Light it costs"
							term="nd"
							hint="stops, or density 0.6, or factor 4×"
							value={draft.stops as number | undefined}
							quantity={filterStopsQuantity}
							onchange={(stops) => set({ stops })}
						/>
						<ChoiceField
							label="Kind of filter"
							value={draft.kind as string}
							options={[
								{ value: 'neutral', name: 'neutral (ND)' },
								{ value: 'contrast', name: 'yellow to red, for black-and-white' },
								{ value: 'conversion', name: 'to correct a colour cast' }
							]}
							onchange={(kind) => set({ kind })}
						/>
					{:else if draft.type === 'flash'}
						<QuantityField
							{form}
							path="guideNumber"
							label="Guide number, {lengthUnit()} at ISO 100"
							term="guide-number"
							hint="as printed: 28, or 80 ft, or 40 ft at ISO 25"
							value={draft.guideNumber as number | undefined}
							quantity={guideNumberQuantity}
							onchange={(guideNumber) => set({ guideNumber })}
						/>
						<QuantityField
							{form}
							path="powers"
							label="Its power settings"
							hint="such as 1, 1/2, 1/4; just 1 if it can’t be turned down"
							value={draft.powers as number[]}
							quantity={powersQuantity}
							onchange={(powers) => set({ powers })}
						/>
					{:else if draft.type === 'close-up'}
						<QuantityField
							{form}
							path="dioptres"
							label="Dioptres"
							term="dioptre"
							value={draft.dioptres as number | undefined}
							quantity={plainNumber}
							onchange={(dioptres) => set({ dioptres })}
						/>
					{:else if draft.type === 'modifier'}
						<QuantityField
							{form}
							path="stops"
							label="Light it costs, stops"
							hint="a typical value; Lamp on Shoot can measure it"
							value={draft.stops as number | undefined}
							quantity={stopsQuantity}
							onchange={(stops) => set({ stops })}
						/>
					{/if}
				{/key}
			</div>
			<button class="action" type="submit">Put it in the bag</button>
		</form>
	</details>
</section>

<style>
	h2 {
		padding-top: 2rem;
		border-bottom: 1px solid var(--line);
	}
	li {
		display: grid;
		grid-template-columns: 3.5rem minmax(0, 1fr) auto;
		align-items: center;
		gap: 0.25rem 1.25rem;
		padding: 0.4rem 0;
		border-bottom: 1px solid var(--line);
	}
	.what {
		display: grid;
	}
</style>
