import { isWater } from './mix';
import { timeAt, type Timed } from './time';
import type { Part, Recipe, RecipeTime, TimePoint } from './types';

/** Parts of stock and of water in a working solution. */
function sumsOf(parts: readonly Part[]) {
	const sum = (all: readonly Part[]) => all.reduce((total, each) => total + each.parts, 0);
	return { stock: sum(parts.filter((part) => !isWater(part))), water: sum(parts.filter(isWater)) };
}

/**
 * Parts of water to one part of all stock together.
 *
 * @param parts of a working solution
 * @returns 0 where it is used as it is; null where no stock is among them
 * @example waterOf([{ name: 'A', parts: 1 }, { name: 'B', parts: 1 }, { name: 'Water', parts: 10 }]) // 5
 */
export function waterOf(parts: readonly Part[] = []): number | null {
	const { stock, water } = sumsOf(parts);
	return stock === 0 ? null : water / stock;
}

/**
 * A working solution with another amount of water to the same stock.
 *
 * @param water parts of it to one of all stock together, ≥ 0
 * @returns as it was where it has no stock
 * @example diluted([{ name: 'Stock', parts: 1 }, { name: 'Water', parts: 9 }], 14) // Stock 1, Water 14
 */
export function diluted(parts: readonly Part[], water: number): Part[] {
	const sums = sumsOf(parts);
	if (sums.stock === 0) return [...parts];
	const whole = water * sums.stock;
	const stock = parts.filter((part) => !isWater(part));
	if (whole === 0) return stock;
	if (sums.water === 0) return [...stock, { name: 'Water', parts: whole }];
	return parts.map((part) => (isWater(part) ? { ...part, parts: (part.parts / sums.water) * whole } : part));
}

/**
 * Twice as thin takes 1.6 of the time, between 1.4 and 1.9: a power of the concentration, and its doubt. From memory, of
 * printed tables for general purpose developers at two dilutions; common practice.
 */
const [POWER, POWER_SD] = [0.7, 0.2];
/** Thinner or stronger than what is known by more than this, nobody should guess; common practice. */
const FARTHEST = 4;
const SAME = 1e-6;

/** How a recipe is used this time. */
export interface Used {
	/** Of push, pull or agitation on the time; 1 = as the table is. */
	factor?: number;
	/** Parts of water to one of all stock together; absent: as the recipe is mixed. */
	water?: number;
}

/** A developing time of a recipe, at a dilution. */
export interface TimedDiluted extends Timed {
	/** By rule of thumb, from the time with so many parts of water to one of stock. */
	from?: number;
}

/** A time that is known at a dilution: the logarithm of its concentration, and the time. */
interface Known {
	water: number;
	strength: number;
	timed: Timed;
}

const strengthOf = (water: number) => -Math.log(1 + water);
const doubtOf = ({ seconds, sd }: Timed) => sd / seconds;

/**
 * What a dilution takes at a temperature: by its own times, and where these do not reach, as the whole recipe changes
 * from there to the temperature.
 */
function timedOf(rows: readonly TimePoint[], base: readonly TimePoint[], celsius: number): Timed | null {
	const own = timeAt(rows, celsius);
	if (own) return own;
	const there = timeAt(base, celsius);
	const near = rows.toSorted((a, b) => Math.abs(a.celsius - celsius) - Math.abs(b.celsius - celsius));
	for (const row of near) {
		const [here, like] = [timeAt([row], row.celsius), timeAt(base, row.celsius)];
		if (!there || !here || !like) continue;
		const seconds = (there.seconds * here.seconds) / like.seconds;
		return { seconds, sd: seconds * Math.hypot(doubtOf(there), doubtOf(here)), beyond: there.beyond };
	}
	return null;
}

/** Between two dilutions straight in both logarithms; outside by the rule of thumb from the nearest. */
function between(known: readonly Known[], water: number): TimedDiluted | null {
	const strength = strengthOf(water);
	const exact = known.find((each) => Math.abs(each.strength - strength) < SAME);
	if (exact) return exact.timed;
	const above = known.findIndex((each) => each.strength > strength);
	if (above > 0) {
		const [a, b] = [known[above - 1], known[above]];
		const share = (strength - a.strength) / (b.strength - a.strength);
		const seconds = a.timed.seconds * (b.timed.seconds / a.timed.seconds) ** share;
		const doubt = Math.max(doubtOf(a.timed), doubtOf(b.timed));
		return { seconds, sd: seconds * doubt, beyond: a.timed.beyond || b.timed.beyond };
	}
	const nearest = known.at(above === 0 ? 0 : -1);
	if (!nearest) return null;
	const apart = strength - nearest.strength;
	if (Math.abs(apart) > Math.log(FARTHEST) + SAME) return null;
	const seconds = nearest.timed.seconds * Math.exp(-POWER * apart);
	const doubt = Math.hypot(doubtOf(nearest.timed), POWER_SD * apart);
	return { seconds, sd: seconds * doubt, beyond: nearest.timed.beyond, from: nearest.water };
}

/** Times by the parts of water that they are for. */
function byWater(times: readonly RecipeTime[], own: number): Map<number, RecipeTime[]> {
	const rows = new Map<number, RecipeTime[]>();
	for (const row of times) {
		const water = row.water ?? own;
		rows.set(water, [...(rows.get(water) ?? []), row]);
	}
	return rows;
}

/**
 * How long to develop in a recipe at a temperature and a dilution: by the person's own times, straight in the logarithms
 * of time and concentration between two dilutions, by rule of thumb and in more doubt beyond them.
 *
 * @param recipe its parts, which say how it is mixed, and its times
 * @param celsius °C
 * @param used push, pull and agitation, and its dilution
 * @returns null where neither the table nor the rule reaches
 * @example recipeTime({ parts: 1 + 9, times: [{ celsius: 20, seconds: 600 }] }, 20, { water: 19 })?.seconds // 975
 */
export function recipeTime(
	{ parts, times = [] }: Pick<Recipe, 'parts' | 'times'>,
	celsius: number,
	{ factor = 1, water }: Used = {}
): TimedDiluted | null {
	const own = waterOf(parts) ?? 0;
	const rows = byWater(times, own);
	const base = rows.get(own) ?? [...rows.values()].toSorted((a, b) => b.length - a.length)[0] ?? [];
	const known = [...rows]
		.flatMap(([each, points]) => {
			const timed = timedOf(points, base, celsius);
			return timed ? [{ water: each, strength: strengthOf(each), timed }] : [];
		})
		.sort((a, b) => a.strength - b.strength);
	const timed = between(known, water ?? own);
	return timed && { ...timed, seconds: timed.seconds * factor, sd: timed.sd * factor };
}
