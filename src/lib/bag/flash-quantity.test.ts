import { describe, expect, it } from 'vitest';
import { guideNumberQuantity, powersQuantity } from './flash-quantity';

describe('a guide number as it is printed', () => {
	// Source: a foot is 0.3048 m; a guide number grows with the root of the film speed.
	it.each([
		['28', 28],
		['14,5', 14.5],
		['28 m', 28],
		['80 ft', 24.4],
		['40 ft at ISO 25', 24.4],
		['20 m 400', 10]
	])('%s is %s m at ISO 100', (text, metres) => {
		expect(guideNumberQuantity.parse(text)).toBeCloseTo(metres, 1);
	});

	it('is nothing where nothing is typed, and no number where no number is', () => {
		expect(guideNumberQuantity.parse(' ')).toBeUndefined();
		expect(guideNumberQuantity.parse('bright')).toBeNaN();
	});

	it('goes from what is shown to what is typed', () => {
		expect(powersQuantity.show([1, 1 / 2, 1 / 16])).toBe('1, 1/2, 1/16');
		expect(powersQuantity.parse('1, 1/2, 1/16')).toEqual([1, 1 / 2, 1 / 16]);
	});
});
