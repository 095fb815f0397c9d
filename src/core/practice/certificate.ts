import chiSquareQuantile from '@stdlib/stats-base-dists-chisquare-quantile';
import { conditionKey, errorOf, groupedBy, hasRule } from './eye';
import type { Guess } from './types';

/** Open shade and brighter, EV at ISO 100: there the schools' rules hold. */
const OPEN = 11;
/** A certificate stands on so many guesses at least, and on no more than the last so many. */
const [FEWEST, NEWEST] = [30, 60];
/** What a light is called says something of itself from so many guesses on. */
const FEWEST_OF_ONE = 10;
/** What an eye is to be good to, stops: it is what negative film forgives and a wheel can undo. */
export const GOOD_TO = 2 / 3;
/** Eight in ten of a normal distribution lie within so many deviations; nine in ten below. */
const EIGHT_IN_TEN = 1.28;
/** How sure one may be that a spread is no larger than it is taken to be. */
const SURE = 0.8;

/** What an eye can be trusted to in one kind of light. */
export interface GoodIn {
	/** As conditionKey names it. */
	of: string;
	guesses: number;
	/** Stops. */
	goodTo: number;
	/** That is within what is asked for. */
	holds: boolean;
}

/** What a person's eye can be trusted to in open light. */
export interface Certificate {
	/** Guesses that it stands on. */
	guesses: number;
	/** So many more are needed; 0: enough. */
	wanting: number;
	/** Eight guesses in ten and more are within this, stops; absent while guesses are wanting. */
	goodTo?: number;
	/** That is within what is asked for. */
	holds: boolean;
	/** It held before, and does not any more. */
	lapsed: boolean;
	/** By what the light was called, open or not: those with enough guesses of their own. */
	conditions: GoodIn[];
}

/** Whether a light is one in which rules by eye hold. */
export const isOpenLight = ({ read }: Pick<Guess, 'read'>): boolean => read.ev >= OPEN;

/** By how much a spread that was found may be too small, by how many guesses it stands on. */
const factors = new Map<number, number>();
function factorOf(guesses: number): number {
	const known = factors.get(guesses);
	if (known !== undefined) return known;
	const factor = Math.sqrt((guesses - 1) / chiSquareQuantile(1 - SURE, guesses - 1));
	factors.set(guesses, factor);
	return factor;
}

/** The same of sums: of the errors, and of their squares about nothing. */
function goodToBy(guesses: number, sum: number, squares: number): number {
	const bias = sum / guesses;
	const spread = Math.sqrt(Math.max(0, squares - guesses * bias ** 2) / (guesses - 1));
	return Math.abs(bias) + EIGHT_IN_TEN * spread * factorOf(guesses);
}

/**
 * What a row of guesses is good to: the bias, and the spread as large as it may be.
 * Source: the upper limit of a standard deviation by the chi-square distribution, as in any textbook of statistics.
 *
 * @param errors two or more, stops
 * @returns stops
 * @example goodTo(thirty errors of mean 0 and deviation 0.4) // 0.58
 */
export function goodTo(errors: readonly number[]): number {
	let [sum, squares] = [0, 0];
	for (const error of errors) [sum, squares] = [sum + error, squares + error ** 2];
	return goodToBy(errors.length, sum, squares);
}

/** Whether any row of the newest guesses at some earlier time was good enough. */
function everHeld(errors: readonly number[]): boolean {
	let [sum, squares] = [0, 0];
	return errors.some((error, at) => {
		[sum, squares] = [sum + error, squares + error ** 2];
		if (at >= NEWEST) [sum, squares] = [sum - errors[at - NEWEST], squares - errors[at - NEWEST] ** 2];
		const guesses = Math.min(at + 1, NEWEST);
		return guesses >= FEWEST && goodToBy(guesses, sum, squares) <= GOOD_TO;
	});
}

/** What an eye is good to by what it called the light, the best first. */
function goodIn(guesses: readonly Guess[]): GoodIn[] {
	return [...groupedBy(guesses.filter(hasRule), ({ named }) => conditionKey(named))]
		.filter(([, group]) => group.length >= FEWEST_OF_ONE)
		.map(([of, group]) => {
			const last = group.slice(-NEWEST).map(errorOf);
			const found = goodTo(last);
			return { of, guesses: last.length, goodTo: found, holds: found <= GOOD_TO };
		})
		.sort((a, b) => a.goodTo - b.goodTo);
}

/**
 * What a person's eye is good to in open light, by their last guesses; whether it was once, and is not any more; and
 * what it is good to by what the light was called.
 *
 * @param guesses the first one first
 * @example certificateOf(forty good guesses) // { guesses: 40, wanting: 0, goodTo: 0.55, holds: true, lapsed: false, … }
 */
export function certificateOf(guesses: readonly Guess[]): Certificate {
	const conditions = goodIn(guesses);
	const errors = guesses.filter(isOpenLight).map(errorOf);
	const last = errors.slice(-NEWEST);
	const wanting = Math.max(0, FEWEST - last.length);
	const none = { guesses: last.length, wanting, holds: false, lapsed: false, conditions };
	if (wanting > 0) return none;
	// The newest alone, where they are worse: who slips should not be carried by what was.
	const found = Math.max(goodTo(last), goodTo(errors.slice(-FEWEST)));
	const holds = found <= GOOD_TO;
	return { ...none, goodTo: found, holds, lapsed: !holds && everHeld(errors.slice(0, -1)) };
}
