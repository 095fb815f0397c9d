import fc from 'fast-check';
import { draws } from '../../../../tests/fixtures/few';
import { describe, expect, it } from 'vitest';
import { foldingInstant } from '../../../../tests/fixtures/automatic';
import { filmOf, fixedCamera } from '../../../../tests/fixtures/bag';
import { bestOutcome, bracketAbout } from '..';

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
				// The bracket's errors move together by the normal doubt; near a limit the single frame's do not quite.
				fc.pre(bracket !== null && bracket.frames.every(({ clamped }) => clamped === null));
				expect(bracket!.chances.usable).toBeGreaterThan(best.chances.usable - 0.02);
			}),
			{ numRuns: draws(100), maxSkipsPerRun: 3 }
		);
	});
});
