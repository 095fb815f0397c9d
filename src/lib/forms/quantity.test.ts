import fc from 'fast-check';
import { afterEach, describe, expect, it } from 'vitest';
import { measureBy, METRIC, type Measures } from '$core/units';
import { logarithmic, real } from '../../../tests/fixtures/arbitraries';
import { centimetreQuantity, temperatureQuantity, volumeQuantity } from './measured';
import { filmSpeedQuantity, fNumberQuantity, stopsQuantity, timeQuantity } from './exposures';
import { distanceList, labelList, listOf } from './lists';
import { distanceQuantity, plainNumber } from './quantity';

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

describe('what is typed in one unit and shown in another', () => {
	const reads = (change: Partial<Measures>) => measureBy(() => ({ ...METRIC, ...change }));
	afterEach(() => reads({}));
	/** The last figure that is shown, in what it is shown in. */
	const lastFigure = (shown: string) => 10 ** -(shown.split('.')[1]?.length ?? 0);

	// Source: the foot is 0.3048 m and the inch 0.0254 m, by definition (1959).
	it.each([
		['4', 1.2192],
		['4.5', 1.3716],
		['4 ft', 1.2192],
		['4\' 6"', 1.3716],
		['4’ 6”', 1.3716],
		['4 ft 6 in', 1.3716],
		['4.5 ft', 1.3716],
		['18 in', 0.4572],
		['2 m', 2],
		['80 cm', 0.8]
	])('%s for a reader of feet', (text, metres) => {
		reads({ length: 'ft' });
		expect(distanceQuantity.parse(text)).toBeCloseTo(metres, 9);
		expect(distanceList.parse(text)).toEqual([expect.closeTo(metres, 9)]);
	});

	it.each([
		[1.2192, '4'],
		[1.3716, '4 ft 6 in'],
		[0.4572, '1 ft 6 in'],
		[0.2286, '9 in'],
		[3, '9 ft 10 in'],
		[1.4, '4.59']
	])('%s m stands in a field as', (metres, shown) => {
		reads({ length: 'ft' });
		expect(distanceQuantity.show(metres)).toBe(shown);
	});

	it('a distance typed in metres, shown in feet and typed again is the same within half of the last figure', () => {
		fc.assert(
			fc.property(logarithmic(0.05, 1000), (metres) => {
				reads({ length: 'm' });
				const typed = distanceQuantity.parse(`${metres} m`)!;
				reads({ length: 'ft' });
				const shown = distanceQuantity.show(typed);
				const again = distanceQuantity.parse(shown)!;
				const exact = /in$/.test(shown) || /^\d+$/.test(shown);
				// Of three figures that are no whole number the last is lost from a thousand on.
				const half =
					shown.length > 3 && /^\d+$/.test(shown) ? 0.005 * metres : lastFigure(shown) * 0.3048 * 0.5;
				expect(Math.abs(again - metres)).toBeLessThanOrEqual(
					Math.max(exact ? 1.1e-3 * metres : 0, half) + 1e-9
				);
			})
		);
	});

	it('a distance typed in feet, shown in metres and typed again is, too', () => {
		fc.assert(
			fc.property(real(0.2, 300), (feet) => {
				reads({ length: 'ft' });
				const typed = distanceQuantity.parse(String(feet))!;
				reads({ length: 'm' });
				const shown = distanceQuantity.show(typed);
				expect(Math.abs(distanceQuantity.parse(shown)! - typed)).toBeLessThanOrEqual(
					lastFigure(shown) / 2 + 1e-9
				);
			})
		);
	});

	// Source: tables of developing times: 20 °C is 68 °F, 24 °C is 75.2 °F.
	it.each([
		['68', 20],
		['68 °F', 20],
		['75.2F', 24],
		['20 C', 20],
		['20 °c', 20],
		['-40', -40]
	])('%s for a reader of °F', (text, celsius) => {
		reads({ temperature: 'F' });
		expect(temperatureQuantity.parse(text)).toBeCloseTo(celsius, 9);
	});

	it('a temperature is the same within half of a tenth, both ways', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: -10_000, max: 60_000 }),
				fc.constantFrom('C', 'F'),
				(thousandths, typed) => {
					const degrees = thousandths / 1000;
					const shownIn = typed === 'C' ? 'F' : 'C';
					reads({ temperature: typed });
					const celsius = temperatureQuantity.parse(String(degrees))!;
					reads({ temperature: shownIn });
					const again = temperatureQuantity.parse(temperatureQuantity.show(celsius))!;
					expect(Math.abs(again - celsius)).toBeLessThanOrEqual(0.05 + 1e-9);
				}
			)
		);
	});

	// Source: NIST Handbook 44, appendix C: a fluid ounce is 29.5735 ml.
	it.each([
		['16', 473.176],
		['16 fl oz', 473.176],
		['16 fl. oz.', 473.176],
		['500 ml', 500],
		['0.5 l', 500],
		['500cc', 500]
	])('%s for a reader of fluid ounces', (text, millilitres) => {
		reads({ volume: 'fl oz' });
		expect(volumeQuantity.parse(text)).toBeCloseTo(millilitres, 2);
	});

	it('a volume is the same within half of the fourth figure', () => {
		fc.assert(
			fc.property(logarithmic(1, 10_000), fc.constantFrom('ml', 'fl oz'), (amount, typed) => {
				reads({ volume: typed });
				const millilitres = volumeQuantity.parse(String(amount))!;
				reads({ volume: typed === 'ml' ? 'fl oz' : 'ml' });
				const again = volumeQuantity.parse(volumeQuantity.show(millilitres))!;
				expect(Math.abs(again / millilitres - 1)).toBeLessThanOrEqual(0.5e-3 + 1e-9);
			})
		);
	});

	it('the side of a lamp is typed in inches, or as it is', () => {
		reads({ length: 'ft' });
		expect(centimetreQuantity.parse('24')).toBeCloseTo(60.96, 9);
		expect(centimetreQuantity.parse('60 cm')).toBeCloseTo(60, 9);
		expect(centimetreQuantity.show(60.96)).toBe('24');
		reads({});
		expect(centimetreQuantity.parse('60')).toBe(60);
		expect(centimetreQuantity.parse('24 in')).toBeCloseTo(60.96, 9);
	});

	it('nothing else is taken for one', () => {
		for (const text of ['warm', '20 K', '68 °']) {
			const isDegrees = text === '68 °';
			expect(Number.isNaN(temperatureQuantity.parse(text))).toBe(!isDegrees);
		}
		for (const text of ['a cup', '2 pints']) expect(volumeQuantity.parse(text)).toBeNaN();
	});
});
