import { randomLcg, randomNormal } from 'd3-random';
import { describe, expect, it } from 'vitest';
import { certificateOf, goodTo, type Guess, type Named } from '.';

const guess = (error: number, ev = 14): Guess => ({
	...{ kind: 'seeing', at: '2026-05-02T10:00:00Z', day: '2026-05-02', clock: '10:00', ev: ev + error },
	named: { method: 'shadows', school: 'shadow-edge', condition: 'sharp' },
	read: { ev, sd: 0, by: 'drawn' }
});
/** Half of them so much above, half below. */
const even = (count: number, deviation: number, bias = 0) =>
	Array.from({ length: count }, (_, at) => bias + (at % 2 ? deviation : -deviation));
const certified = (errors: readonly number[], ev?: number) =>
	certificateOf(errors.map((error) => guess(error, ev)));

describe('what an eye is good to in open light', () => {
	// Source: chi-square table, from memory: below 22.475 lie 20 % at 29 degrees of freedom. Thirty errors of ±0.4 have
	// a deviation of 0.4·√(30/29) = 0.4068: 1.28 · 0.4068 · √(29/22.475) = 0.5915.
	it('is its bias and its spread as large as it may be', () => {
		expect(goodTo(even(30, 0.4))).toBeCloseTo(0.5915, 3);
		expect(goodTo(even(30, 0.4, -0.2))).toBeCloseTo(0.7915, 3);
	});

	it('is said from thirty guesses on, of open light alone', () => {
		expect(certified(even(29, 0.1))).toMatchObject({ guesses: 29, wanting: 1, holds: false, lapsed: false });
		expect(certified(even(60, 0.1), 9)).toMatchObject({ guesses: 0, wanting: 30 });
		expect(certified(even(30, 0.4))).toMatchObject({ guesses: 30, wanting: 0, holds: true, lapsed: false });
		expect(certified(even(40, 0.6))).toMatchObject({ holds: false, lapsed: false });
		expect(certified(even(200, 0.4))).toMatchObject({ guesses: 60, holds: true });
	});

	it('is said by what the light was called, from ten guesses on, rooms too, the best first', () => {
		const room = (error: number): Guess => ({
			...guess(error, 6),
			named: { method: 'place', place: 'office' } as Named
		});
		const guesses = [...even(30, 0.2).map((error) => guess(error)), ...even(10, 0.6).map(room)];
		const { conditions, guesses: open } = certificateOf(guesses);
		expect(open).toBe(30);
		expect(conditions.map(({ of, guesses, holds }) => [of, guesses, holds])).toEqual([
			['shadow-edge sharp', 30, true],
			['place office', 10, false]
		]);
		// Source: chi-square table, from memory: below 5.380 lie 20 % at 9 degrees of freedom. 0.6·√(10/9)·√(9/5.380)·1.28 = 1.047.
		expect(conditions[1].goodTo).toBeCloseTo(1.047, 3);
		expect(certificateOf(guesses.slice(0, 39)).conditions).toHaveLength(1);
	});

	it('notices an eye that has slipped, and one that is back', () => {
		const slipped = [...even(60, 0.3), ...even(30, 0.3, 0.9)];
		expect(certified(slipped)).toMatchObject({ holds: false, lapsed: true });
		expect(certified([...slipped, ...even(60, 0.3)])).toMatchObject({ holds: true, lapsed: false });
	});

	// Of eyes whose bias is nothing, eight guesses in ten are within 1.28 deviations: what is said is as much in eight
	// rows of ten, and hardly less in the others.
	it('is no less than it really is, in eight rows of ten', () => {
		const normal = randomNormal.source(randomLcg(0.42))(0, 0.4);
		const rows = Array.from({ length: 400 }, () => goodTo(Array.from({ length: 30 }, normal)));
		const enough = rows.filter((said) => said >= 1.28 * 0.4).length / rows.length;
		expect(enough).toBeGreaterThan(0.78);
		expect(enough).toBeLessThan(0.97);
		expect(Math.min(...rows)).toBeGreaterThan(0.75 * 1.28 * 0.4);
	});
});
