/** A smooth curve through points that never overshoots them. */

export type Point = readonly [x: number, y: number];

/** Slope at an inner point: the weighted harmonic mean of those beside it; level at a peak. */
function innerSlope(left: number, right: number, before: number, after: number): number {
	if (left * right <= 0) return 0;
	const [a, b] = [2 * after + before, after + 2 * before];
	return (a + b) / (a / left + b / right);
}

/** Slope at an end, by three points, kept from overshooting. */
function endSlope(near: number, far: number, width: number, next: number): number {
	const slope = ((2 * width + next) * near - width * far) / (width + next);
	if (slope * near <= 0) return 0;
	return near * far <= 0 && Math.abs(slope) > 3 * Math.abs(near) ? 3 * near : slope;
}

/**
 * Piecewise cubic Hermite interpolation, monotone between points (PCHIP).
 * Source: Fritsch and Carlson 1980, with the slopes of Fritsch and Butland 1984.
 *
 * @param points by rising x, at least three
 * @returns y at an x; beyond the ends the end's own y
 * @example monotone([[0, 0], [1, 1], [2, 4]])(1) // 1
 */
export function monotone(points: readonly Point[]): (x: number) => number {
	const widths = points.slice(1).map(([x], at) => x - points[at][0]);
	const rises = points.slice(1).map(([, y], at) => (y - points[at][1]) / widths[at]);
	const last = rises.length - 1;
	const slopes = points.map((_, at) => {
		if (at === 0) return endSlope(rises[0], rises[1], widths[0], widths[1]);
		if (at > last) return endSlope(rises[last], rises[last - 1], widths[last], widths[last - 1]);
		return innerSlope(rises[at - 1], rises[at], widths[at - 1], widths[at]);
	});
	return (x) => {
		if (x <= points[0][0]) return points[0][1];
		if (x >= points[last + 1][0]) return points[last + 1][1];
		const at = points.findIndex(([next]) => next > x) - 1;
		const [[from, y0], [, y1]] = [points[at], points[at + 1]];
		const [t, width] = [(x - from) / widths[at], widths[at]];
		const [m0, m1] = [slopes[at] * width, slopes[at + 1] * width];
		return (
			y0 * (1 + 2 * t) * (1 - t) ** 2 +
			m0 * t * (1 - t) ** 2 +
			y1 * t ** 2 * (3 - 2 * t) +
			m1 * t ** 2 * (t - 1)
		);
	};
}
