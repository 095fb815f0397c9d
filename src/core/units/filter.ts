/**
 * Stops that a density takes: D / log10(2). Source: the published definition of optical density.
 *
 * @param density ≥ 0
 * @example stopsOfDensity(0.6) // 1.99
 */
export function stopsOfDensity(density: number): number {
	return density / Math.log10(2);
}

/**
 * The density that takes so many stops: stops · log10(2), as it is printed on grey filters.
 *
 * @example densityOfStops(2).toFixed(1) // '0.6'
 */
export function densityOfStops(stops: number): number {
	return stops * Math.log10(2);
}

/**
 * Stops that a filter factor takes: log2 F.
 *
 * @param factor > 0
 * @example stopsOfFactor(4) // 2
 */
export function stopsOfFactor(factor: number): number {
	return Math.log2(factor);
}
