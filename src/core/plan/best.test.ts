import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bestInWords } from '../../words';
import { bestHours, type PlanWindow } from '.';

/** The hours that most cameras share. */

const at = (minutes: number) => new Date(Date.UTC(2026, 4, 2, 0, minutes)).toISOString();
const window = (
	from: number,
	to: number,
	{ verdict = 'just-enough', steady = 'hand' }: Partial<Pick<PlanWindow, 'verdict' | 'steady'>> = {}
): PlanWindow => ({
	from: at(from),
	to: at(to),
	verdict,
	steady,
	settings: { f: 8, fRange: [8, 8], seconds: [0.01, 0.01] } as PlanWindow['settings']
});

describe('the best hours', () => {
	// By hand: 9 to 16 h and 10 to 18 h share 10 to 16 h.
	it('are those that most cameras share', () => {
		expect(bestHours([[window(540, 960)], [window(600, 1080)]])).toEqual({
			from: at(600),
			to: at(960),
			count: 2,
			steady: 'hand'
		});
	});

	it('are longer ones of fewer cameras where all share a moment only', () => {
		const best = bestHours([[window(540, 700)], [window(690, 1080)]]);
		// By hand: both share ten minutes; from 9 to 18 h one or the other works.
		expect(best).toMatchObject({ from: at(540), to: at(1080), count: 1 });
		expect(bestHours([[window(540, 550)], [window(545, 560)]])).toMatchObject({ from: at(545), count: 2 });
	});

	it('go on over windows that touch, and count neither what is merely usable nor what needs a tripod', () => {
		expect(bestHours([[window(540, 600), window(600, 700)]])).toMatchObject({ from: at(540), to: at(700) });
		expect(bestHours([[window(540, 600), window(600, 700, { verdict: 'usable' })]])).toMatchObject({
			to: at(600)
		});
		const dim = window(0, 300, { steady: 'support' });
		expect(bestHours([[dim, window(540, 600)]])).toMatchObject({ from: at(540), steady: 'hand' });
		expect(bestHours([[dim]])).toMatchObject({ to: at(300), steady: 'support' });
		expect(bestHours([[], [window(0, 60, { verdict: 'usable' })]])).toBeNull();
		expect(bestHours([])).toBeNull();
	});

	it('are covered by as many cameras as they say, whatever the windows', () => {
		const minute = fc.integer({ min: 0, max: 1439 });
		const span = fc.tuple(minute, minute).map(([a, b]) => [Math.min(a, b), Math.max(a, b) + 1] as const);
		fc.assert(
			fc.property(fc.array(fc.array(span, { maxLength: 3 }), { maxLength: 4 }), (spans) => {
				const best = bestHours(spans.map((each) => each.map(([from, to]) => window(from, to))));
				if (best === null) {
					expect(spans.flat()).toEqual([]);
					return;
				}
				const [from, to] = [best.from, best.to].map((each) => Date.parse(each) - Date.parse(at(0)));
				for (let moment = from / 60_000; moment < to / 60_000; moment++) {
					const works = spans.filter((each) => each.some(([a, b]) => a <= moment && moment < b)).length;
					expect(works).toBeGreaterThanOrEqual(best.count);
				}
			})
		);
	});

	it('are said with how many cameras they are of', () => {
		const clock = (each: string) => each.slice(11, 16);
		const best = { from: at(550), to: at(940), count: 2, steady: 'hand' as const };
		expect(bestInWords(best, 3, clock)).toBe(
			'Best 09:10 to 15:40: 2 of 3 cameras are just enough, hand-held.'
		);
		expect(bestInWords(best, 2, clock)).toBe('Best 09:10 to 15:40: both cameras are just enough, hand-held.');
		expect(bestInWords({ ...best, count: 8 }, 8, clock)).toContain('all 8 cameras are just enough');
		expect(bestInWords({ ...best, count: 1, steady: 'support' }, 1, clock)).toBe(
			'Best 09:10 to 15:40: just enough, on a tripod.'
		);
		expect(bestInWords({ ...best, count: 1 }, 3, clock)).toContain('1 of 3 cameras is just enough');
		expect(bestInWords(null, 3, clock)).toBe('No camera is just enough that day.');
	});
});
