import { describe, expect, it } from 'vitest';
import {
	freshnessInWords,
	fromStockInWords,
	outingTakesInWords,
	packsInWords,
	plannedStockInWords
} from './stock';

const film = { name: 'Wrack 640', type: 'instant', iso: 640 } as const;
const batch = { packs: 3, left: 2, countedAt: '2026-05-01T10:00:00Z' };
const now = Date.parse('2026-06-15T12:00:00Z');

describe('stock in words', () => {
	it('is counted in packs, or in rolls', () => {
		expect(packsInWords('instant', 1)).toBe('1 pack');
		expect(packsInWords('peel-apart', 2)).toBe('2 packs');
		expect(packsInWords('bw-negative', 3)).toBe('3 rolls');
	});

	it('says which packs a load is of', () => {
		expect(fromStockInWords(film, { ...batch, bestBefore: '2027-05' }, 'en-GB')).toBe(
			'From stock: 2 packs, best before May 2027.'
		);
		expect(fromStockInWords(film, { ...batch, left: 1 }, 'en-GB')).toBe('From stock: 1 pack.');
	});

	it('says what outings take, and what has to be bought for them', () => {
		const roll = { name: 'Marram 125', type: 'bw-negative' } as const;
		expect(outingTakesInWords([{ film, packs: 0 }])).toBe('what’s in the cameras will do');
		expect(
			outingTakesInWords([
				{ film, packs: 2 },
				{ film: roll, packs: 1 }
			])
		).toBe('2 packs of Wrack 640 and 1 roll of Marram 125');
		const said = (left: number | null, other: number | null) =>
			plannedStockInWords([
				{ film, packs: 2, left },
				{ film: roll, packs: 1, left: other }
			]);
		expect(said(2, 1)).toBe('It will do for the outings to come.');
		expect(said(0, 5)).toBe('For the outings to come, buy 2 packs of Wrack 640.');
		expect(said(1, null)).toBe(
			'For the outings to come, buy 1 pack of Wrack 640. They take Marram 125, too, which isn’t counted.'
		);
		expect(said(null, null)).toBe('They take Wrack 640 and Marram 125, too, which isn’t counted.');
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
