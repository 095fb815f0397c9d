/**
 * The standard series of f-numbers and times in third stops, as they are marked on cameras and
 * meters (ISO 517 and ISO 516 for the full stops; the thirds between are common practice).
 */

export const markedApertures: readonly number[] = [
	0.7, 0.8, 0.9, 1, 1.1, 1.2, 1.4, 1.6, 1.8, 2, 2.2, 2.5, 2.8, 3.2, 3.5, 4, 4.5, 5, 5.6, 6.3, 7.1, 8, 9, 10,
	11, 13, 14, 16, 18, 20, 22, 25, 29, 32, 36, 40, 45, 51, 57, 64, 72, 80, 90, 102, 114, 128, 144, 161, 181,
	203, 228, 256
];

const THIRDS = 3;

/** The full stops of the same series: f/0.7, 1, 1.4 … (ISO 517). */
export const fullStopApertures: readonly number[] = markedApertures.filter(
	(_, index) => index % THIRDS === 0
);

const fractionsOfASecond = [
	8000, 6400, 5000, 4000, 3200, 2500, 2000, 1600, 1250, 1000, 800, 640, 500, 400, 320, 250, 200, 160, 125,
	100, 80, 60, 50, 40, 30, 25, 20, 15, 13, 10, 8, 6, 5, 4
];
const tenthsAndSeconds = [
	0.3, 0.4, 0.5, 0.6, 0.8, 1, 1.3, 1.6, 2, 2.5, 3.2, 4, 5, 6, 8, 10, 13, 15, 20, 25, 30, 40, 50, 60, 80, 100,
	120, 160, 200, 240, 320, 400, 480, 640, 800, 960, 1280, 1600, 1920, 2560, 3200
];

export const markedTimes: readonly number[] = [
	...fractionsOfASecond.map((part) => 1 / part),
	...tenthsAndSeconds
];

/**
 * The one of some values nearest to a value, in stops.
 *
 * @example nearestInStops([50, 100, 200], 150) // 200
 */
export function nearestInStops(values: readonly number[], value: number): number {
	const apart = (each: number) => Math.abs(Math.log2(each / value));
	return values.reduce((a, b) => (apart(b) < apart(a) ? b : a));
}

/**
 * The mark of a series nearest to a value, in stops; beyond the series, the value itself.
 *
 * @example nearestMark(markedApertures, 10.6) // 11
 */
export function nearestMark(series: readonly number[], value: number): number {
	const nearest = nearestInStops(series, value);
	return Math.abs(Math.log2(nearest / value)) < 1 / 2 ? nearest : Number(value.toPrecision(2));
}

/**
 * The marks of a standard series that lie inside a range, with both ends of the range.
 *
 * @param series a rising series, such as markedApertures
 * @param from lower end, > 0
 * @param to upper end, ≥ from
 * @returns rising values without repetition
 * @example marksBetween(markedApertures, 2.7, 4) // [2.7, 2.8, 3.2, 3.5, 4]
 */
export function marksBetween(series: readonly number[], from: number, to: number): number[] {
	return [...new Set([from, ...series.filter((mark) => mark > from && mark < to), to])];
}
