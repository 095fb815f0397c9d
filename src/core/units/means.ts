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
