import fc from 'fast-check';
import { afterEach, describe, expect, it } from 'vitest';
import { logarithmic, real } from '../../../tests/fixtures/arbitraries';
import { fahrenheitOf, FLUID_OUNCE, formatTemperature, formatTemperatures, formatVolume } from './bath';
import { FOOT, formatDistance, formatGuideNumber, INCH, measureBy, METRIC } from './measures';

const asked = (change: Partial<typeof METRIC>) => measureBy(() => ({ ...METRIC, ...change }));
afterEach(() => measureBy(() => METRIC));

describe('in feet', () => {
	// Source: the foot is 0.3048 m and the inch 0.0254 m, by definition (1959).
	it.each([
		[null, '∞'],
		[1.2192, '4 ft'],
		[1.3716, '4 ft 6 in'],
		[1.425, '4 ft 8 in'],
		[0.3048, '1 ft'],
		[0.3, '1 ft'],
		[0.25, '10 in'],
		[0.05, '2 in'],
		[0.04, '1.6 in'],
		[3.04, '10 ft'],
		[3.048, '10 ft'],
		[12.4, '41 ft'],
		[100, '330 ft'],
		[1609.344, '5300 ft']
	])('%s m', (metres, written) => {
		asked({ length: 'ft' });
		expect(formatDistance(metres)).toBe(written);
	});

	it('never says twelve inches, and is off by half of the last figure at most', () => {
		asked({ length: 'ft' });
		fc.assert(
			fc.property(logarithmic(0.01, 3000), (metres) => {
				const words = formatDistance(metres);
				const [, feet = '0', inches = '0'] = /^(?:([\d.]+) ft)?\s?(?:([\d.]+) in)?$/.exec(words)!;
				expect(Number(inches)).toBeLessThan(12);
				const said = Number(feet) * FOOT + Number(inches) * INCH;
				// Half an inch from three inches to ten feet; of two figures, half of the second at most elsewhere.
				const isTape = metres >= 3 * INCH && metres < 119.5 * INCH;
				expect(Math.abs(said - metres)).toBeLessThanOrEqual(isTape ? INCH / 2 + 1e-9 : metres * 0.0501);
			})
		);
	});

	it('a guide number', () => {
		// Source: 14 / 0.3048 = 45.93.
		expect(formatGuideNumber(14)).toBe('14 m');
		asked({ length: 'ft' });
		expect(formatGuideNumber(14)).toBe('45.9 ft');
	});
});

describe('degrees', () => {
	// Source: tables of developing times print 20 °C as 68 °F, 24 °C as 75 °F (75.2), 38 °C as 100 °F (100.4).
	it.each([
		[20, '68 °F'],
		[24, '75.2 °F'],
		[38, '100.4 °F'],
		[-40, '-40 °F'],
		[0, '32 °F']
	])('%s °C', (celsius, written) => {
		expect(formatTemperature(celsius)).toBe(`${celsius} °C`);
		asked({ temperature: 'F' });
		expect(formatTemperature(celsius)).toBe(written);
	});

	it('of a bath that grew warmer, with their unit once', () => {
		expect(formatTemperatures([20, 22])).toBe('20 to 22 °C');
		asked({ temperature: 'F' });
		expect(formatTemperatures([20, 22])).toBe('68 to 71.6 °F');
	});

	it('rise together', () => {
		fc.assert(
			fc.property(real(-40, 100), real(0.01, 60), (celsius, more) => {
				expect(fahrenheitOf(celsius + more)).toBeGreaterThan(fahrenheitOf(celsius));
			})
		);
	});
});

describe('volumes', () => {
	// Source: NIST Handbook 44, appendix C: a fluid ounce is 29.5735 ml, a pint of sixteen 473.176 ml.
	it.each([
		[473.176, '473.2 ml', '16 fl oz'],
		[58.82, '58.8 ml', '1.99 fl oz'],
		[500, '500 ml', '16.9 fl oz'],
		[5, '5 ml', '0.17 fl oz']
	])('%s ml', (millilitres, metric, ounces) => {
		expect(formatVolume(millilitres)).toBe(metric);
		asked({ volume: 'fl oz' });
		expect(formatVolume(millilitres)).toBe(ounces);
		expect(FLUID_OUNCE * 16).toBeCloseTo(473.176, 3);
	});
});
