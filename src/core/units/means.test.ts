import { describe, expect, it } from 'vitest';
import { birgeRatio, meanOf, spreadOf } from '.';

describe('a mean', () => {
	it('is by hand that of its numbers, and its spread that of the population', () => {
		// By hand: 2, 4, 4, 4, 5, 5, 7, 9 have mean 5 and spread 2.
		const values = [2, 4, 4, 4, 5, 5, 7, 9];
		expect(meanOf(values)).toBe(5);
		expect(spreadOf(values)).toBe(2);
	});
	it('is doubted more where what it was made of contradicts itself, and never less', () => {
		// Source: the Birge ratio, √(χ²/(n − 1)).
		expect(birgeRatio(8, 3)).toBe(2);
		expect(birgeRatio(1, 3)).toBe(1);
		expect(birgeRatio(9, 1)).toBe(3);
	});
});
