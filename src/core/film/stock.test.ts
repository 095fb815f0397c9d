import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { draws } from '../../../tests/fixtures/few';
import { agedBatch, packsLeft, stockLeft, type Batch } from '.';

const batch = (packs: number, changes: Partial<Batch> = {}): Batch => ({
	packs,
	countedAt: '2026-05-01T10:00:00Z',
	...changes
});

describe('what is in stock', () => {
	it('is less by each load since it was counted, the soonest best before first', () => {
		const batches = [batch(2, { bestBefore: '2028-01' }), batch(1, { bestBefore: '2027-01' }), batch(1)];
		const loads = ['2026-05-02T10:00:00Z', '2026-05-03T10:00:00Z', '2026-04-30T10:00:00Z'];
		// By hand: the load of April came before the count; one is of 2027, the other of 2028.
		expect(stockLeft(batches, loads).map(({ bestBefore, left }) => [bestBefore, left])).toEqual([
			['2027-01', 0],
			['2028-01', 1],
			[undefined, 1]
		]);
	});

	it('takes what was bought later for no earlier load, whatever clock said its time', () => {
		const later = batch(1, { countedAt: '2026-06-01T10:00:00+02:00' });
		expect(packsLeft(stockLeft([later], ['2026-06-01T07:59:59Z']))).toBe(1);
		expect(packsLeft(stockLeft([later], ['2026-06-01T08:00:00Z']))).toBe(0);
	});

	it('is never less than none, and never grows by a load', () => {
		const at = fc
			.integer({ min: 0, max: 60 })
			.map((day) => new Date(Date.UTC(2026, 4, 1 + day)).toISOString());
		const some = fc.array(fc.record({ packs: fc.integer({ min: 0, max: 4 }), countedAt: at }), {
			maxLength: 4
		});
		fc.assert(
			fc.property(some, fc.array(at, { maxLength: 10 }), at, (batches, loads, more) => {
				const [before, after] = [loads, [...loads, more]].map((all) => stockLeft(batches, all));
				expect(before.every(({ left, packs }) => left >= 0 && left <= packs)).toBe(true);
				expect(packsLeft(before) - packsLeft(after)).toBeGreaterThanOrEqual(0);
				expect(packsLeft(before) - packsLeft(after)).toBeLessThanOrEqual(1);
				const all = batches.reduce((sum, { packs }) => sum + packs, 0);
				expect(packsLeft(before)).toBeGreaterThanOrEqual(all - loads.length);
			}),
			{ numRuns: draws(200) }
		);
	});

	it('is as good as fresh until its month is over, and slower after it', () => {
		const colour = { name: 'Any', type: 'colour-negative', iso: 400 } as const;
		const now = Date.parse('2026-05-31T12:00:00Z');
		expect(agedBatch(colour, batch(1, { bestBefore: '2026-05' }), now)).toBeNull();
		expect(agedBatch(colour, batch(1), now)).toBeNull();
		// Source: common practice: a stop in ten years for colour, half of it in a fridge.
		expect(agedBatch(colour, batch(1, { bestBefore: '2016-05' }), now)!.stops).toBeCloseTo(-1, 2);
		expect(agedBatch(colour, batch(1, { bestBefore: '2016-05', storage: 'fridge' }), now)!.stops).toBeCloseTo(
			-0.5,
			2
		);
	});
});
