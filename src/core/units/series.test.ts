import { describe, expect, it } from 'vitest';
import { fullStopApertures, markedApertures, markedTimes, marksBetween, nearestMark } from './series';

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

	// Source: the definition, N² and t in thirds of a stop about f/1 and 1 s; marks are rounded by less than a sixth.
	it('holds every third of a stop, in its place, and none besides', () => {
		expect(markedApertures).toHaveLength(52);
		markedApertures.forEach((f, index) => {
			expect(Math.abs(2 * Math.log2(f) - (index - 3) / 3), `f/${f}`).toBeLessThan(1 / 6);
		});
		expect(markedTimes).toHaveLength(75);
		markedTimes.forEach((time, index) => {
			expect(Math.abs(Math.log2(time) - (index - 39) / 3), `${time} s`).toBeLessThan(1 / 6);
		});
	});

	it('names the nearest mark, and what lies beside all of them by itself', () => {
		expect(nearestMark(markedTimes, 1 / 118)).toBe(1 / 125);
		expect(nearestMark(markedTimes, 1.1)).toBe(1);
		expect(nearestMark(markedTimes, 1.2)).toBe(1.3);
		expect(nearestMark([1, 2, 4], 1.5)).toBe(2);
		// Half a stop from every mark is none of them: two digits are said.
		expect(nearestMark([1, 4], 2)).toBe(2);
		expect(nearestMark([1, 4], 2.345)).toBe(2.3);
		expect(nearestMark([1, 4], 1.4)).toBe(1);
		expect(nearestMark([1, 4], 1.45)).toBe(1.4);
		expect(nearestMark([4, 1], 1.1)).toBe(1);
	});

	it('gives the marks of a range with both its ends', () => {
		expect(marksBetween([1, 2, 4, 8], 2, 8)).toEqual([2, 4, 8]);
		expect(marksBetween([1, 2, 4, 8], 3, 5)).toEqual([3, 4, 5]);
		expect(marksBetween(markedApertures, 2.7, 4)).toEqual([2.7, 2.8, 3.2, 3.5, 4]);
		expect(marksBetween(markedApertures, 8, 8)).toEqual([8]);
	});
});
