import { describe, expect, it } from 'vitest';
import { freshnessInWords, packsInWords } from './stock';

const film = { name: 'Wrack 640', type: 'instant', iso: 640 } as const;
const batch = { packs: 3, left: 2, countedAt: '2026-05-01T10:00:00Z' };
const now = Date.parse('2026-06-15T12:00:00Z');

describe('stock in words', () => {
	it('is counted in packs, or in rolls', () => {
		expect(packsInWords('instant', 1)).toBe('1 pack');
		expect(packsInWords('peel-apart', 2)).toBe('2 packs');
		expect(packsInWords('bw-negative', 3)).toBe('3 rolls');
	});

	it('says how fresh it is, and what has become of it', () => {
		expect(freshnessInWords(film, batch, now, 'en-GB')).toBe('');
		expect(freshnessInWords(film, { ...batch, bestBefore: '2027-05' }, now, 'en-GB')).toBe(
			'best before May 2027'
		);
		// Source: common practice: colour loses a stop in ten years, give or take half of it.
		expect(freshnessInWords(film, { ...batch, bestBefore: '2016-06' }, now, 'en-GB')).toBe(
			'best before June 2016: about 1 stop slower by now, give or take ½ stop'
		);
		expect(freshnessInWords(film, { ...batch, bestBefore: '2026-03' }, now, 'en-GB')).toBe(
			'best before March 2026: hardly slower by now, give or take ⅓ stop'
		);
	});
});
