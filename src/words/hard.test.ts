import { describe, expect, it } from 'vitest';
import { filmOf, rangedCamera } from '../../tests/fixtures/bag';
import { panLimit, panSetting, shotList } from '../core/cine';
import {
	aimedInWords,
	backgroundFalloffInWords,
	counterInWords,
	flareInWords,
	flashLearntInWords,
	floorMarkInWords,
	handDoubtInWords,
	panInWords,
	shotInWords,
	sidesInWords,
	stackInWords,
	standInWords,
	tooDarkInWords,
	trailInWords,
	turnInWords
} from '.';

describe('words of the sharp zone', () => {
	it.each([
		[{ from: 1.5, to: null }, undefined, 'Sharp from 1.5 m on.'],
		[{ from: 1.5, to: null }, 2, 'Sharp from 1.5 m on. At 2 m it is sharp.'],
		[{ from: 1.5, to: null }, 0.8, 'Sharp from 1.5 m on. At 80 cm it’s too near: 1.5 m is sharp.'],
		[{ from: 0.4, to: 0.5 }, 2, 'Sharp from 40 cm to 50 cm. At 2 m it’s too far: 50 cm is sharp.']
	])('%o with a subject at %s', (zone, subject, said) => {
		expect(standInWords(zone, subject)).toBe(said);
	});

	it('say where in the finder', () => {
		expect(aimedInWords({ right: 0, below: 0.2 })).toBe(
			'Put it 2 tenths of the frame below the middle of the finder.'
		);
		expect(aimedInWords({ right: -0.08, below: -0.3 })).toBe(
			'Put it 3 tenths of the frame above and 1 tenth of the frame left of the middle of the finder.'
		);
		expect(aimedInWords({ right: 0.01, below: 0 })).toContain('agree');
	});

	it('warn of a lens that veils, and of no other', () => {
		expect(flareInWords({ kind: 'plastic-medium-format' })).toContain('light behind you');
		expect(flareInWords({ kind: 'folding-instant' })).toBe('');
		expect(flareInWords({})).toBe('');
	});
});

describe('words of lamps and flashes', () => {
	it('say a mark on the floor, a background and two sides', () => {
		expect(floorMarkInWords({ distance: 1.2, stops: 0, kind: 'middle' })).toBe('1.2 m: just right');
		expect(backgroundFalloffInWords(0.2)).toContain('nearly the same');
		expect(backgroundFalloffInWords(2)).toBe('The background gets 2 stops less: dark.');
		expect(sidesInWords(1)).toBe('The shadow side is 1 darker: soft.');
		expect(sidesInWords(3)).toContain('hard');
	});

	it('say what frames taught of a flash', () => {
		const learnt = { stops: -2 / 3, sd: 0.2, guideNumber: 11, frames: 3 };
		expect(flashLearntInWords('Pocket flash', 14, learnt)).toBe(
			'Pocket flash gives ⅔ stop less than guide number 14 m says, give or take ⅓, from 3 frames.'
		);
		expect(flashLearntInWords('Pocket flash', 14, { ...learnt, stops: 0.1, frames: 1 })).toBe(
			'Pocket flash gives what guide number 14 m says, give or take ⅓, from 1 frame.'
		);
	});
});

describe('words of a spool', () => {
	const spool = { feet: 25, sides: 2, framesPerSecond: 16 };
	const planned = [
		{ id: 'a', title: 'Ferry', seconds: 120 },
		{ id: 'b', title: 'Kites', seconds: 10 },
		{ id: 'c', title: 'Long', seconds: 200 }
	];

	it('say where it stands, and each shot', () => {
		const list = shotList(spool, planned, [{ number: 1, ran: 118, shot: 'a' }]);
		expect(counterInWords(list)).toBe('Side 1, counter at 23.6 ft: 7 s left on it, 132 s in all.');
		expect(list.rows.map(shotInWords)).toEqual([
			'taken, 118 s of 120 s',
			'10 s, from side 2, 0.0 ft, after the flip',
			'200 s, no film left for it'
		]);
	});

	it('say what a shot from light to light becomes, and how slowly to turn', () => {
		const cine = {
			...rangedCamera(),
			framesPerSecond: 16,
			frame: { width: 4.8, height: 3.5 },
			focalLength: 13
		};
		const pan = panSetting(cine, filmOf('reversal', 50), { from: 14, to: 10, sd: 0.3 });
		expect(panInWords(pan)).toMatch(
			/^f\/[\d.]+ for the whole shot: too light by .* at the start, too dark by .* at the end\.$/
		);
		// Source: geometry by hand: 20.9° in 10.5 s.
		expect(turnInWords(panLimit(cine, 1 / 30))).toContain('takes 11 s to cross the frame, about 2° a second');
	});
});

describe('words of the night', () => {
	const clock = () => '21:10';

	it.each([
		[{ now: true, at: 1, spare: -2 }, 'Too dark to go on, by 2; since about 21:10.'],
		[{ now: true, at: null, spare: -0.1 }, 'Just too dark to go on.'],
		[{ now: false, at: 1, spare: 1 / 3 }, '⅓ stop to spare; too dark from about 21:10.'],
		[{ now: false, at: null, spare: 4 }, '4 stops to spare.'],
		[{ now: false, at: 1, spare: 0 }, 'Just enough light; too dark from about 21:10.']
	])('%o', (dark, said) => {
		expect(tooDarkInWords(dark, clock)).toBe(said);
	});

	it('say filters, hands and trails', () => {
		const nd = { name: 'ND 0.6', stops: 2 };
		expect(stackInWords({ filters: [nd], stops: 2, seconds: 4.1 })).toBe('ND 0.6: 4 s');
		expect(stackInWords({ filters: [nd, { ...nd, name: 'ND 0.3' }], stops: 3, seconds: 8 })).toBe(
			'ND 0.6 and ND 0.3: 8 s'
		);
		expect(stackInWords({ filters: [], stops: 0, seconds: 1 })).toBe('without a filter: 1 s');
		// Source: 0.2 s of ½ s by hand: 0.2 / (0.5 · ln 2) = 0.58 stop.
		expect(handDoubtInWords(0.5)).toBe('Timing by hand is off by about 0.2 s: ⅔ stop at ½ s.');
		expect(trailInWords(0.5)).toBe('half of the frame');
		expect(trailInWords(0.7)).toBe('7 tenths of the frame');
		expect(trailInWords(0.2)).toBe('1/5 of the frame');
		expect(trailInWords(0.001)).toBe('a dot');
		expect(trailInWords(2.5)).toBe('2.5 × the frame: it crosses the whole picture');
	});
});
