import type { Part, Powder, Recipe } from './types';

/** How much of something to take. */
export interface Measured {
	name: string;
	amount: number;
	unit: 'ml' | 'g';
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
	return parts.map(({ name, parts: part }) => ({
		name,
		amount: (millilitres * part) / whole,
		unit: 'ml'
	}));
}

const LITRE = 1000;

/**
 * What to take of each powder, in the order you dissolve them: weighed, or in a percent
 * solution of it; and of what is poured between them.
 *
 * @param powders for a litre
 * @param millilitres wanted
 * @example byPowders([{ name: 'Soda', grams: 20 }], 500)[0].amount // 10
 */
export function byPowders(powders: readonly Powder[], millilitres: number): Measured[] {
	return powders.map(({ name, grams, millilitres: poured, percent }) => {
		if (grams === undefined) return { name, amount: ((poured ?? 0) * millilitres) / LITRE, unit: 'ml' };
		const needed = (grams * millilitres) / LITRE;
		return percent === undefined
			? { name, amount: needed, unit: 'g' }
			: { name: `${name}, ${percent} %`, amount: millilitresOf(percent, needed), unit: 'ml' };
	});
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
 * @param recipe its capacity and the rolls that went through it; without a capacity it is used once
 * @param millilitres of it
 * @returns whole rolls, ≥ 0; null where it is replenished, and serves on
 * @example rollsLeft({ rollsPerLitre: 8, rollsDone: 3 }, 500) // 1
 */
export function rollsLeft(
	{ rollsPerLitre, rollsDone = 0, replenish }: Pick<Recipe, 'rollsPerLitre' | 'rollsDone' | 'replenish'>,
	millilitres: number
): number | null {
	if (replenish !== undefined) return null;
	if (rollsPerLitre === undefined) return rollsDone > 0 ? 0 : 1;
	return Math.max(0, Math.floor((rollsPerLitre * millilitres) / LITRE + 1e-9) - rollsDone);
}

const WATER = /^(hot |warm |cold )?water$/i;

/** Whether a part or powder is water, and no stock. */
export const isWater = ({ name }: { name: string }): boolean => WATER.test(name);

/** The most that a mixture takes of any of its stock solutions, ml; 0 where it takes none. */
export const stockFor = (mixed: readonly Measured[]): number =>
	Math.max(0, ...mixed.filter((each) => each.unit === 'ml' && !isWater(each)).map(({ amount }) => amount));

/**
 * How often a mixture can still be made from what is left of each of its stock solutions.
 *
 * @param mixed what is taken for it
 * @param left of each stock, ml
 * @returns null where it takes no stock solution
 * @example mixesLeft([{ name: 'Stock', amount: 50, unit: 'ml' }, { name: 'Water', amount: 450, unit: 'ml' }], 500) // 10
 */
export function mixesLeft(mixed: readonly Measured[], left: number): number | null {
	const most = stockFor(mixed);
	return most === 0 ? null : Math.floor(left / most + 1e-9);
}

/** A stock after so much was taken of it, ml; nothing where it is not counted. */
const lessStock = ({ stockLeft }: Pick<Recipe, 'stockLeft'>, taken: number): Pick<Recipe, 'stockLeft'> =>
	stockLeft === undefined ? {} : { stockLeft: Math.max(0, stockLeft - taken) };

/** Whether a bath serves more than once: it does so many rolls, or is replenished. */
export const servesAgain = ({
	rollsPerLitre,
	replenish
}: Pick<Recipe, 'rollsPerLitre' | 'replenish'>): boolean =>
	rollsPerLitre !== undefined || replenish !== undefined;

/**
 * Replenisher that a bath wants after a tank, ml. As much of the bath is poured off first, so that its volume stays.
 *
 * @param rolls that went through it
 * @example replenisherFor({ replenish: 22 }, 3) // 66
 */
export const replenisherFor = ({ replenish = 0 }: Pick<Recipe, 'replenish'>, rolls: number): number =>
	replenish * rolls;

/**
 * What a recipe is after films went through it: a bath that serves more than once has done more rolls and was given
 * its replenisher, and one that is used once has taken of its stock.
 *
 * @param recipe as it was
 * @param rolls that went through it
 * @param stock taken of each of its stock solutions, ml
 * @returns what changes; nothing where neither is counted
 * @example afterRolls({ rollsPerLitre: 8, rollsDone: 2 }, 2, 250) // { rollsDone: 4 }
 */
export function afterRolls(
	recipe: Pick<Recipe, 'rollsPerLitre' | 'rollsDone' | 'stockLeft' | 'replenish' | 'replenisherLeft'>,
	rolls: number,
	stock: number
): Pick<Recipe, 'rollsDone' | 'stockLeft' | 'replenisherLeft'> {
	if (!servesAgain(recipe)) return lessStock(recipe, stock);
	const { rollsDone = 0, replenisherLeft } = recipe;
	return {
		rollsDone: rollsDone + rolls,
		...(replenisherLeft === undefined
			? {}
			: { replenisherLeft: Math.max(0, replenisherLeft - replenisherFor(recipe, rolls)) })
	};
}

/**
 * What a recipe is once its bath is mixed anew: nothing went through it yet, and it has taken of its stock.
 *
 * @param stock taken of each of its stock solutions, ml
 * @param today YYYY-MM-DD
 * @example mixedAnew({ stockLeft: 900 }, 250, '2026-05-02') // { rollsDone: 0, mixedOn: '2026-05-02', stockLeft: 650 }
 */
export const mixedAnew = (
	recipe: Pick<Recipe, 'stockLeft'>,
	stock: number,
	today: string
): Pick<Recipe, 'rollsDone' | 'mixedOn' | 'stockLeft'> => ({
	rollsDone: 0,
	mixedOn: today,
	...lessStock(recipe, stock)
});

const DAY_MS = 86_400_000;

/** How old a stock is. */
export interface StockAge {
	days: number;
	/** Days that it still keeps, less than nothing where it is past its time; absent where that is not known. */
	left?: number;
}

/**
 * How old the stock of a recipe is on a day.
 *
 * @param today YYYY-MM-DD
 * @returns null where it is not known when it was mixed
 * @example stockAge({ mixedOn: '2026-05-01', keepsDays: 30 }, '2026-05-11') // { days: 10, left: 20 }
 */
export function stockAge(
	{ mixedOn, keepsDays }: { mixedOn?: string; keepsDays?: number },
	today: string
): StockAge | null {
	if (mixedOn === undefined) return null;
	const days = Math.max(0, Math.round((Date.parse(today) - Date.parse(mixedOn)) / DAY_MS));
	return { days, ...(keepsDays === undefined ? {} : { left: keepsDays - days }) };
}
