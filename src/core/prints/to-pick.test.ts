import { describe, expect, it } from 'vitest';
import { printsToPick } from './to-pick';

describe('prints to compare a frame with', () => {
	it('are thirds to two stops where it was promised about right', () => {
		expect(printsToPick(0)).toHaveLength(13);
		expect(printsToPick(-0.4)[0]).toBe(-2);
	});

	it('go on beyond what was promised, which is one of them', () => {
		// By hand: 4⅓ over: thirds to 2, then 3, 4, 4⅓, 5 and 6.
		const far = printsToPick(13 / 3);
		expect(far.slice(-5).map((each) => Number(each.toFixed(2)))).toEqual([3, 4, 4.33, 5, 6]);
		expect(printsToPick(-9).at(0)).toBe(-6);
		expect(printsToPick(2.9).some((each) => Math.abs(each - 3) < 1e-6)).toBe(true);
	});
});
