import {
	byParts,
	byPowders,
	diluted,
	replenisherFor,
	servesAgain,
	stockFor,
	waterOf,
	type Feel,
	type Movement,
	type Recipe
} from '$core/develop';
import type { RecipeRecord } from '$contract/records';
import type { Kept } from '$lib/records/client';

/** What was last typed on the page of a recipe. */
export interface Mixing {
	/** Of working solution. */
	millilitres: number;
	/** Of a picture out of a pack, °C; that of baths is one for all recipes. */
	celsius: number;
	/** Stops, + = pushed. */
	push: number;
	movement: Movement;
	/** Parts of water to one of all stock together; absent: as the recipe is mixed. */
	water?: number;
	/** Rolls that go in together. */
	atOnce: number;
	/** Water before the developer; how it is washed at the end. */
	prewash: boolean;
	wash: 'running' | 'changes';
	/** Baths of the shelf; absent: the first there is. */
	stopId?: string;
	fixerId?: string;
	/** How the warmth of a picture out of a pack is known. */
	feel: Feel | 'measured';
}

/** What is typed where nothing was yet. */
export const UNTYPED: Mixing = {
	...{ millilitres: 500, celsius: 20, push: 0, movement: 'usual', atOnce: 1 },
	...{ prewash: false, wash: 'running', feel: 'measured' }
};

/** The stop bath or the fixer that is taken; undefined where there is none on the shelf. */
export function bathOf(
	baths: readonly Kept<RecipeRecord>[],
	kind: 'stop' | 'fixer',
	{ stopId, fixerId }: Mixing
): Kept<RecipeRecord> | undefined {
	const own = baths.filter((bath) => bath.kind === kind);
	return own.find(({ id }) => id === (kind === 'stop' ? stopId : fixerId)) ?? own[0];
}

/** What of a recipe says how it is mixed, and how often it serves. */
type Mixed = Pick<Recipe, 'parts' | 'powders' | 'rollsPerLitre' | 'replenish'>;

/** How a recipe may be diluted: a bath that serves again is as it was mixed. Null where it may not. */
export const waterIn = (recipe: Mixed): number | null => (servesAgain(recipe) ? null : waterOf(recipe.parts));

/** Parts of water that are asked for; undefined: as the recipe is mixed. */
export function askedWater(recipe: Mixed, { water }: Mixing): number | undefined {
	const own = waterIn(recipe);
	return own === null || water === own ? undefined : water;
}

/**
 * What to take for a tank, by each of the ways that a recipe gives.
 *
 * @param water parts of it to one of all stock together; absent: as the recipe is mixed
 */
export function mixedFrom({ parts = [], powders = [] }: Mixed, millilitres: number, water?: number) {
	const own = waterOf(parts);
	if (water === undefined || own === null)
		return { parts: byParts(parts, millilitres), powders: byPowders(powders, millilitres) };
	return {
		parts: byParts(diluted(parts, water), millilitres),
		// As much of each powder as is in as much of the stock.
		powders: byPowders(powders, (millilitres * (1 + own)) / (1 + water))
	};
}

/** What a tank takes of a bath: rolls that go through it, ml of each of its stock solutions, and of its replenisher. */
export function takenOf(recipe: Mixed & { name: string }, { millilitres, atOnce }: Mixing, water?: number) {
	const { parts, powders } = mixedFrom(recipe, millilitres, water);
	const refill = replenisherFor(recipe, atOnce);
	return {
		rolls: atOnce,
		stock: stockFor([...parts, ...powders]),
		...(refill > 0 && { refill: { name: recipe.name, millilitres: refill } })
	};
}

export type Taken = ReturnType<typeof takenOf>;
