/** Flash by guide number: N · d = GN · √(S/100) · √power, in metres. Source: the published definition of guide numbers. */

/**
 * Distance at which a flash is just right.
 *
 * @param guideNumber m at ISO 100, full power
 * @param f f-number
 * @param speed stops that the film is faster than ISO 100, less what filters take
 * @param power part of full power, 0 … 1
 * @returns m
 * @example flashDistance(16, 8.8, 2, 1 / 8) // 1.29
 */
export function flashDistance(guideNumber: number, f: number, speed: number, power = 1): number {
	return (guideNumber * 2 ** (speed / 2) * Math.sqrt(power)) / f;
}

/**
 * Exposure error of a flash alone at a distance: light falls with distance squared.
 *
 * @param right the distance at which it is just right, m
 * @param distance m
 * @returns stops, + = too much
 * @example flashError(2, 4) // -2
 */
export function flashError(right: number, distance: number): number {
	return 2 * Math.log2(right / distance);
}

/**
 * Where a flash is within a range of error.
 *
 * @param right the distance at which it is just right, m
 * @param range stops
 * @returns m, nearest first
 * @example flashRange(2, [-1, 1]) // [1.41, 2.83]
 */
export function flashRange(right: number, [least, most]: readonly [number, number]): [number, number] {
	return [right * 2 ** (-most / 2), right * 2 ** (-least / 2)];
}

/**
 * Error of two lights together on one subject.
 *
 * @param errors of each alone, stops
 * @returns stops
 * @example together(-1, -1) // 0
 */
export function together(...errors: number[]): number {
	return Math.log2(errors.reduce((sum, error) => sum + 2 ** error, 0));
}
