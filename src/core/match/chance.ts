import cdf from '@stdlib/stats-base-dists-normal-cdf';
import type { StopRange } from '../film';

/** A person timing with a watch is off by about this, s; common practice. */
const HAND_TIMING_SECONDS = 0.2;

/**
 * Doubt of an exposure timed by hand: 0.2 s as stops of its time.
 *
 * @param seconds exposure time, s
 * @returns stops
 * @example handTimingDoubt(1) // 0.29
 */
export function handTimingDoubt(seconds: number): number {
	return HAND_TIMING_SECONDS / (seconds * Math.LN2);
}

/**
 * The chance that an error lies inside a range: Φ((b−e)/σ) − Φ((a−e)/σ).
 *
 * @param range [a, b], stops, ends included
 * @param error expected error e, stops
 * @param sd σ, stops, ≥ 0; with 0 the chance is 0 or 1
 * @returns 0 … 1
 * @example chanceWithin([-1, 1], 0, 1) // 0.683
 */
export function chanceWithin([from, to]: StopRange, error: number, sd: number): number {
	if (sd === 0) return error >= from && error <= to ? 1 : 0;
	return Math.max(0, cdf(to, error, sd) - cdf(from, error, sd));
}
