import { byParts, byPowders, type Feel, type Movement, type Recipe } from '$core/develop';
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

/** What to take for a tank, by each of the ways that a recipe gives. */
export const mixedFrom = ({ parts, powders }: Pick<Recipe, 'parts' | 'powders'>, millilitres: number) => ({
	parts: byParts(parts ?? [], millilitres),
	powders: byPowders(powders ?? [], millilitres)
});
