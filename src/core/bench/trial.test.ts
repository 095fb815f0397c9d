import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { foldingInstant, programmed } from '../../../tests/fixtures/automatic';
import { filmOf, fixedCamera } from '../../../tests/fixtures/bag';
import { cameraKind } from '../camera';
import { match } from '../match';
import { learnFromTrial, trialOf } from '.';

const film = filmOf('instant', 160);
const dialled = () => ({ name: 'Pack', ...cameraKind('converted-pack')!.camera });

describe('a trial', () => {
	it('has both ends of the wheel, its middle twice, and each further place of the dial', () => {
		const { frames } = trialOf(dialled(), filmOf('instant', 100))!;
		expect(frames.map(({ compensation, iso }) => [compensation, iso])).toEqual([
			[0, 75],
			[-1, 75],
			[1, 75],
			[0, 75],
			[0, 150],
			[0, 300]
		]);
		expect(new Set(frames.map(({ why }) => why)).size).toBe(6);
	});

	it('is in a light in which no frame runs into a limit', () => {
		for (const camera of [foldingInstant(), programmed(), dialled()]) {
			const { ev, frames, words } = trialOf(camera, film)!;
			expect(words).not.toBe('');
			for (const { compensation, iso } of frames) {
				const wheel = camera.exposure.mode === 'auto' && camera.exposure.compensation ? { compensation } : {};
				expect(match(camera, film, { ev }, {}, { iso, ...wheel }).best.clamped).toBeNull();
			}
		}
	});

	// Source: hand arithmetic: at EV 12 and the wheel at −1½ this eye wants 1/300 s and stops at 1/180; at dusk it has room.
	it('is in the brightest such light', () => {
		expect(trialOf(foldingInstant(), film)).toMatchObject({ ev: 10, words: 'dusk' });
	});

	it('is for eyes alone', () => {
		expect(trialOf(fixedCamera(), film)).toBeNull();
	});
});

describe('what a trial teaches', () => {
	const { frames } = trialOf(foldingInstant(), film)!;

	// Source: a conjugate normal by hand: body ± 0.5, film ± 0.3, pack ± 0.15, judge ± 0.2, one frame of +1 ± 0.4: of
	// it 0.25/(0.25 + 0.09 + 0.0225 + 0.04 + 0.16) = 0.44 is the body's, ± 0.37; that it may be far off adds to both.
	it('of one frame is the body’s by its part of all doubt', () => {
		const { offset, wheel } = learnFromTrial(foldingInstant(), film, frames, [1, null, null, null]);
		expect(offset.stops).toBeCloseTo(0.45, 1);
		expect(offset.sd).toBeGreaterThan(0.36);
		expect(offset.sd).toBeLessThan(0.55);
		expect(wheel).toBeNull();
	});

	// Mean and spread of 0.95·N(0, 0.5²) + 0.05·N(0, 2²): √(0.95·0.25 + 0.05·4).
	it('of no frame is what was known before', () => {
		const { offset } = learnFromTrial(foldingInstant(), film, frames, [null, null, null, null]);
		expect(offset).toEqual({ stops: expect.closeTo(0, 9), sd: expect.closeTo(0.661, 3) });
	});

	it('leans toward the truth and is surer than before, whatever the body', () => {
		const stops = fc.double({ min: -1.5, max: 1.5, noNaN: true });
		fc.assert(
			fc.property(stops, fc.double({ min: 0.6, max: 1.4, noNaN: true }), (offset, gain) => {
				const judged = frames.map(({ compensation }) => offset + gain * compensation);
				const found = learnFromTrial(foldingInstant(), film, frames, judged);
				expect(Math.abs(found.offset.stops - offset)).toBeLessThanOrEqual(Math.abs(offset) + 1e-9);
				expect(Math.sign(found.offset.stops * offset)).toBeGreaterThanOrEqual(0);
				expect(Math.abs(found.wheel!.gain - gain)).toBeLessThanOrEqual(Math.abs(gain - 1) + 1e-9);
				expect(found.offset.sd).toBeLessThan(0.66);
			})
		);
	});

	it('tells a dial that is off from a body that is', () => {
		const trial = trialOf(dialled(), filmOf('instant', 100))!;
		// Source: by definition: film of ISO 100 on a dial at 75 gets log2(100/75) too much, on 300 as much less.
		const judged = trial.frames.map(
			({ compensation, iso }) => compensation + Math.log2(100 / iso) + (iso === 300 ? 1 : 0)
		);
		const { offset, dial } = learnFromTrial(dialled(), filmOf('instant', 100), trial.frames, judged);
		expect(Math.abs(offset.stops)).toBeLessThan(0.15);
		expect(dial.find(({ iso }) => iso === 300)!.stops).toBeGreaterThan(0.2);
		expect(Math.abs(dial.find(({ iso }) => iso === 150)!.stops)).toBeLessThan(0.15);
	});
});
