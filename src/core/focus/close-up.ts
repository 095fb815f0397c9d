import type { SharpZone } from './depth-of-field';

/**
 * Where a lens really looks with a close-up lens before it: 1/d' = 1/d + D, both from the lens. The
 * cone of light stays as it was, so that it costs no exposure.
 * Source: the thin lens equation for two lenses in contact.
 *
 * @param distance that the lens is set to, m; null = infinity
 * @param dioptres strength of the close-up lens, 1/m; > 0
 * @returns m
 * @example closeUpDistance(null, 2) // 0.5
 */
export function closeUpDistance(distance: number | null, dioptres: number): number {
	return 1 / ((distance === null ? 0 : 1 / distance) + dioptres);
}

/**
 * The zone that comes out sharp through a close-up lens.
 *
 * @param zone of the lens alone, m
 * @param dioptres strength of the close-up lens, 1/m; > 0
 * @example closeUpZone({ from: 2, to: null }, 2) // { from: 0.4, to: 0.5 }
 */
export function closeUpZone({ from, to }: SharpZone, dioptres: number): { from: number; to: number } {
	return { from: closeUpDistance(from, dioptres), to: closeUpDistance(to, dioptres) };
}

/**
 * Where a lens with a close-up lens before it would have to look to see something sharp: 1/d' = 1/d − D.
 *
 * @param distance of the subject, m
 * @param dioptres strength of the close-up lens, 1/m; 0 = none
 * @returns m; infinite or less than 0 where not even infinity is near enough
 * @example seenThrough(0.4, 2) // 2
 */
export function seenThrough(distance: number, dioptres: number): number {
	return 1 / (1 / distance - dioptres);
}

/**
 * The close-up lens that makes a lens look at a distance.
 *
 * @param distance that the lens is set to, m; null = infinity
 * @param wanted m; nearer than `distance`
 * @returns dioptres
 * @example closeUpFor(null, 0.5) // 2
 */
export function closeUpFor(distance: number | null, wanted: number): number {
	return 1 / wanted - (distance === null ? 0 : 1 / distance);
}
