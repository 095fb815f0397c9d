import { Matrix, inverse } from 'ml-matrix';

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

function solved(seen: readonly Seen[], priors: readonly Normal[]): { means: Matrix; covariance: Matrix } {
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

/** What is to be expected of x · θ, before its own doubt: mean x·m, variance xᵀΣx. */
export function expected(seen: readonly Seen[], priors: readonly Normal[], x: readonly number[]): Normal {
	const { means, covariance } = solved(seen, priors);
	const column = Matrix.columnVector([...x]);
	const variance = column.transpose().mmul(covariance).mmul(column).get(0, 0);
	return { mean: column.transpose().mmul(means).get(0, 0), sd: Math.sqrt(variance) };
}
