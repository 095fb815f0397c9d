import { describe, expect, it } from 'vitest';
import { foldingInstant, programmed, twinLens } from '../../tests/fixtures/automatic';
import { colourNegative400, filmOf, fixedCamera } from '../../tests/fixtures/bag';
import { match, reach, type Bag } from '../core/match';
import {
	castInWords,
	clampedInWords,
	laneNamer,
	namedLanes,
	nothingToSet,
	remedyInWords,
	remedyTitle,
	settingRows,
	settingsInShort,
	wheelInWords
} from '.';

const instant640 = filmOf('instant', 640);
const nd = (stops: number) => ({ name: `ND ${stops}`, stops });

describe('the wheel', () => {
	it.each([
		[0, 'in the middle'],
		[-1, '1 toward darken'],
		[-2 / 3, '⅔ toward darken'],
		[0.5, '½ toward lighten'],
		[1.5, '1½ toward lighten'],
		[4 / 3, '1⅓ toward lighten']
	])('at %s is %s', (place, words) => expect(wheelInWords(place)).toBe(words));
});

describe('what an eye sets', () => {
	// Source: hand arithmetic: f/8 wants 1 s at V = 6; 80 % of half a stop of doubt is 0.64 stop each way.
	it('is about, with the times to expect', () => {
		const outcome = match(foldingInstant(), filmOf('instant', 160), { ev: 6 - Math.log2(1.6), sd: 0.5 }).best;
		const rows = settingRows(foldingInstant(), outcome, true).map(({ name, value, note }) =>
			`${name}: ${value} ${note}`.trim()
		);
		expect(rows.slice(0, 3)).toEqual([
			'Aperture: f/8 fixed',
			'Shutter: about 1 s the eye, ½ s to 2 s',
			'Wheel: in the middle'
		]);
	});

	it('is about both where it sets both, by the nearest marks', () => {
		const outcome = match(programmed(), colourNegative400, { ev: 12 }).best;
		const [aperture, shutter] = settingRows(programmed(), outcome, true);
		expect(aperture).toMatchObject({
			value: expect.stringMatching(/^about f\/\d+(\.\d)?$/),
			note: 'the eye'
		});
		expect(shutter.value).toMatch(/^about 1\/\d+ s$/);
	});

	it('has the dial where there is one', () => {
		const body = foldingInstant({}, { iso: [75, 150, 300] });
		const rows = settingRows(body, match(body, filmOf('instant', 160), { ev: 9 }).best, true);
		expect(rows.find(({ name }) => name === 'Dial')?.value).toBe('ISO 150');
	});

	it('in short says the wheel only where it is turned', () => {
		expect(settingsInShort(foldingInstant(), { f: 8, seconds: 1 / 60, compensation: -1 })).toBe(
			'f/8, about 1/60 s, wheel 1 toward darken'
		);
		expect(settingsInShort(foldingInstant(), { f: 8, seconds: 1 / 60, compensation: 0 })).toBe(
			'f/8, about 1/60 s'
		);
	});

	it('leaves nothing to set only where there is no wheel, dial or focus', () => {
		const still = { focus: { kind: 'fixed', distance: 3 } } as const;
		expect(nothingToSet(programmed(still))).toBe(true);
		expect(nothingToSet(programmed(still, { iso: [100, 400] }))).toBe(false);
		expect(nothingToSet(foldingInstant(still))).toBe(false);
	});
});

