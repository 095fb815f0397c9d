import chiSquareQuantile from '@stdlib/stats-base-dists-chisquare-quantile';
import { eyeError, errorOf } from './eye';
import type { Guess } from './types';

/** Open shade and brighter, EV at ISO 100: there the schools' rules hold. */
const OPEN = 11;
/** A certificate stands on so many guesses at least, and on no more than the last so many. */
const [FEWEST, NEWEST] = [30, 60];
/** What an eye is to be good to, stops: it is what negative film forgives and a wheel can undo. */
export const GOOD_TO = 2 / 3;
/** Eight in ten of a normal distribution lie within so many deviations; nine in ten below. */
const EIGHT_IN_TEN = 1.28;
/** How sure one may be that a spread is no larger than it is taken to be. */
const SURE = 0.8;

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
}

/** Whether a light is one in which rules by eye hold. */
export const isOpenLight = ({ read }: Pick<Guess, 'read'>): boolean => read.ev >= OPEN;

/**
 * What a row of guesses is good to: the bias, and the spread as large as it may be.
 * Source: the upper limit of a standard deviation by the chi-square distribution, as in any textbook of statistics.
 *
 * @param errors two or more, stops
 * @returns stops
 * @example goodTo(thirty errors of mean 0 and deviation 0.4) // 0.58
 */
export function goodTo(errors: readonly number[]): number {
	const { bias, spread = 0, guesses } = eyeError(errors)!;
	const most = spread * Math.sqrt((guesses - 1) / chiSquareQuantile(1 - SURE, guesses - 1));
	return Math.abs(bias) + EIGHT_IN_TEN * most;
}

/**
 * What a person's eye is good to in open light, by their last guesses; and whether it was once, and is not any more.
 *
 * @param guesses the first one first
 * @example certificateOf(forty good guesses) // { guesses: 40, wanting: 0, goodTo: 0.55, holds: true, lapsed: false }
 */
export function certificateOf(guesses: readonly Guess[]): Certificate {
	const errors = guesses.filter(isOpenLight).map(errorOf);
	const last = errors.slice(-NEWEST);
	if (last.length < FEWEST)
		return { guesses: last.length, wanting: FEWEST - last.length, holds: false, lapsed: false };
	// The newest alone, where they are worse: who slips should not be carried by what was.
	const found = Math.max(goodTo(last), goodTo(errors.slice(-FEWEST)));
	const holds = found <= GOOD_TO;
	const held = () =>
		errors.some((_, end) => end >= FEWEST && goodTo(errors.slice(Math.max(0, end - NEWEST), end)) <= GOOD_TO);
	return { guesses: last.length, wanting: 0, goodTo: found, holds, lapsed: !holds && held() };
}
