import { describe, expect, it } from 'vitest';
import { fullStopApertures, markedApertures, markedTimes, marksBetween } from './series';

describe('standard series', () => {
	it('holds the full-stop f-numbers', () => {
		// Source: ISO 517:2008, table of relative apertures.
		expect(fullStopApertures.slice(0, 14)).toEqual([0.7, 1, 1.4, 2, 2.8, 4, 5.6, 8, 11, 16, 22, 32, 45, 64]);
	});

	it('holds the full-stop times', () => {
		// Source: ISO 516, series of exposure times.
		const full = [1, 2, 4, 8, 15, 30, 60, 125, 250, 500, 1000].map((part) => 1 / part);
		for (const time of full) {
			expect(markedTimes.some((mark) => Math.abs(mark / time - 1) < 1e-9)).toBe(true);
		}
	});

	// Common practice: marks are rounded, by less than a sixth of a stop from the true third.
	it('rises by thirds of a stop', () => {
		markedApertures.slice(1).forEach((f, index) => {
			expect(2 * Math.log2(f / markedApertures[index])).toBeGreaterThan(0.12);
			expect(2 * Math.log2(f / markedApertures[index])).toBeLessThan(0.56);
		});
		markedTimes.slice(1).forEach((time, index) => {
			expect(Math.log2(time / markedTimes[index])).toBeGreaterThan(0.12);
			expect(Math.log2(time / markedTimes[index])).toBeLessThan(0.56);
		});
	});

	it('gives the marks of a range with both its ends', () => {
		expect(marksBetween(markedApertures, 2.7, 4)).toEqual([2.7, 2.8, 3.2, 3.5, 4]);
		expect(marksBetween(markedApertures, 8, 8)).toEqual([8]);
	});
});