describe('a limit', () => {
	// Source: hand arithmetic: V wanted 15.68 at f/8 is 1/819 s, nearest mark 1/800; 1/180 is 2.19 stops short.
	it('is said with what was wanted, how far it is, and that the wheel can’t help', () => {
		const { best } = match(foldingInstant(), instant640, { ev: 15 });
		expect(clampedInWords(foldingInstant(), { ev: 15 }, {}, best)).toBe(
			'It needs 1/800 s but stops at 1/180 s, 2⅓ stops short: the wheel can’t help.'
		);
	});

	it('of the aperture is said by f-numbers, and without a wheel nothing is said of it', () => {
		const cine = programmed(
			{ shutter: { kind: 'fixed', seconds: 1 / 30 }, aperture: { kind: 'range', widest: 2.7, smallest: 22 } },
			{ sets: 'aperture', iso: [50] }
		);
		const { best } = match(cine, filmOf('reversal', 50), { ev: 17 });
		expect(clampedInWords(cine, { ev: 17 }, {}, best)).toMatch(
			/^It needs f\/\d+ but stops at f\/22, 2⅓ stops short\.$/
		);
	});

	it('that is not run into, or by a hair, is not said', () => {
		const fine = match(foldingInstant(), filmOf('instant', 160), { ev: 9 }).best;
		expect(clampedInWords(foldingInstant(), { ev: 9 }, {}, fine)).toBe('');
		expect(
			clampedInWords(fixedCamera(), { ev: 9 }, {}, match(fixedCamera(), colourNegative400, { ev: 9 }).best)
		).toBe('');
	});
});

describe('a remedy', () => {
	const bag: Bag = {
		filters: [nd(1), nd(2)],
		films: [filmOf('instant', 100)],
		flash: { guideNumber: 14, powers: [1] },
		tripod: true
	};

	it('says what it brings and what it costs', () => {
		const { best, remedies } = match(foldingInstant(), instant640, { ev: 12 }, bag, { compensation: 0 });
		const filter = remedies.find(({ changes }) => changes.length === 1 && changes[0].name === 'ND 2')!;
		expect(remedyTitle(filter)).toBe('ND 2');
		expect(remedyInWords(filter, best, foldingInstant())).toMatch(/^just enough, about \d in 10 come out$/);
		const film = remedies.find(({ changes }) => changes[0].kind === 'film');
		if (film) expect(remedyInWords(film, best, foldingInstant())).toContain('for the whole load');
	});

	it('of two things names both', () => {
		const { remedies } = match(fixedCamera(), filmOf('instant', 400), { ev: 14.56 }, bag);
		expect(remedies.map(remedyTitle)).toContain('ND 1 and ND 2');
	});

	it('that is a flash says from where to where, and what stays dark behind', () => {
		const { best, remedies } = match(fixedCamera(), colourNegative400, { ev: 6 }, bag, {
			subjectDistance: 3
		});
		const flash = remedies.find(({ changes }) => changes.length === 1 && changes[0].kind === 'flash')!;
		expect(remedyInWords(flash, best, fixedCamera())).toMatch(/from .* to .* m, background 5⅔ stops darker/);
	});
});

describe('a cast', () => {
	// Source: the published definition of mired; about 131 mired and two stops from daylight to 3200 K.
	it('is warm under a lamp and cold in shade, and costs what its filter takes', () => {
		expect(castInWords(colourNegative400, 3200)).toBe(
			'A warm cast; a bluish filter of 131 mired corrects it and costs about 2 stops.'
		);
		expect(castInWords(colourNegative400, 9000)).toBe(
			'A cold cast; an amber filter of 71 mired corrects it and costs about ⅓ stop.'
		);
		// Published tables, from memory: the amber filter of 112 mired takes ⅔ stop, so 71 of them less than half.
		const own = { name: 'Blue', stops: 2, kind: 'conversion', mired: -131 } as const;
		expect(castInWords(colourNegative400, 3200, [], [own])).toBe(
			'A warm cast; your Blue corrects it and costs 2 stops.'
		);
		expect(castInWords(colourNegative400, 3200, [own], [own])).toBe('');
		expect(castInWords(colourNegative400, 5400)).toBe('');
		expect(castInWords(colourNegative400, undefined)).toBe('');
		expect(castInWords(filmOf('bw-negative', 400), 2700)).toBe('');
	});
});

describe('the lanes of an eye', () => {
	it('are named by aperture and wheel, each once', () => {
		const { lanes } = reach(twinLens(), filmOf('instant', 800));
		const names = lanes.map(laneNamer(twinLens(), lanes));
		expect(names).toContain('f/8, ⅔ toward darken');
		expect(new Set(names).size).toBe(lanes.length);
		const wheel = reach(foldingInstant(), instant640).lanes;
		expect(namedLanes(foldingInstant(), wheel).map(({ name }) => name)).toContain('in the middle');
	});
});
