import { randomLcg, randomNormal } from 'd3-random';
import fc from 'fast-check';
import { draws } from '../../../../tests/fixtures/few';
import { describe, expect, it } from 'vitest';
import { foldingInstant } from '../../../../tests/fixtures/automatic';
import { filmOf, fixedCamera } from '../../../../tests/fixtures/bag';
import { bestOutcome, bracketAbout } from '..';
import { chanceOfOne } from './bracket';

const film = filmOf('instant', 160);

describe('a bracket', () => {
	it('is darker, even and lighter, by the wheel where there is one', () => {
		const light = { ev: 9, sd: 0.5 };
		const best = bestOutcome(foldingInstant(), film, light);
		const { frames, chances } = bracketAbout(foldingInstant(), film, light, {}, best)!;
		const [darker, even, lighter] = frames;
		expect(even.error).toBeCloseTo(best.error, 9);
		expect(darker.error).toBeLessThan(even.error);
		expect(lighter.error).toBeGreaterThan(even.error);
		expect(darker.compensation!).toBeLessThan(lighter.compensation!);
		expect(chances.usable).toBeGreaterThan(best.chances.usable);
	});

	it('is none where nothing can be set', () => {
		const light = { ev: 12, sd: 0.5 };
		const best = bestOutcome(fixedCamera(), film, light);
		expect(bracketAbout(fixedCamera(), film, light, {}, best)).toBeNull();
	});

	// Source: P(one of independent) = 1 − Π(1 − p), and frames that share all their doubt lie side by side.
	it('counts what frames share, and what is new at each', () => {
		const own = (error: number) => ({ error, shared: 0, own: 1 });
		expect(chanceOfOne([-1, 1], [own(0), own(0)])).toBeCloseTo(1 - 0.31731 ** 2, 4);
		const shared = (error: number) => ({ error, shared: 1, own: 0 });
		expect(chanceOfOne([-1, 1], [shared(0), shared(0)])).toBeCloseTo(0.68269, 4);
		// Side by side they hold −3 … 3 of it: three standard deviations.
		expect(chanceOfOne([-1, 1], [shared(-2), shared(0), shared(2)])).toBeCloseTo(0.9973, 4);
	});

	it('is what comes out of many brackets that are shot', () => {
		const normal = randomNormal.source(randomLcg(0.42))();
		const cases = [
			{ step: 1, shared: 0.5, own: 0.4, range: [-1 / 3, 1 / 3] },
			{ step: 2 / 3, shared: 0.6, own: 0.2, range: [-1 / 3, 1 / 3] },
			{ step: 1, shared: 0.3, own: 0.7, range: [-1, 2 / 3] }
		] as const;
		const TIMES = 40_000;
		for (const { step, shared, own, range } of cases) {
			const errors = [-step, 0, step];
			let hits = 0;
			for (let time = 0; time < TIMES; time++) {
				const all = shared * normal();
				// Each frame is drawn, or the order of the draws would depend on what came out.
				const out = errors.map((error) => error + all + own * normal());
				if (out.some((error) => error >= range[0] && error <= range[1])) hits += 1;
			}
			const promised = chanceOfOne(
				range as [number, number],
				errors.map((error) => ({ error, shared, own }))
			);
			expect(Math.abs(promised - hits / TIMES)).toBeLessThan(0.01);
		}
	});

	it('promises less by an eye that scatters than frames that moved together would', () => {
		const light = { ev: 9, sd: 0.5 };
		const wanders = foldingInstant({}, { scatter: 0.7 });
		const best = bestOutcome(wanders, film, light);
		const { chances } = bracketAbout(wanders, film, light, {}, best)!;
		expect(chances.good).toBeGreaterThan(best.chances.good);
		expect(chances.good).toBeLessThan(0.8);
	});

	const doubts = fc.double({ min: 0.1, max: 1.5, noNaN: true });
	const about = (ev: number, sd: number) => {
		const best = bestOutcome(foldingInstant(), film, { ev, sd });
		return { best, bracket: bracketAbout(foldingInstant(), film, { ev, sd }, {}, best) };
	};
	const evs = fc.double({ min: 2, max: 15, noNaN: true });

	it('has chances that are some, in any light that leaves room for one', () => {
		fc.assert(
			fc.property(evs, doubts, (ev, sd) => {
				const { bracket } = about(ev, sd);
				fc.pre(bracket !== null);
				expect(bracket!.chances.usable).toBeGreaterThanOrEqual(bracket!.chances.good);
				expect(bracket!.chances.usable).toBeLessThanOrEqual(1);
			}),
			{ numRuns: draws(100), maxSkipsPerRun: 2 }
		);
	});

	it('never comes out less often than its even frame, where no frame meets a limit', () => {
		fc.assert(
			fc.property(evs, doubts, (ev, sd) => {
				const { best, bracket } = about(ev, sd);
				// Reckoned by the normal doubt; near a limit the single frame's is not quite that.
				fc.pre(bracket !== null && bracket.frames.every(({ clamped }) => clamped === null));
				expect(bracket!.chances.usable).toBeGreaterThan(best.chances.usable - 0.02);
			}),
			{ numRuns: draws(100), maxSkipsPerRun: 3 }
		);
	});
});
