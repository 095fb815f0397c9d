import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { monotone } from './monotone';

describe('a monotone curve', () => {
	it('goes through its points, and stays at its ends', () => {
		const points = [
			[0, 1],
			[1, 2],
			[3, 2.5],
			[4, 7]
		] as const;
		const curve = monotone(points);
		for (const [x, y] of points) expect(curve(x)).toBeCloseTo(y, 12);
		expect([curve(-5), curve(9)]).toEqual([1, 7]);
	});

	// Source: by the published formula for equal steps: the inner slope is the harmonic mean, 2·1·3/(1 + 3) = 1.5; half way
	// from 0 to 1 with slopes 0 and 1.5 (the end: (3·1 − 3)/2 = 0) a cubic Hermite is 0.5 − 1.5/8 = 0.3125.
	it('has the slopes of the published formula', () => {
		expect(
			monotone([
				[0, 0],
				[1, 1],
				[2, 4]
			])(0.5)
		).toBeCloseTo(0.3125, 12);
	});

	it('is straight where its points are, and never turns back', () => {
		const straight = monotone([
			[0, 0],
			[2, 1],
			[6, 3],
			[7, 3.5]
		]);
		fc.assert(
			fc.property(fc.double({ min: 0, max: 7, noNaN: true }), (x) => Math.abs(straight(x) - x / 2) < 1e-9)
		);
		const rises = fc.array(fc.double({ min: 0.01, max: 5, noNaN: true }), { minLength: 3, maxLength: 8 });
		fc.assert(
			fc.property(rises, rises, (widths, heights) => {
				const size = Math.min(widths.length, heights.length);
				let [x, y] = [0, 0];
				const points = Array.from(
					{ length: size },
					(_, at) => [(x += widths[at]), (y += heights[at])] as const
				);
				const curve = monotone(points);
				let last = -Infinity;
				for (let step = 0; step <= 200; step++) {
					const at = points[0][0] + ((x - points[0][0]) * step) / 200;
					expect(curve(at)).toBeGreaterThanOrEqual(last - 1e-9);
					last = curve(at);
				}
			}),
			{ numRuns: 50 }
		);
	});
});
