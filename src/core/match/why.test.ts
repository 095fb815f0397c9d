import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyCameras, evs, films, real } from '../../../tests/fixtures/arbitraries';
import { foldingInstant } from '../../../tests/fixtures/automatic';
import { colourNegative400, filmOf, fixedCamera, losesNothing } from '../../../tests/fixtures/bag';
import { bestLit, bestOutcome, match, type Why } from '.';

const sumOf = (why: Why | undefined) => Object.values(why!).reduce((sum, stops) => sum + stops, 0);
const close = (stops: number) => expect.closeTo(stops, 2) as number;

describe('why an error is what it is', () => {
	// Source: hand arithmetic on ISO 2720: 12 + 2 − log2(121·100) = +0.44; a filter of a stop, two exposures.
	it('by hand is the light and the film against the settings, and what is before the lens', () => {
		const why = (intent: object) => bestOutcome(fixedCamera(), colourNegative400, { ev: 12 }, intent).why;
		expect(why({})).toEqual({ settings: close(0.44) });
		expect(why({ filters: [{ name: 'ND 0.3', stops: 1 }], exposures: 2 })).toEqual({
			settings: close(0.44),
			filters: -1,
			exposures: 1
		});
		const slow = fixedCamera({ offset: { stops: 0.3, sd: 0.1 } });
		expect(bestOutcome(slow, colourNegative400, { ev: 12 }).why).toMatchObject({ offset: 0.3 });
	});

	// Source: common practice: a film two stops faster than its body expects is two stops over in any light.
	it('by eye is the film against what the eye believes, and never the light that both are in', () => {
		const at = (ev: number, intent: object, light: object = {}) =>
			bestOutcome(foldingInstant(), filmOf('instant', 640, losesNothing), { ev, ...light }, intent).why;
		expect(at(9, { compensation: 0 })).toEqual({ filmVersusEye: 2 });
		expect(at(9, { compensation: -1 })).toEqual({ filmVersusEye: 2, wheel: -1 });
		const filters = [{ name: 'ND 0.6', stops: 2 }];
		expect(at(9, { compensation: 0, filters })).toEqual({ filmVersusEye: 2, filters: -2 });
		expect(at(11, { compensation: 0 }, { meterEv: 8 })).toEqual({ filmVersusEye: 2, meterElsewhere: 3 });
		// By hand: V wanted 15.68, fastest 13.49: 2.19 stops that the shutter leaves undone.
		expect(at(15, { compensation: 0 })).toEqual({ filmVersusEye: 2, clamp: close(2.19) });
	});

	// Source: Schwarzschild’s law by hand: 5 s cost (1 − 1/1.2)·log2 5 = 0.39.
	it('is what the film loses over a long time', () => {
		const film = filmOf('instant', 160);
		expect(bestOutcome(foldingInstant(), film, { ev: 3 }, { compensation: 0 }).why).toEqual({
			reciprocity: close(-0.39)
		});
	});

	it('says what a flash adds', () => {
		const camera = fixedCamera({ shutter: { kind: 'fixed', seconds: 1 / 60 } });
		const bag = { flash: { guideNumber: 22, powers: [1] } };
		const lit = bestLit(camera, colourNegative400, { ev: 5 }, bag, { subjectDistance: 4 })!;
		expect(lit.outcome.why!.flash).toBeGreaterThan(1);
		expect(sumOf(lit.outcome.why)).toBeCloseTo(lit.outcome.error, 9);
	});

	it('adds up to the error, whatever the camera, film and light', () => {
		fc.assert(
			fc.property(anyCameras, films, evs, real(-4, 4), (camera, film, ev, elsewhere) => {
				const filters = [
					{ name: 'grey', stops: 1 },
					{ name: 'over both', stops: 2, overMeter: true }
				];
				const asked = { filters, exposures: 3 };
				const light = { ev, meterEv: ev + elsewhere };
				for (const { error, why } of match(camera, film, light, {}, asked).settings) {
					expect(sumOf(why)).toBeCloseTo(error, 6);
				}
			})
		);
	});
});
