import type { SharpZone } from './depth-of-field';

/**
 * The nearest place to where a subject stands at which it comes out sharp.
 *
 * @param zone what is sharp, m
 * @param distance of the subject, m
 * @returns m; the distance itself where it is sharp there
 * @example standAt({ from: 1.5, to: null }, 0.8) // 1.5
 */
export function standAt({ from, to }: SharpZone, distance: number): number {
	return Math.min(to ?? Infinity, Math.max(from, distance));
}

/** Half of a strip from the camera to infinity lies nearer than this, m. */
const MIDDLE = 2.5;

/**
 * Where a distance stands on a strip from the camera (0) to infinity (1): d/(d + 2.5 m), even enough
 * where people stand.
 *
 * @param distance m; null = infinity
 * @returns 0 … 1
 * @example onStrip(2.5) // 0.5
 */
export function onStrip(distance: number | null): number {
	return distance === null || distance === Infinity ? 1 : distance / (distance + MIDDLE);
}
