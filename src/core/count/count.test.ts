import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { heldInWords } from '../../words';
import { countAt, cuesOf } from '.';

const counts = fc.record({
	wanted: fc.double({ min: 0.5, max: 3600, noNaN: true }),
	countIn: fc.integer({ min: 0, max: 5 })
});

describe('a count', () => {
	it.each([
		[0, { phase: 'count-in', left: 3 }],
		[2.9, { phase: 'count-in', left: 1 }],
		[3, { phase: 'open', held: 0, left: 5 }],
		[4, { phase: 'open', held: 1, left: 4 }],
		[8, { phase: 'over', held: 5 }],
		[9.5, { phase: 'over', held: 6.5 }]
	])('after %d s of 3 and 5 stands where a clock does', (elapsed, state) => {
		expect(countAt({ wanted: 5, countIn: 3 }, elapsed)).toEqual(state);
	});

	it('never runs backwards, and what is held and left are what is wanted', () => {
		const order = { 'count-in': 0, open: 1, over: 2 };
		fc.assert(
			fc.property(counts, fc.double({ min: 0, max: 4000, noNaN: true }), (count, elapsed) => {
				const [now, later] = [countAt(count, elapsed), countAt(count, elapsed + 0.25)];
				expect(order[later.phase]).toBeGreaterThanOrEqual(order[now.phase]);
				if (now.phase === 'open') expect(now.held + now.left).toBeCloseTo(count.wanted, 6);
			})
		);
	});
});

describe('what is heard of a count', () => {
	it('is each second before, the opening, the middle, the last three and the closing', () => {
		expect(cuesOf({ wanted: 20, countIn: 3 }).map(({ at, kind }) => `${at} ${kind}`)).toEqual([
			'0 ready',
			'1 ready',
			'2 ready',
			'3 open',
			'13 half',
			'20 near',
			'21 near',
			'22 near',
			'23 close'
		]);
		expect(cuesOf({ wanted: 2, countIn: 0 }).map(({ kind }) => kind)).toEqual(['open', 'close']);
	});

	it('comes in order, opens once and closes once', () => {
		fc.assert(
			fc.property(counts, (count) => {
				const cues = cuesOf(count);
				const times = cues.map(({ at }) => at);
				expect(times).toEqual(times.toSorted((a, b) => a - b));
				for (const kind of ['open', 'close']) expect(cues.filter((cue) => cue.kind === kind)).toHaveLength(1);
				expect(times.at(-1)).toBe(count.countIn + count.wanted);
			})
		);
	});
});

describe('what was held', () => {
	// Source: a stop is twice the time; a third of it 26 % (definition).
	it.each([
		[5, 5.2, 'Open 5.2 s, as planned.'],
		[4, 8, 'Open 8 s instead of 4 s: 1 stop over.'],
		[8, 5.04, 'Open 5.0 s instead of 8 s: ⅔ stop under.'],
		[60, 61, 'Open 61 s, as planned.'],
		[2, 12, 'Open 12 s instead of 2 s: 2⅔ stops over.']
	])('of %d s, %d s', (wanted, held, words) => {
		expect(heldInWords(wanted, held)).toBe(words);
	});
});
