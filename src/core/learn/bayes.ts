import { Matrix, inverse } from 'ml-matrix';

/** Nine tenths of a normal quantity lie within this many standard deviations, a twentieth beyond on each side. */
export const NINE_IN_TEN = 1.6448536269514722;

/** One thing that was seen: y = x · θ, with its doubt. */
export interface Seen {
	x: readonly number[];
	y: number;
	sd: number;
}

/** A normal quantity. */
export interface Normal {
	mean: number;
	sd: number;
}

function solved(seen: readonly Seen[], priors: readonly Normal[]) {
	const size = priors.length;
	const precision = Matrix.diag(priors.map(({ sd }) => 1 / sd ** 2));
	const right = Matrix.columnVector(priors.map(({ mean, sd }) => mean / sd ** 2));
	for (const { x, y, sd } of seen) {
		const weight = 1 / sd ** 2;
		for (let row = 0; row < size; row++) {
			right.set(row, 0, right.get(row, 0) + x[row] * y * weight);
			for (let column = 0; column < size; column++) {
				precision.set(row, column, precision.get(row, column) + x[row] * x[column] * weight);
			}
		}
	}
	const covariance = inverse(precision);
	return { means: covariance.mmul(right), covariance };
}

/**
 * Bayes' rule for a linear model with normal priors and normal errors: the posterior precision is
 * P + Σ xxᵀ/σ², its mean the solution of it against P·m + Σ x·y/σ².
 * Source: Bayesian linear regression, as in any textbook.
 *
 * @param priors what is known of each θ beforehand; sd > 0
 * @returns what is known of each θ afterwards
 * @example posterior([{ x: [1], y: 1, sd: 1 }], [{ mean: 0, sd: 1 }]) // [{ mean: 0.5, sd: 0.707 }]
 */
export function posterior(seen: readonly Seen[], priors: readonly Normal[]): Normal[] {
	const { means, covariance } = solved(seen, priors);
	return priors.map((_, at) => ({ mean: means.get(at, 0), sd: Math.sqrt(covariance.get(at, at)) }));
}
