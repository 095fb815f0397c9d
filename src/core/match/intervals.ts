/** A stretch of light, EV at ISO 100: [from, to]. */
export type Interval = [from: number, to: number];

const TOUCHING = 1e-9;

/**
 * The union of intervals, rising, with those that touch joined.
 *
 * @example union([[3, 4], [0, 1], [1, 2]]) // [[0, 2], [3, 4]]
 */
export function union(intervals: readonly Interval[]): Interval[] {
	const joined: Interval[] = [];
	for (const [from, to] of [...intervals].sort((a, b) => a[0] - b[0])) {
		const last = joined.at(-1);
		if (last && from <= last[1] + TOUCHING) last[1] = Math.max(last[1], to);
		else joined.push([from, to]);
	}
	return joined;
}

/**
 * The one of some intervals that holds a value, its ends included.
 *
 * @example holding([[0, 1], [3, 4]], 3) // [3, 4]
 */
export const holding = (intervals: readonly Interval[], value: number): Interval | undefined =>
	intervals.find(([from, to]) => value >= from && value <= to);

/**
 * What two sets of intervals have in common.
 *
 * @example common([[0, 2], [3, 5]], [[1, 4]]) // [[1, 2], [3, 4]]
 */
export const common = (some: readonly Interval[], others: readonly Interval[]): Interval[] =>
	some.flatMap(([from, to]) =>
		others.flatMap((other): Interval[] => {
			const both: Interval = [Math.max(from, other[0]), Math.min(to, other[1])];
			return both[0] <= both[1] ? [both] : [];
		})
	);
