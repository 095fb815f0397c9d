import { describe, expect, it } from 'vitest';
import { positionLine } from './position-line';

describe('a place of a lever on a line', () => {
	it.each([
		['sun, f/16, 1/100 s, ISO 75', { label: 'sun', f: 16, seconds: 1 / 100, iso: 75 }],
		['indoors, ISO 300', { label: 'indoors', iso: 300 }],
		['dusk, f/8.8, 2 s', { label: 'dusk', f: 8.8, seconds: 2 }]
	])('%s', (line, position) => {
		expect(positionLine.parse(line)).toEqual(position);
		expect(positionLine.show(position)).toBe(line);
	});

	it('that cannot be read is no number, which every schema refuses', () => {
		expect(positionLine.parse('sun, f/big').f).toBeNaN();
	});
});
