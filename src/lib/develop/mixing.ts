import type { Movement } from '$core/develop';

/** What was last typed on the page of a recipe. */
export interface Mixing {
	/** Of working solution. */
	millilitres: number;
	celsius: number;
	/** Stops, + = pushed. */
	push: number;
	movement: Movement;
	/** Rolls that went through it already. */
	rolls: number;
	atOnce: number;
	/** Left of each stock solution, ml; null: not said. */
	stock: number | null;
}
