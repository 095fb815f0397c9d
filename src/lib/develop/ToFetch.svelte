<!-- All that a run needs, on one list, to be ticked while it is fetched. -->
<script lang="ts">
	import { replenisherFor, rollsLeft, servesAgain } from '$core/develop';
	import { formatTemperature, formatVolume } from '$core/units';
	import { amountInWords, capital, counted, dilutionInWords } from '$words';
	import type { RecipeRecord } from '$contract/records';
	import type { Kept } from '$lib/records/client';
	import { askedWater, bathOf, mixedFrom, type Mixing } from './mixing';

	interface Props {
		recipe: RecipeRecord;
		/** Stop baths and fixers of the shelf. */
		baths: readonly Kept<RecipeRecord>[];
		mixing: Mixing;
		/** °C */
		celsius: number;
	}
	let { recipe, baths, mixing, celsius }: Props = $props();

	const { millilitres, atOnce } = $derived(mixing);
	const volume = $derived(formatVolume(millilitres));

	function amountsOf(bath: RecipeRecord, water?: number): string {
		const { parts, powders } = mixedFrom(bath, millilitres, water);
		const all = parts.length > 0 ? parts : powders;
		return all.map((each) => `${each.name} ${amountInWords(each)}`).join(', ');
	}

	/** A bath that serves more than once is taken as it stands, while it has rolls left. */
	function taken(bath: RecipeRecord, water?: number): string {
		const left = rollsLeft(bath, millilitres);
		const mixed = servesAgain(bath) && (bath.mixedOn !== undefined || (bath.rollsDone ?? 0) > 0);
		if (mixed && (left === null || left >= atOnce))
			return `${bath.name}: ${volume} as it is mixed, ${left === null ? 'replenished' : `good for ${counted(left, 'one more roll', '# more rolls')}`}`;
		const thin = water === undefined ? '' : ` ${dilutionInWords(water)}`;
		return `${bath.name}${thin}${mixed ? ', mixed fresh' : ''}: ${amountsOf(bath, water)}`;
	}
	const inUse = $derived([
		recipe,
		...(['stop', 'fixer'] as const).flatMap((kind) => bathOf(baths, kind, mixing) ?? [])
	]);
	const refills = $derived(
		inUse.flatMap((bath) => {
			const millilitres = replenisherFor(bath, atOnce);
			return millilitres > 0 ? [`Replenisher for ${bath.name}: ${formatVolume(millilitres)}`] : [];
		})
	);
	const after = (kind: 'stop' | 'fixer', else_: string) => {
		const bath = bathOf(baths, kind, mixing);
		return bath ? taken(bath) : else_;
	};
	const list = $derived([
		`A tank with ${counted(atOnce, 'one reel', '# reels')}, for ${volume}`,
		`${taken(recipe, askedWater(recipe, mixing))}, at ${formatTemperature(celsius)}`,
		...(mixing.prewash ? [`Water for the prewash: ${volume} at ${formatTemperature(celsius)}`] : []),
		capital(after('stop', 'a stop bath, or water')),
		capital(after('fixer', 'fixer: none is on the shelf yet')),
		...(mixing.wash === 'changes'
			? [`Water for the wash: ${formatVolume(3 * millilitres)}, near the bath’s temperature`]
			: []),
		...refills,
		'Thermometer and measuring cylinders; gloves and glasses; a scrap of the same film, to see how fast the fixer clears it'
	]);
</script>

<details>
	<summary>To fetch</summary>
	<ul>
		{#each list as each (each)}
			<li><label class="tick-box"><input type="checkbox" />{each}</label></li>
		{/each}
	</ul>
</details>

<style>
	li {
		padding-block: 0.15rem;
	}
</style>
