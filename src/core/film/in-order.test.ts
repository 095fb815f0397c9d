import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { draws } from '../../../tests/fixtures/few';
import { inOrderOfTime, type Numbered } from './in-order';

const frame = (id: string, number: number, clock: string): Numbered => ({
	id,
	number,
	takenAt: `2026-05-02T${clock}:00Z`
});

const numbered = (frames: readonly Numbered[], changed: ReadonlyMap<string, number>) =>
	frames.map((each) => ({ ...each, number: changed.get(each.id) ?? each.number }));

describe('frames of one load that were logged apart', () => {
	it('leaves numbers alone that were given once', () => {
		expect(inOrderOfTime([frame('a', 1, '10:00')], [frame('b', 2, '09:00')])).toEqual(new Map());
	});

	it('numbers those that were given twice in order of time', () => {
		const there = [frame('a3', 3, '10:00'), frame('a4', 4, '10:10'), frame('a5', 5, '10:20')];
		const come = [frame('b3', 3, '10:05'), frame('b4', 4, '10:15')];
		expect(Object.fromEntries(inOrderOfTime(there, come))).toEqual({ b3: 4, a4: 6, b4: 7 });
		expect(Object.fromEntries(inOrderOfTime([there[0]], [frame('b3', 3, '09:00')]))).toEqual({ a3: 4 });
	});

	it('goes by the instant, whatever the clocks of the phones said', () => {
		const there = [{ id: 'a', number: 1, takenAt: '2026-05-02T10:00:00+02:00' }];
		const come = [{ id: 'b', number: 1, takenAt: '2026-05-02T09:00:00+00:00' }];
		expect(Object.fromEntries(inOrderOfTime(there, come))).toEqual({ b: 2 });
	});

	it('leaves what was judged its number, and numbers of which nothing is known', () => {
		const judged = [frame('a', 3, '10:00')];
		const come = [frame('b', 3, '09:00')];
		expect(Object.fromEntries(inOrderOfTime(judged, come, (id) => id === 'a', [4]))).toEqual({ b: 5 });
		expect(inOrderOfTime(judged, [frame('b', 4, '09:00')], undefined, [3])).toEqual(new Map());
		// A number of which nothing is known is a frame that was taken: another one cannot have it.
		expect(Object.fromEntries(inOrderOfTime([], [frame('b', 4, '09:00')], undefined, [4]))).toEqual({ b: 5 });
	});

	it('gives every frame a number of its own, and moves no other than those that met', () => {
		const clocks = fc.integer({ min: 0, max: 86_399_000 }).map((ms) => new Date(ms).toISOString());
		const frames = fc.uniqueArray(
			fc.record({ id: fc.uuid(), number: fc.integer({ min: 1, max: 12 }), takenAt: clocks }),
			{ maxLength: 12, selector: ({ number }) => number }
		);
		const judged = fc.infiniteStream(fc.boolean());
		let met = 0;
		fc.assert(
			fc.property(frames, frames, judged, (there, come, choices) => {
				const kept = new Set(there.filter(() => choices.next().value).map(({ id }) => id));
				const all = [...there, ...come];
				const count = (number: number) => all.filter((each) => each.number === number).length;
				const after = numbered(
					all,
					inOrderOfTime(there, come, (id) => kept.has(id))
				);
				expect(new Set(after.map(({ number }) => number)).size).toBe(all.length);
				all.forEach((before, at) => {
					if (kept.has(before.id) || count(before.number) === 1) expect(after[at].number).toBe(before.number);
				});
				const moved = after.filter((_, at) => count(all[at].number) > 1 && !kept.has(all[at].id));
				if (moved.length > 1) met += 1;
				const inOrder = moved.toSorted((a, b) => a.number - b.number).map(({ takenAt }) => takenAt);
				expect(inOrder).toEqual(inOrder.toSorted());
			}),
			{ numRuns: draws(500) }
		);
		expect(met).toBeGreaterThan(draws(500) / 4);
	});
});
