import { describe, expect, it } from 'vitest';
import { foldingInstant, programmed, twinLens } from '../../../tests/fixtures/automatic';
import { colourNegative400, filmOf, fixedCamera, steppedCamera } from '../../../tests/fixtures/bag';
import { knownSettings } from '.';

// Source: what is written on the cameras themselves: a box has one setting, an eye chooses for itself.
describe('what is set is known without a light', () => {
	it('where the camera has nothing else, or the hand has set it', () => {
		expect(knownSettings(fixedCamera(), colourNegative400, {})).toMatchObject({
			f: 11,
			seconds: 1 / 100,
			compensation: null,
			iso: null,
			handTimed: false
		});
		expect(knownSettings(steppedCamera(), colourNegative400, { aperture: 8, seconds: 1 / 60 })).toMatchObject(
			{
				f: 8,
				seconds: 1 / 60
			}
		);
		expect(knownSettings(steppedCamera(), colourNegative400, {})).toMatchObject({ f: null, seconds: null });
	});

	it('but for bulb, which is only used where it is said', () => {
		const box = fixedCamera({ bulb: true });
		expect(knownSettings(box, colourNegative400, {})).toMatchObject({ seconds: 1 / 100, handTimed: false });
		expect(knownSettings(box, colourNegative400, { handTimed: true })).toMatchObject({
			seconds: null,
			handTimed: true
		});
	});

	it('but for what an eye chooses; its wheel and dial are known', () => {
		const instant = filmOf('instant', 160);
		expect(knownSettings(foldingInstant(), instant, {})).toMatchObject({
			seconds: null,
			compensation: 0,
			iso: 160
		});
		expect(
			knownSettings(twinLens(), filmOf('instant', 800), { aperture: 8, compensation: -1 })
		).toMatchObject({
			f: 8,
			seconds: null,
			compensation: -1
		});
		expect(knownSettings(programmed(), instant, {})).toMatchObject({ f: null, seconds: null });
	});
});
