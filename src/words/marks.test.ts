import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyCameras, doubts, evs, films } from '../../tests/fixtures/arbitraries';
import { foldingInstant } from '../../tests/fixtures/automatic';
import { filmOf, fixedCamera } from '../../tests/fixtures/bag';
import { draws } from '../../tests/fixtures/few';
import { axisHas, controlsOf } from '../core/camera';
import { bestOutcome } from '../core/match';
import { apertureInWords, ownTime, settingsInShort, timeInWords, whyInWords } from '.';

describe('a figure as it is marked on that camera', () => {
	const wedge = foldingInstant({ shutter: { kind: 'range', fastest: 1 / 180, slowest: 14 } });

	it('is never beyond the ends of its eye, nor a mark that it does not have', () => {
		expect(timeInWords(wedge, { seconds: 1 / 195 })).toBe('1/180 s');
		expect(timeInWords(wedge, { seconds: 14.9 })).toBe('14 s');
		expect(timeInWords(wedge, { seconds: 1 / 101 })).toBe('1/100 s');
		expect(
			timeInWords(fixedCamera({ shutter: { kind: 'fixed', seconds: 1 / 40 } }), { seconds: 1 / 40 })
		).toBe('1/40 s');
	});

	it('is one and the same wherever it is said', () => {
		const odd = fixedCamera({ aperture: { kind: 'fixed', f: 14.5 } });
		const best = bestOutcome(odd, filmOf('instant', 160), { ev: 12 });
		expect(apertureInWords(odd, best)).toBe('f/14.5');
		expect(settingsInShort(odd, best)).toMatch(/^f[/]14[.]5,/);
	});

	it('can be set on the camera or is reached by its eye, whatever the camera, film and light', () => {
		fc.assert(
			fc.property(anyCameras, films, evs, doubts, (camera, film, ev, sd) => {
				const best = bestOutcome(camera, film, { ev, sd });
				const said = ownTime(camera, best);
				const able = controlsOf(camera, best.manual).filter(({ handTimed }) => handTimed === best.handTimed);
				if (!best.handTimed) expect(able.some(({ shutter }) => axisHas(shutter, said))).toBe(true);
				// What is read is what happens, to less than half a stop.
				expect(Math.abs(Math.log2(said / best.seconds))).toBeLessThanOrEqual(0.5);
			}),
			{ numRuns: draws(300) }
		);
	});
});

describe('why a frame is off', () => {
	it('is said by its largest part, on the side on which it is off', () => {
		// By hand: ISO 640 in a body for ISO 160 is two stops over.
		const film = filmOf('instant', 640);
		const best = bestOutcome(foldingInstant(), film, { ev: 10 }, { compensation: 0 });
		expect(whyInWords(best, film)).toBe('This film is 2 stops faster than the camera expects.');
		expect(whyInWords({ error: -2, why: { filters: -3, filmVersusEye: 1 }, seconds: 1 }, film)).toBe(
			'What’s in front of the lens costs 3 stops.'
		);
		expect(whyInWords({ error: 3, why: { meterElsewhere: 3 }, seconds: 1 }, film)).toBe(
			'The light on its eye is 3 stops darker than on the subject.'
		);
	});

	it('says how well a film’s loss over long times is known', () => {
		// By hand, Schwarzschild: exponent 1.3 ± 0.1 loses 1.9 stops of five minutes, give or take 0.49.
		const film = filmOf('bw-negative', 400);
		const outcome = { error: -1.9, why: { reciprocity: -1.9 }, seconds: 300 };
		expect(whyInWords(outcome, film)).toBe('At a time this long the film loses 2 stops, give or take ½.');
	});

	it('is nothing where it is hardly off, or where an older frame does not tell', () => {
		expect(
			whyInWords({ error: 0.3, why: { filmVersusEye: 2, wheel: -1.7 }, seconds: 1 }, filmOf('instant', 640))
		).toBe('');
		expect(whyInWords({ error: 2, seconds: 1 }, filmOf('instant', 640))).toBe('');
	});
});
