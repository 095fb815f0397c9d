import type { Part, Powder } from './types';

/** How much of something to take. */
export interface Measured {
	name: string;
	/** ml of a solution, g of a powder. */
	amount: number;
}

/**
 * Millilitres of each part of a working solution. Source: mass balance; volumes are taken to add up,
 * as they do in baths this thin.
 *
 * @param parts each > 0
 * @param millilitres of the working solution
 * @example byParts([{ name: 'A', parts: 1 }, { name: 'Water', parts: 9 }], 500)[0].amount // 50
 */
export function byParts(parts: readonly Part[], millilitres: number): Measured[] {
	const whole = parts.reduce((sum, each) => sum + each.parts, 0);
	return parts.map(({ name, parts: part }) => ({ name, amount: (millilitres * part) / whole }));
}

const LITRE = 1000;

/**
 * Grams of each powder, in the order in which they are dissolved.
 *
 * @param powders for a litre
 * @param millilitres wanted
 * @example byPowders([{ name: 'Soda', grams: 20 }], 500)[0].amount // 10
 */
export function byPowders(powders: readonly Powder[], millilitres: number): Measured[] {
	return powders.map(({ name, grams }) => ({ name, amount: (grams * millilitres) / LITRE }));
}

/**
 * Powder for a percent solution, weight by volume: one per cent is a gram in 100 ml.
 *
 * @param percent g in 100 ml
 * @param millilitres of the solution
 * @returns g
 * @example gramsFor(10, 250) // 25
 */
export function gramsFor(percent: number, millilitres: number): number {
	return (percent * millilitres) / 100;
}

/**
 * Millilitres of a percent solution that hold so many grams; the inverse of gramsFor.
 *
 * @example millilitresOf(10, 2) // 20
 */
export function millilitresOf(percent: number, grams: number): number {
	return (grams / percent) * 100;
}

/**
 * Rolls that a bath still does.
 *
 * @param rollsPerLitre its capacity; absent: it is used once
 * @param millilitres of it
 * @param done rolls that went through it
 * @returns whole rolls, ≥ 0
 * @example rollsLeft(8, 500, 3) // 1
 */
export function rollsLeft(rollsPerLitre: number | undefined, millilitres: number, done: number): number {
	if (rollsPerLitre === undefined) return done > 0 ? 0 : 1;
	return Math.max(0, Math.floor((rollsPerLitre * millilitres) / LITRE + 1e-9) - done);
}
