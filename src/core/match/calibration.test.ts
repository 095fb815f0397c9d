import { describe, expect, it } from 'vitest';
import { allowed, calibration } from '../../../tests/fixtures/calibration';

/** `npm run truth` does this for every kind of camera and every way of reading, 10,000 frames each. */
describe('what is promised', () => {
	// Brute force with a fixed seed: no decile is off by more than three points or what chance allows.
	it('comes out as often, over all kinds of cameras, films and readings', () => {
		const deciles = calibration({}, 6000, 0.618);
		const judged = deciles.filter((decile) => allowed(decile) < Infinity);
		expect(judged.length).toBeGreaterThanOrEqual(4);
		for (const decile of judged) {
			expect(Math.abs(decile.cameOut - decile.promised)).toBeLessThan(allowed(decile));
		}
	});
});
