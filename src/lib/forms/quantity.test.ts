import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { logarithmic, real } from '../../../tests/fixtures/arbitraries';
import {
	distanceList,
	distanceQuantity,
	filmSpeedQuantity,
	fNumberQuantity,
	labelList,
	listOf,
	plainNumber,
	stopsQuantity,
	timeQuantity
} from './quantity';

describe('a time', () => {
	it.each([
		['1/125', 1 / 125],
		['1/125 s', 1 / 125],
		['1 / 60', 1 / 60],
		['2', 2],
		['2,5', 2.5],
		['0.5 sec', 0.5],
		['½', 0.5],
		['¼ s', 0.25],
		['2 min', 120],
		['1,5 minutes', 90]
	])('is read from "%s"', (text, seconds) => {
		expect(timeQuantity.parse(text)).toBeCloseTo(seconds, 9);
	});

	it.each(['quick', '1/', '/125', '1/2/3', '--'])('is not read from "%s"', (text) => {
		expect(timeQuantity.parse(text)).toBeNaN();
	});

	it('that is empty is no time', () => {
		expect(timeQuantity.parse('  ')).toBeUndefined();
	});

	it('is the same after it was shown and read again', () => {
		fc.assert(
			fc.property(logarithmic(1e-5, 86_400), (seconds) => {
				expect(timeQuantity.parse(timeQuantity.show(seconds))! / seconds).toBeCloseTo(1, 9);
			})
		);
		expect(timeQuantity.show(1 / 100)).toBe('1/100');
		expect(timeQuantity.show(0.5)).toBe('½');
	});
});

describe('stops', () => {
	it.each([
		['½', 0.5],
		['−½', -0.5],
		['-1⅓', -(4 / 3)],
		['2', 2],
		['0.15', 0.15],
		['−0,15', -0.15],
		['1⅔', 5 / 3]
	])('are read from "%s"', (text, stops) => {
		expect(stopsQuantity.parse(text)).toBeCloseTo(stops, 9);
	});

	it.each([
		[0.5, '½'],
		[-0.5, '−½'],
		[-4 / 3, '−1⅓'],
		[2, '2'],
		[0.15, '0.15']
	])('of %s are shown as %s', (stops, shown) => {
		expect(stopsQuantity.show(stops)).toBe(shown);
	});

	it('are the same after they were shown and read again, to six figures', () => {
		fc.assert(
			fc.property(real(-10, 10), (stops) => {
				expect(stopsQuantity.parse(stopsQuantity.show(stops))).toBeCloseTo(stops, 4);
			})
		);
	});

	it('that make no sense are none', () => {
		expect(stopsQuantity.parse('lots')).toBeNaN();
		expect(stopsQuantity.parse('')).toBeUndefined();
	});
});

describe('other quantities', () => {
	it('read what stands on lenses and boxes', () => {
		expect(fNumberQuantity.parse('f/8')).toBe(8);
		expect(fNumberQuantity.parse('F 5,6')).toBe(5.6);
		expect(fNumberQuantity.parse('eight')).toBeNaN();
		expect(filmSpeedQuantity.parse('400/27°')).toBe(400);
		expect(filmSpeedQuantity.parse('fast')).toBeNaN();
		expect(plainNumber.parse('12')).toBe(12);
		expect(plainNumber.show(1 / 3)).toBe('0.333333');
	});

	it('read lists with commas or wide gaps between, and keep what cannot be read as a fault', () => {
		const apertures = listOf(fNumberQuantity);
		expect(apertures.parse('8, 11,16')).toEqual([8, 11, 16]);
		expect(apertures.parse('8; f/11  16')).toEqual([8, 11, 16]);
		expect(apertures.parse('8, x')).toEqual([8, NaN]);
		expect(apertures.parse('')).toEqual([]);
		expect(listOf(timeQuantity).show([1 / 100, 0.5])).toBe('1/100, ½');
	});

	it('read distances with infinity', () => {
		expect(distanceList.parse('1, 2.5, ∞')).toEqual([1, 2.5, null]);
		expect(distanceList.parse('3; inf')).toEqual([3, null]);
		expect(distanceList.show([1, null])).toBe('1, ∞');
	});

	it('read labels, or none', () => {
		expect(labelList.parse('sun, cloud')).toEqual(['sun', 'cloud']);
		expect(labelList.parse(' ')).toBeUndefined();
		expect(labelList.show(undefined)).toBe('');
	});
});

describe('a distance', () => {
	// Source: the foot is 0.3048 m and the inch 0.0254 m, by definition (1959).
	it.each([
		['2.5', 2.5],
		['2,5 m', 2.5],
		['80 cm', 0.8],
		['4 ft', 1.2192],
		['80 ft', 24.384],
		['3\' 6"', 1.0668],
		["3'6", 1.0668],
		['3 ft 6 in', 1.0668],
		['18 in', 0.4572],
		['6″', 0.1524]
	])('%s', (text, metres) => expect(distanceQuantity.parse(text)).toBeCloseTo(metres, 9));

	it('is none where nothing of the kind is typed, and may be left empty', () => {
		expect(distanceQuantity.parse('')).toBeUndefined();
		for (const text of ['far', '3 yd', "'", '1.2.3 ft']) expect(distanceQuantity.parse(text)).toBeNaN();
		expect(distanceList.parse('4 ft, 2 m, inf')).toEqual([expect.closeTo(1.2192, 9), 2, null]);
	});
});

describe('an f-number as a meter shows it', () => {
	// Source: a stop is a factor of √2 in the f-number (ISO 517): f/45 and nine tenths is f/61.5.
	it.each([
		['f/8', 8],
		['8 5', 8 * 2 ** 0.25],
		['f/45 and 9/10', 61.5],
		['45 9/10', 61.5],
		['f/5,6 + 3', 5.6 * 2 ** 0.15]
	])('%s', (text, f) => expect(fNumberQuantity.parse(text)).toBeCloseTo(f, 1));
});
