import { CholeskyDecomposition, Matrix } from 'ml-matrix';
import type { Row } from './unknowns';

/** Precisions and right sides: a block of what is shared, a border for each load, and the loads themselves. */
export interface System {
	shared: number[][];
	border: number[][];
	loads: number[];
	right: number[];
	rightOfLoads: number[];
}

/** What is known of all unknowns together: their means, and how any of them go together. */
export interface Known {
	mean: (row: Row) => number;
	covariance: (a: Row, b: Row) => number;
	/** All unknowns at once as they may be: what is shared, and the loads. */
	draw: (normal: () => number) => { shared: number[]; loads: number[] };
	/** Half of what the right side says, and ln|precision|: for the evidence. */
	said: number;
	logDeterminant: number;
}

export function systemOf(sds: readonly number[], loads: number, loadSd: number): System {
	return {
		shared: sds.map((sd, at) => sds.map((_, other) => (at === other ? 1 / sd ** 2 : 0))),
		border: Array.from({ length: loads }, () => sds.map(() => 0)),
		loads: Array.from({ length: loads }, () => 1 / loadSd ** 2),
		right: sds.map(() => 0),
		rightOfLoads: Array.from({ length: loads }, () => 0)
	};
}

/** Adds a site's precision between two of its rows. */
export function addPrecision(system: System, a: Row, b: Row, precision: number): void {
	a.at.forEach((at, i) => {
		const line = system.shared[at];
		b.at.forEach((other, j) => {
			line[other] += precision * a.by[i] * b.by[j];
		});
	});
	if (a.load === null) return;
	const border = system.border[a.load];
	b.at.forEach((other, j) => {
		border[other] += precision * b.by[j];
	});
	system.loads[a.load] += precision;
}

/** Adds a site's right side. */
export function addRight(system: System, row: Row, by: number): void {
	row.at.forEach((at, i) => {
		system.right[at] += by * row.by[i];
	});
	if (row.load !== null) system.rightOfLoads[row.load] += by;
}

const dot = (a: ArrayLike<number>, b: ArrayLike<number>): number => {
	let sum = 0;
	for (let at = 0; at < a.length; at++) sum += a[at] * b[at];
	return sum;
};

/** Solves Lᵀx = z by back substitution, in place: of a normal quantity with precision LLᵀ, x has the covariance. */
function spread(lower: Matrix, z: number[]): number[] {
	for (let i = z.length - 1; i >= 0; i--) {
		for (let j = i + 1; j < z.length; j++) z[i] -= lower.get(j, i) * z[j];
		z[i] /= lower.get(i, i);
	}
	return z;
}

/** All unknowns at once as they may be: what is shared by its precision's factor, then each load given that. */
function drawn(
	{ border, loads, rightOfLoads }: System,
	lower: Matrix,
	means: readonly number[],
	normal: () => number
): { shared: number[]; loads: number[] } {
	const shared = spread(lower, means.map(normal)).map((each, at) => means[at] + each);
	return {
		shared,
		loads: loads.map(
			(precision, load) =>
				(rightOfLoads[load] - dot(border[load], shared)) / precision + normal() / Math.sqrt(precision)
		)
	};
}

/**
 * Solves it, loads first: each touches its own frames only, so that what is left is small.
 * Source: block elimination by the Schur complement, as in any textbook of linear algebra.
 *
 * @returns null where the precision is not positive definite
 */
export function solved({ shared, border, loads, right, rightOfLoads }: System): Known | null {
	if (loads.some((each) => !(each > 0))) return null;
	const size = right.length;
	const left = shared.map((row) => row.slice());
	const side = right.slice();
	const touched = border.map((row) => row.flatMap((each, at) => (each === 0 ? [] : [at])));
	border.forEach((row, load) => {
		for (const i of touched[load]) {
			const part = row[i] / loads[load];
			for (const j of touched[load]) left[i][j] -= part * row[j];
			side[i] -= part * rightOfLoads[load];
		}
	});
	for (let i = 0; i < size; i++) for (let j = 0; j < i; j++) left[i][j] = left[j][i];
	const cholesky = new CholeskyDecomposition(new Matrix(left));
	if (!cholesky.isPositiveDefinite()) return null;
	const covariance = cholesky.solve(Matrix.eye(size)).to2DArray();
	const means = covariance.map((row) => dot(row, side));
	const meansOfLoads = loads.map(
		(precision, load) =>
			(rightOfLoads[load] - touched[load].reduce((sum, at) => sum + border[load][at] * means[at], 0)) /
			precision
	);
	// Of each load: how all that is shared goes together with it.
	const withLoad = border.map((row, load) =>
		covariance.map((line) => touched[load].reduce((sum, at) => sum + line[at] * row[at], 0) / loads[load])
	);
	const ofLoads = (a: number, b: number) =>
		touched[a].reduce((sum, at) => sum + border[a][at] * withLoad[b][at], 0) / loads[a] +
		(a === b ? 1 / loads[a] : 0);
	const lower = cholesky.lowerTriangularMatrix;
	const logDeterminant =
		2 * Array.from({ length: size }, (_, at) => Math.log(lower.get(at, at))).reduce((a, b) => a + b, 0) +
		loads.reduce((sum, each) => sum + Math.log(each), 0);
	return {
		mean: ({ at, by, load }) =>
			at.reduce((sum, place, i) => sum + by[i] * means[place], load === null ? 0 : meansOfLoads[load]),
		covariance(a, b) {
			let sum = 0;
			for (let i = 0; i < a.at.length; i++) {
				const line = covariance[a.at[i]];
				for (let j = 0; j < b.at.length; j++) sum += a.by[i] * line[b.at[j]] * b.by[j];
			}
			if (b.load !== null) for (let i = 0; i < a.at.length; i++) sum -= a.by[i] * withLoad[b.load][a.at[i]];
			if (a.load !== null) for (let j = 0; j < b.at.length; j++) sum -= b.by[j] * withLoad[a.load][b.at[j]];
			return a.load === null || b.load === null ? sum : sum + ofLoads(a.load, b.load);
		},
		draw: (normal) => drawn({ shared, border, loads, right, rightOfLoads }, lower, means, normal),
		said: (dot(side, means) + loads.reduce((sum, each, load) => sum + rightOfLoads[load] ** 2 / each, 0)) / 2,
		logDeterminant
	};
}
