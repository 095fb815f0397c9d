/**
 * A time as it was measured, to three digits.
 *
 * @example exactTime(0.0172) // '1/58.1 s'
 */
export const exactTime = (seconds: number): string =>
	seconds < 0.3 ? `1/${(1 / seconds).toPrecision(3)} s` : `${seconds.toPrecision(3)} s`;
