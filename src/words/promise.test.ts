import { describe, expect, it } from 'vitest';
import { promiseInWords } from './promise';

describe('what was predicted, beside what came out', () => {
	// Intervals: Wilson (1927) at nine times in ten, by hand: 18 of 20, 10 of 20, 3 of 3.
	it('fits, or does not, as far as frames can tell', () => {
		expect(promiseInWords({ promised: 0.9, interval: [0.74, 0.97] })).toBe('as predicted');
		expect(promiseInWords({ promised: 0.9, interval: [0.33, 0.67] })).toBe('fewer than predicted');
		expect(promiseInWords({ promised: 0.2, interval: [0.33, 0.67] })).toBe('more than predicted');
		expect(promiseInWords({ promised: 0.9, interval: [0.53, 1] })).toBe('fits so far, from few frames');
		expect(promiseInWords({ promised: 0.9, interval: [0.27, 1] })).toBe('fits so far, from few frames');
	});
});
