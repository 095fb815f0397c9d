import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { real } from '../../../tests/fixtures/arbitraries';
import { handTimingDoubt } from '../camera';
import { chanceWithin } from './chance';

describe('chance', () => {
	// Source: the published table of the normal distribution, Φ(z) to four places.
	it.each([
		[0.5, 0.6915],
		[1, 0.8413],
		[1.28, 0.8997],
		[1.96, 0.975],
		[2.33, 0.9901],
		[-0.67, 0.2514]
	])('below z = %s it is %s', (z, chance) => {
		expect(chanceWithin([-100, z], 0, 1)).toBeCloseTo(chance, 4);
	});

	it('counts both ends of a range: 68.27 % within one standard deviation', () => {
		expect(chanceWithin([-1, 1], 0, 1)).toBeCloseTo(0.6827, 4);
	});

	it('is certain where there is no doubt', () => {
		expect(chanceWithin([-1, 1], 1, 0)).toBe(1);
		expect(chanceWithin([-1, 1], 1.01, 0)).toBe(0);
	});

	it('stays between nothing and all', () => {
		fc.assert(
			fc.property(real(-5, 0), real(0, 5), real(-40, 40), real(0, 5), (from, to, error, sd) => {
				const chance = chanceWithin([from, to], error, sd);
				expect(chance).toBeGreaterThanOrEqual(0);
				expect(chance).toBeLessThanOrEqual(1);
			})
		);
	});

	// Common practice: ± 0.2 s is more than a quarter stop at one second, and little at ten.
	it('knows how badly hands time', () => {
		expect(handTimingDoubt(1)).toBeCloseTo(0.29, 2);
		expect(handTimingDoubt(10)).toBeCloseTo(0.03, 2);
	});
});
