import fc from 'fast-check';
import { draws } from '../../../tests/fixtures/few';
import { describe, expect, it } from 'vitest';
import { real } from '../../../tests/fixtures/arbitraries';
import { filmOf, fixedCamera } from '../../../tests/fixtures/bag';
import { learnFlash, type FlashFrame } from '.';

const camera = fixedCamera({
	aperture: { kind: 'fixed', f: 8 },
	shutter: { kind: 'fixed', seconds: 1 / 60 },
	offset: { stops: 0, sd: 0.01 }
});

/** Guide number 16 at f/8 and ISO 100 is right at 2 m: a frame in the dark there comes out as the flash is off. */
const frame = (off: number, more: Partial<FlashFrame> = {}): FlashFrame => ({
	camera,
	film: filmOf('reversal', 100),
	light: { ev: 0, sd: 0.5 },
	settings: { f: 8, seconds: 1 / 60 },
	flash: { guideNumber: 16, power: 1 },
	distance: 2,
	judged: { stops: off, sd: 0.3 },
	...more
});

describe('what judged frames teach of a flash', () => {
	// Source: weighted means by hand: prior 0 ± ⅓; n frames of −⅔ ± √(0.3² + 0.15² + 0.403²), a distance being known to 15 %.
	it('weighs them against what is usual', () => {
		const learnt = learnFlash(16, [frame(-2 / 3), frame(-2 / 3)])!;
		const [prior, each] = [9, 1 / (0.3 ** 2 + 0.15 ** 2 + 0.403 ** 2)];
		expect(learnt.stops).toBeCloseTo((-2 / 3) * ((2 * each) / (2 * each + prior)), 2);
		expect(learnt.sd).toBeCloseTo(1 / Math.sqrt(2 * each + prior), 2);
		expect(learnt.guideNumber).toBeCloseTo(16 * 2 ** (learnt.stops / 2), 9);
		expect(learnt.frames).toBe(2);
	});

	it('finds a known error again from many frames', () => {
		fc.assert(
			fc.property(real(-1, 1), (off) => {
				const learnt = learnFlash(
					16,
					Array.from({ length: 60 }, () => frame(off))
				)!;
				expect(learnt.stops).toBeCloseTo(off, 1);
			}),
			{ numRuns: draws(20) }
		);
	});

	it('leaves out a frame that daylight made', () => {
		expect(learnFlash(16, [frame(-1, { light: { ev: 12 } })])).toBeNull();
		expect(learnFlash(16, [])).toBeNull();
	});

	it('goes by the number that it has now, not by the one when the frame was taken', () => {
		const off = Array.from({ length: 40 }, () => frame(-1));
		const first = learnFlash(16, off)!;
		const again = learnFlash(first.guideNumber, off)!;
		expect(Math.abs(again.guideNumber / first.guideNumber - 1)).toBeLessThan(0.02);
	});
});
