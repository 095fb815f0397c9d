import { describe, expect, it } from 'vitest';
import { degreesFromIso, isoFromDegrees, parseFilmSpeed } from './film-speed';

// Source: ISO 5800 and ISO 6, table of arithmetic and logarithmic speeds.
const table = [
	[6, 9],
	[12, 12],
	[16, 13],
	[20, 14],
	[25, 15],
	[32, 16],
	[40, 17],
	[50, 18],
	[64, 19],
	[80, 20],
	[100, 21],
	[125, 22],
	[160, 23],
	[200, 24],
	[250, 25],
	[320, 26],
	[400, 27],
	[500, 28],
	[640, 29],
	[800, 30],
	[1600, 33],
	[3200, 36]
];

describe('film speeds', () => {
	it.each(table)('ISO %s is %s°', (iso, degrees) => {
		expect(degreesFromIso(iso)).toBe(degrees);
	});

	it.each(table.filter(([iso]) => iso >= 12))('ISO %s is read back from %s°', (iso, degrees) => {
		expect(isoFromDegrees(degrees)).toBe(iso);
	});

	it.each([
		['400', 400],
		['ISO 400', 400],
		['iso 400/27°', 400],
		['400 / 27', 400],
		['27°', 400],
		['21 DIN', 100],
		[' 6,4 ', 6.4]
	])('reads "%s" from a box', (text, iso) => {
		expect(parseFilmSpeed(text)).toBe(iso);
	});

	it.each(['', 'fast', '400 ish', '-400', '4e2', 'ISO'])('reads nothing from "%s"', (text) => {
		expect(parseFilmSpeed(text)).toBeNull();
	});
});
