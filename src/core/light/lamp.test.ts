import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { logarithmic, real } from '../../../tests/fixtures/arbitraries';
import { castOf, miredOf } from '../film';
import { filmOf } from '../../../tests/fixtures/bag';
import { distanceFor, stopsByMoving } from './lamp';
import { resolveLight } from '.';

describe('a lamp', () => {
	// Source: the inverse square law by its published definition: half the distance is four times the light.
	it('gains two stops at half the distance', () => {
		expect(stopsByMoving(2, 1)).toBe(2);
		expect(stopsByMoving(1, 2)).toBe(-2);
		expect(distanceFor(2, 2)).toBe(1);
		expect(distanceFor(2, 1)).toBeCloseTo(Math.SQRT2, 9);
	});

	it('is moved there and back without a trace', () => {
		fc.assert(
			fc.property(logarithmic(0.2, 20), real(-6, 6), (distance, need) => {
				expect(stopsByMoving(distance, distanceFor(distance, need))).toBeCloseTo(need, 9);
			})
		);
	});

	it('is read at one distance and used at another, through what softens it', () => {
		const light = {
			method: 'lamp',
			reading: { ev: 8, sd: 0.3 },
			from: 2,
			to: 1,
			modifierStops: 1.5
		} as const;
		expect(resolveLight(light)).toMatchObject({ ev: 8.5, sd: 0.3 });
		expect(resolveLight({ method: 'lamp', reading: light, from: 1, to: 2 }).ev).toBeCloseTo(6.5, 9);
	});
});

describe('the colour of light', () => {
	// Source: the published definition of mired, 10⁶/K; a full daylight to 3200 K correction is about 131 mired.
	it('is counted in mired', () => {
		expect(miredOf(5500)).toBeCloseTo(181.8, 1);
		expect(miredOf(3200)).toBeCloseTo(312.5, 1);
		expect(castOf(filmOf('reversal', 100), 3200)).toBeCloseTo(130.7, 1);
		expect(castOf(filmOf('reversal', 100, { balance: 3200 }), 5500)).toBeCloseTo(-130.7, 1);
		expect(castOf(filmOf('bw-negative', 100), 2700)).toBeNull();
	});
});
