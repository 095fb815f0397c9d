/** The mean of some numbers; none of none. */
export function meanOf(values: ArrayLike<number>): number {
	let sum = 0;
	for (let at = 0; at < values.length; at++) sum += values[at];
	return sum / values.length;
}

/** How far some numbers lie from their mean: the root of the mean square, of the population. */
export function spreadOf(values: ArrayLike<number>, mean = meanOf(values)): number {
	let sum = 0;
	for (let at = 0; at < values.length; at++) sum += (values[at] - mean) ** 2;
	return Math.sqrt(sum / values.length);
}

/**
 * By how much the doubt of a weighted mean grows where what it was made of lies farther apart than it should.
 * Source: the Birge ratio, √(χ²/(n − 1)), as used for published constants; never below 1.
 *
 * @param misses squares of how far each lies from the mean, each over its variance, together
 * @param count how many were weighed
 * @example birgeRatio(8, 3) // 2
 */
export const birgeRatio = (misses: number, count: number): number =>
	Math.max(1, Math.sqrt(misses / Math.max(1, count - 1)));
