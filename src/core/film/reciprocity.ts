import { factsOf } from './type-facts';
import type { Film, Reciprocity } from './types';

/** The film's own reciprocity failure, or its type's. */
export function reciprocityOf(film: Pick<Film, 'type' | 'reciprocity'>): Reciprocity {
	return film.reciprocity ?? factsOf(film.type).reciprocity;
}

/**
 * Stops of speed that a film loses over a long exposure: (1 − 1/p)·log2(t/t0) from t0 on.
 * Source: Schwarzschild's law.
 *
 * @param film its `reciprocity` { from: t0 in s, exponent: p }, or its type's
 * @param seconds the time the shutter is really open, s
 * @returns stops, ≥ 0
 * @example reciprocityLoss({ …, reciprocity: { from: 1, exponent: 1.2 } }, 5) // 0.39
 */
export function reciprocityLoss(film: Film, seconds: number): number {
	const failure = reciprocityOf(film);
	if (seconds <= failure.from) return 0;
	return (1 - 1 / failure.exponent) * Math.log2(seconds / failure.from);
}

/**
 * The time to hold a shutter open so that the film gets what `metered` seconds would give without
 * reciprocity failure: t0·(tm/t0)^p from t0 on. The inverse of reciprocityLoss.
 *
 * @param film its `reciprocity`, or its type's
 * @param metered metered time, s
 * @returns s
 * @example correctedTime({ …, reciprocity: { from: 1, exponent: 1.2 } }, 4) // 5.28
 */
export function correctedTime(film: Film, metered: number): number {
	const failure = reciprocityOf(film);
	if (metered <= failure.from) return metered;
	return failure.from * (metered / failure.from) ** failure.exponent;
}

/** Exponents are known to about this; common practice. */
const EXPONENT_SD = 0.1;

/**
 * Doubt of what a film loses over a long exposure: that of its exponent, log2(t/t0)·0.1/p², the
 * derivative of (1 − 1/p)·log2(t/t0). A film of which it is said that it loses nothing is not in doubt.
 *
 * @param seconds the time the shutter is really open, s
 * @returns stops
 * @example reciprocityDoubt({ …, reciprocity: { from: 1, exponent: 1.3 } }, 300) // 0.49
 */
export function reciprocityDoubt(film: Film, seconds: number): number {
	const { from, exponent } = reciprocityOf(film);
	if (seconds <= from || exponent === 1) return 0;
	return (Math.log2(seconds / from) * EXPONENT_SD) / exponent ** 2;
}
