import { describe, expect, it } from 'vitest';
import { foldingInstant, twinLens } from '../../tests/fixtures/automatic';
import { filmOf, fixedCamera } from '../../tests/fixtures/bag';
import { fasterThanExpected, mismatchInWords, otherCuresInWords } from '.';

describe('a film that an eye does not expect', () => {
	const wedge = foldingInstant();
	const fast = filmOf('instant', 640);

	// Source: common practice: film of 640 in a body for 160 is two stops over, and an ND 0.6 on the pack cures it.
	it('is named, with what cures it and whether that is in the bag', () => {
		const named = 'This film is 2 stops faster than the camera expects.';
		expect(mismatchInWords(wedge, fast, [])).toBe(
			`${named} It needs a 2-stop ND (0.6) on the pack; there’s none in your bag.`
		);
		expect(mismatchInWords(wedge, fast, [{ name: 'ND 0.6', stops: 2 }])).toBe(
			`${named} Put your ND 0.6 on the pack.`
		);
		expect(mismatchInWords(wedge, fast, [{ name: 'Orange', stops: 2, kind: 'contrast' }])).toContain(
			'none in your bag'
		);
		expect(mismatchInWords(wedge, filmOf('instant', 320), [])).toBe(
			'This film is 1 stop faster than the camera expects. Set the wheel 1 toward darken.'
		);
		expect(otherCuresInWords(wedge, fast)).toBe(
			'Or load a film of about ISO 160, or have its eye converted to ISO 640.'
		);
		expect(otherCuresInWords(wedge, filmOf('instant', 160))).toBe('');
		expect(mismatchInWords(wedge, filmOf('instant', 25), [])).toContain('2⅔ stops slower');
	});

	it('is none by hand, nor where a dial goes along or nothing shows', () => {
		expect(fasterThanExpected(fixedCamera(), fast)).toBe(0);
		expect(mismatchInWords(twinLens({}, { iso: [100, 200, 400, 800] }), filmOf('instant', 640), [])).toBe('');
		expect(mismatchInWords(wedge, filmOf('instant', 160), [])).toBe('');
	});
});
