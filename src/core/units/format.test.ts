import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { real } from '../../../tests/fixtures/arbitraries';
import { formatAperture, formatPart, formatTime, stopsInWords } from './format';
import { formatDistance } from './measures';
import { formatDoubt, formatEv, formatStops, roundToThird } from './stops';

describe('stops', () => {
	it.each([
		[0, '0'],
		[0.1, '0'],
		[1 / 3, '⅓'],
		[-2 / 3, '⅔'],
		[1, '1'],
		[1.3, '1⅓'],
		[-2.7, '2⅔'],
		[4.19, '4⅓']
	])('%s stops are written %s', (stops, written) => {
		expect(formatStops(stops)).toBe(written);
	});

	it.each([
		[14.64, '14⅔'],
		[0, '0'],
		[-0.1, '0'],
		[-2.5, '−2⅓'],
		[-3, '−3']
	])('EV %s is written %s', (ev, written) => {
		expect(formatEv(ev)).toBe(written);
	});

	it('rounds to the nearest third and never to minus zero', () => {
		fc.assert(
			fc.property(real(-30, 30), (stops) => {
				expect(Math.abs(roundToThird(stops) - stops)).toBeLessThanOrEqual(1 / 6 + 1e-9);
				expect(Object.is(roundToThird(stops), -0)).toBe(false);
			})
		);
	});

	it.each([
		[0.1, '⅓'],
		[1 / 3, '⅓'],
		[0.5, '½'],
		[2 / 3, '⅔'],
		[1, '1'],
		[0, '⅓'],
		[0.57, '½'],
		[0.59, '⅔'],
		[0.43, '½'],
		[0.41, '⅓'],
		[1.42, '1½'],
		[2.3, '2⅓'],
		[1.5, '1½']
	])('a doubt of %s is written %s', (sd, written) => {
		expect(formatDoubt(sd)).toBe(written);
	});

	it('says stop and stops', () => {
		expect(stopsInWords(0.3)).toBe('⅓ stop');
		expect(stopsInWords(-1)).toBe('1 stop');
		expect(stopsInWords(1.3)).toBe('1⅓ stops');
		expect(stopsInWords(1.16)).toBe('1 stop');
		expect(stopsInWords(1.17)).toBe('1⅓ stops');
		expect(stopsInWords(-2)).toBe('2 stops');
		expect(stopsInWords(0)).toBe('0 stop');
	});
});

describe('settings as they are said', () => {
	it.each([
		[1.4, 'f/1.4'],
		[5.6, 'f/5.6'],
		[8, 'f/8'],
		[11, 'f/11'],
		[10.3, 'f/10.3'],
		[9.96, 'f/10'],
		[12.34, 'f/12.3'],
		[99.96, 'f/100'],
		[167, 'f/167'],
		[100.26, 'f/100.3'],
		[1234.5, 'f/1235']
	])('f-number %s', (f, written) => expect(formatAperture(f)).toBe(written));

	it.each([
		[1 / 4000, '1/4000 s'],
		[1 / 125, '1/125 s'],
		[1 / 60, '1/60 s'],
		[0.25, '1/4 s'],
		[0.5, '½ s'],
		[1, '1 s'],
		[5.04, '5 s'],
		[60, '1 min'],
		[95, '1 min 35 s'],
		[119.7, '2 min'],
		[3600, '60 min'],
		[0.449, '0.45 s'],
		[0.4, '0.4 s'],
		[1 / 3, '1/3 s'],
		[0.451, '0.45 s'],
		[0.481, '½ s'],
		[0.479, '0.48 s'],
		[0.519, '½ s'],
		[0.53, '0.53 s'],
		[1 / 9.4, '1/9 s'],
		[1 / 9.96, '1/10 s'],
		[1 / 15.4, '1/15 s'],
		[1 / 104, '1/104 s'],
		[1 / 1234, '1/1230 s'],
		[59, '59 s'],
		[59.9, '60 s'],
		[61, '1 min 1 s'],
		[599, '9 min 59 s'],
		[600, '10 min'],
		[629, '10 min'],
		[631, '11 min']
	])('time of %s s', (seconds, written) => expect(formatTime(seconds)).toBe(written));

	it.each([
		[null, '∞'],
		[0.42, '42 cm'],
		[1.425, '1.4 m'],
		[12.4, '12 m'],
		[0.99, '99 cm'],
		[0.999, '1 m'],
		[1, '1 m'],
		[0.426, '43 cm'],
		[1234, '1200 m']
	])('distance of %s m', (metres, written) => expect(formatDistance(metres)).toBe(written));

	it.each([
		[1, 'full'],
		[2, 'full'],
		[0.5, '1/2'],
		[1 / 3, '1/3'],
		[1 / 128, '1/128']
	])('a part of %s', (part, written) => expect(formatPart(part)).toBe(written));

	it('never writes a number that is none', () => {
		fc.assert(
			fc.property(real(1e-6, 86_400), (seconds) => {
				expect(formatTime(seconds)).not.toMatch(/NaN|Infinity|e[+-]/);
			})
		);
	});
});
