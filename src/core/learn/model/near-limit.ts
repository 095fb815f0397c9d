import { lookedNearFastest, lookedNearSlowest, type NearNoise } from './near-moments';

/** What a frame of two rows says, as a normal look at them, and what came of it. */
export interface Pair {
	precision: [number, number, number];
	right: [number, number];
	wild: number;
	log: number;
}

/** A symmetric matrix of two by two, as its first, mixed and last. */
type Square = [number, number, number];

const determinant = ([a, b, d]: Square) => a * d - b * b;
function inverse([a, b, d]: Square): Square | null {
	const size = a * d - b * b;
	return size > 0 && a > 0 ? [d / size, -b / size, a / size] : null;
}
const times = ([a, b, d]: Square, [x, y]: readonly number[]): [number, number] => [
	a * x + b * y,
	b * x + d * y
];
const along = (square: Square, by: readonly number[]) => {
	const [x, y] = times(square, by);
	return x * by[0] + y * by[1];
};

/**
 * A frame near a limit: the normal look at its two rows that leaves the same means and variances, by what all the
 * others say of them; see `lookedAtOne`.
 */
export function lookedAtTwo(
	mean: readonly [number, number],
	covariance: Square,
	was: Pick<Pair, 'precision' | 'right'>,
	offsets: readonly number[],
	{ y, end, noise }: { y: number; end: 'fastest' | 'slowest'; noise: NearNoise }
): Pair | null {
	const now = inverse(covariance);
	if (!now) return null;
	const precisionBefore = now.map((each, at) => each - was.precision[at]) as Square;
	const before = inverse(precisionBefore);
	if (!before) return null;
	const [n0, n1] = times(now, mean);
	const meanBefore = times(before, [n0 - was.right[0], n1 - was.right[1]]);
	const seen = (end === 'fastest' ? lookedNearFastest : lookedNearSlowest)(
		{
			m0: meanBefore[0] + offsets[0],
			m1: meanBefore[1] + offsets[1],
			v0: before[0],
			v01: before[1],
			v1: before[2]
		},
		y,
		noise
	);
	const after = inverse([seen.v0, seen.v01, seen.v1]);
	if (!after) return null;
	const [a0, a1] = times(after, [seen.m0 - offsets[0], seen.m1 - offsets[1]]);
	const [b0, b1] = times(precisionBefore, meanBefore);
	return {
		precision: after.map((each, at) => each - precisionBefore[at]) as Square,
		right: [a0 - b0, a1 - b1],
		wild: seen.wild,
		log:
			seen.log -
			Math.log(determinant(covariance) / determinant(before)) / 2 -
			(along(now, mean) - along(precisionBefore, meanBefore)) / 2
	};
}
