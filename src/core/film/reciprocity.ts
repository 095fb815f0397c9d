import type { Film } from './types';

/**
 * Stops of speed that a film loses over a long exposure: (1 − 1/p)·log2(t/t0) from t0 on.
 * Source: Schwarzschild's law.
 *
 * @param film its `reciprocity` { from: t0 in s, exponent: p }; none loses nothing
 * @param seconds the time the shutter is really open, s
 * @returns stops, ≥ 0
 * @example reciprocityLoss({ …, reciprocity: { from: 1, exponent: 1.2 } }, 5) // 0.39
 */
export function reciprocityLoss(film: Film, seconds: number): number {
	const failure = film.reciprocity;
	if (!failure || seconds <= failure.from) return 0;
	return (1 - 1 / failure.exponent) * Math.log2(seconds / failure.from);
}

/**
 * The time to hold a shutter open so that the film gets what `metered` seconds would give without
 * reciprocity failure: t0·(tm/t0)^p from t0 on. The inverse of reciprocityLoss.
 *
 * @param film its `reciprocity`; none changes nothing
 * @param metered metered time, s
 * @returns s
 * @example correctedTime({ …, reciprocity: { from: 1, exponent: 1.2 } }, 4) // 5.28
 */
export function correctedTime(film: Film, metered: number): number {
	const failure = film.reciprocity;
	if (!failure || metered <= failure.from) return metered;
	return failure.from * (metered / failure.from) ** failure.exponent;
}
