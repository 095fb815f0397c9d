import type { Latitude } from '../film';
import type { Verdict } from './types';

/** Ends of a latitude count as inside; this takes up the rounding of a sum of logarithms. */
const END_TOLERANCE = 1e-9;

/** How far an error lies outside a range, stops; 0 inside. */
export function distanceOutside([from, to]: readonly [number, number], error: number): number {
	const outside = Math.max(from - error, error - to);
	return outside <= END_TOLERANCE ? 0 : outside;
}

/**
 * How a frame comes out by exposure alone, by the film's latitude; both ends of a range are inside.
 *
 * @param latitude stops
 * @param error stops, + = too much light
 * @example verdictOf({ good: [-0.5, 2], usable: [-1, 3] }, 2.5) // 'usable'
 */
export function verdictOf(latitude: Latitude, error: number): Verdict {
	if (distanceOutside(latitude.good, error) === 0) return 'just-enough';
	if (distanceOutside(latitude.usable, error) === 0) return 'usable';
	return error < latitude.usable[0] ? 'too-dark' : 'too-light';
}
