import { byParts, byPowders, type Movement, type Recipe } from '$core/develop';

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
}

/** What to take for a tank, by each of the ways that a recipe gives. */
export const mixedFrom = ({ parts, powders }: Pick<Recipe, 'parts' | 'powders'>, millilitres: number) => ({
	parts: byParts(parts ?? [], millilitres),
	powders: byPowders(powders ?? [], millilitres)
});
