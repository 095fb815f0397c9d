import cdf from '@stdlib/stats-base-dists-normal-cdf';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { chanceBelow } from '.';

describe('the chance that a normal quantity lies below a value', () => {
	it.each([
		// Source: tables of the standard normal distribution, e.g. NIST/SEMATECH e-Handbook 1.3.6.7.1.
		[0, 0.5],
		[1, 0.84134],
		[1.96, 0.975],
		[-2.33, 0.0099],
		[3, 0.99865]
	])('at %s is %s', (z, chance) => expect(chanceBelow(z)).toBeCloseTo(chance, 4));

	it('is what an independent library says, far out too', () => {
		fc.assert(
			fc.property(fc.double({ min: -37, max: 37, noNaN: true }), (z) => {
				const told = cdf(z, 0, 1);
				expect(Math.abs(chanceBelow(z) - told)).toBeLessThanOrEqual(told * 1e-12);
			})
		);
	});
});
