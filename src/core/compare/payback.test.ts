import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { draws } from '../../../tests/fixtures/few';
import { alikeWays, dearestPayback, framesUntil } from './payback';
import type { Way } from './types';

const share = (...good: number[]) => ({ good: Float64Array.from(good), usable: Float64Array.from(good) });
const way = (once: number, frame: number): Way => ({ name: '', cost: { once, frame } }) as Way;

describe('paying back', () => {
	it('is counted in equal keepers', () => {
		// By hand: keepers cost 2 / 0.8 = 2.50 and 2 / 0.4 = 5; 95 / 2.50 = 38 keepers, which are 47.5 frames.
		expect(framesUntil({ once: 95, frame: 2, good: 0.8 }, { once: 0, frame: 2, good: 0.4 })).toBe(48);
		// With 18 spent on the other: 77 / 2.50 = 30.8 keepers, 38.5 frames.
		expect(framesUntil({ once: 95, frame: 2, good: 0.8 }, { once: 18, frame: 2, good: 0.4 })).toBe(39);
		// What gives no more keepers never does.
		expect(framesUntil({ once: 95, frame: 2, good: 0.8 }, { once: 18, frame: 2, good: 0.8 })).toBe(Infinity);
		// Beside what gives none at all it has with its first.
		expect(framesUntil({ once: 95, frame: 2, good: 0.5 }, { once: 0, frame: 2, good: 0 })).toBe(2);
	});

	it('is where the two sums meet, whatever they are', () => {
		const part = fc.double({ min: 0.05, max: 1, noNaN: true });
		const money = fc.double({ min: 0.1, max: 20, noNaN: true });
		fc.assert(
			fc.property(
				part,
				part,
				money,
				money,
				fc.double({ min: 1, max: 500, noNaN: true }),
				(a, b, fa, fb, once) => {
					const until = framesUntil({ once, frame: fa, good: a }, { once: 0, frame: fb, good: b });
					const spentAt = (keepers: number) => [once + (keepers * fa) / a, (keepers * fb) / b];
					if (until === Infinity) {
						const [dear, other] = spentAt(1e9);
						expect(dear).toBeGreaterThanOrEqual(other);
						return;
					}
					const [dear, other] = spentAt(until * a);
					expect(dear).toBeLessThanOrEqual(other * (1 + 1e-9));
				}
			),
			{ numRuns: draws(300) }
		);
	});

	it('holds the dearest against the one whose keepers cost least of all others, world by world', () => {
		const ways = [way(0, 2), way(18, 2), way(95, 2)];
		const shares = [share(0.1, 0.1, 0.1), share(0.4, 0.5, 0.8), share(0.8, 0.8, 0.8)];
		const payback = dearestPayback(ways, shares)!;
		expect([payback.way, payback.beside]).toEqual([2, 1]);
		// By hand: 39, 77 / (4 − 2.50) = 51.3 keepers and 65 frames, and never; the middle one of the three.
		expect(payback.frames).toBe(65);
		expect(payback.within).toBeCloseTo(2 / 3, 9);
		expect(dearestPayback(ways.slice(0, 1), shares)).toBeNull();
	});

	it('says that it may never be', () => {
		const payback = dearestPayback([way(0, 2), way(95, 2)], [share(0.8, 0.8, 0.4), share(0.8, 0.8, 0.8)])!;
		expect(payback.frames).toBeNull();
		expect(payback.within).toBeCloseTo(1 / 3, 9);
	});
});

describe('ways that are alike', () => {
	it('are those that are not clearly worse, or by next to nothing', () => {
		const many = (good: number) => share(...Array.from({ length: 100 }, () => good));
		expect(alikeWays([many(0.5), many(0.83), many(0.82)])).toEqual([1, 2]);
		const sometimes = share(...Array.from({ length: 100 }, (_, at) => (at < 20 ? 0.9 : 0.7)));
		expect(alikeWays([many(0.8), sometimes])).toEqual([0, 1]);
		expect(alikeWays([many(0.8), many(0.7)])).toEqual([0]);
	});
});
