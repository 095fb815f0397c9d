import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { real } from '../../../tests/fixtures/arbitraries';
import { filterStopsQuantity } from '../../lib/bag/filter-quantity';
import { stopsOfDensity, stopsOfFactor } from './filter';

describe('filters', () => {
	// Source: the published definitions of optical density and filter factor; the usual table of neutral filters.
	it.each([
		[0.3, 2, 1],
		[0.6, 4, 2],
		[0.9, 8, 3],
		[1.8, 64, 6],
		[3, 1000, 10]
	])('a density of %s has the factor %s and takes %s stops', (density, factor, stops) => {
		expect(stopsOfDensity(density)).toBeCloseTo(stops, 1);
		expect(stopsOfFactor(factor)).toBeCloseTo(stops, 1);
	});

	it('add by density and multiply by factor', () => {
		fc.assert(
			fc.property(real(0, 4), real(0, 4), (a, b) => {
				expect(stopsOfDensity(a + b)).toBeCloseTo(stopsOfDensity(a) + stopsOfDensity(b), 9);
				expect(stopsOfFactor(10 ** a)).toBeCloseTo(stopsOfDensity(a), 9);
			})
		);
	});

	it.each([
		['2', 2],
		['1⅓', 4 / 3],
		['4×', 2],
		['8x', 3],
		['0.6', 2],
		['ND 0.9', 3],
		['0,3 d', 1],
		['D1.8', 6]
	])('are read from "%s"', (text, stops) => {
		expect(filterStopsQuantity.parse(text)).toBeCloseTo(stops, 1);
	});

	it('are not read from nonsense', () => {
		expect(filterStopsQuantity.parse('dark')).toBeNaN();
		expect(filterStopsQuantity.parse('')).toBeUndefined();
	});
});
