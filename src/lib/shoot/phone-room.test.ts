import { describe, expect, it } from 'vitest';
import { isTight, roomFor } from './phone-room';

describe('what a phone has room for', () => {
	it('yields in its order: the outing, the other cameras, the lane', () => {
		const shown = (left: number) => Object.values(roomFor(left, { chips: true })).filter(Boolean).length;
		expect([-1, 60, 110, 200].map(shown)).toEqual([0, 1, 2, 3]);
		expect(roomFor(130, { chips: false })).toEqual({ lane: true, chips: false, banner: true });
	});

	it('is drawn tighter where nothing is left, and not to and fro about one height', () => {
		expect(isTight(10, false)).toBe(false);
		expect(isTight(-1, false)).toBe(true);
		// Tighter there is more room, which is no reason to be wide again.
		expect(isTight(120, true)).toBe(true);
		expect(isTight(200, true)).toBe(false);
	});
});
