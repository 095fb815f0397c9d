import { describe, expect, it } from 'vitest';
import {
	colourNegative400,
	filmOf,
	fixedCamera,
	rangedCamera,
	steppedCamera
} from '../../tests/fixtures/bag';
import { rivalsOf } from '../core/light';
import { match, outcomeAt, reach } from '../core/match';
import {
	chanceInWords,
	chanceSentence,
	exposureSentence,
	laneNamer,
	lightInWords,
	nothingToSet,
	rivalsInWords,
	settingRows,
	settingsInShort,
	spoilerInWords,
	verdictInShort,
	verdictTitle,
	worksInWords
} from '.';

const at = (ev: number, film = colourNegative400) => match(fixedCamera(), film, { ev }).best;
const noBarePlusOrMinus = /[+−-]\s*\d/;

describe('the verdict', () => {
	it.each([
		[12, 'Just enough', 'just enough'],
		[14, 'Usable', 'usable, 2⅓ too light'],
		[10.8, 'Usable', 'usable, ⅔ too dark'],
		[8, 'Too dark by 3⅔', 'too dark by 3⅔'],
		[16, 'Too light by 4⅓', 'too light by 4⅓']
	])('at EV %s reads "%s"', (ev, title, short) => {
		expect(verdictTitle(at(ev))).toBe(title);
		expect(verdictInShort(at(ev))).toBe(short);
	});

	it('says how the light lies on the film, without a sign', () => {
		expect(exposureSentence(at(12.6), colourNegative400)).toBe('1 stop over, which this film likes.');
		expect(exposureSentence(at(11.56), colourNegative400)).toBe('Exactly the light this film asks for.');
		expect(exposureSentence(at(10.8), colourNegative400)).toBe(
			'⅔ stop under. This film takes that: a thin negative, and a print with weak shadows.'
		);
		const slide = filmOf('reversal', 400);
		expect(exposureSentence(at(11.85, slide), slide)).toBe('⅓ stop over, well within what this film takes.');
		for (const ev of [4, 8, 11, 12, 14, 17])
			expect(exposureSentence(at(ev), colourNegative400)).not.toMatch(noBarePlusOrMinus);
	});

	it('is no cliff: beyond what is usable by less than the doubt is just beyond', () => {
		// By hand: 1¼ under where 1 is usable, and the doubt is 0.6: Φ(−0.4) = 0.34 come out.
		const near = at(10.31);
		expect(near.verdict).toBe('too-dark');
		expect(near.chances.usable).toBeCloseTo(0.34, 1);
		expect(verdictTitle(near)).toBe('Just too dark');
		expect(verdictInShort(near)).toBe('just beyond usable, 1⅓ too dark');
		expect(exposureSentence(near, colourNegative400)).toMatch(/, just past what this film takes: .+\.$/);
	});

	it('says the chance in tenths, and never more than it knows', () => {
		expect(chanceInWords(0.99)).toBe('nearly all');
		expect(chanceInWords(0.96)).toBe('about 9 in 10');
		expect(chanceInWords(0.5)).toBe('about 5 in 10');
		expect(chanceInWords(0.04)).toBe('about 1 in 10');
		expect(chanceInWords(0.01)).toBe('hardly any');
		expect(chanceSentence(at(12))).toBe('About 9 in 10 will be good.');
	});

	it('names what spoils it and the cure', () => {
		const slow = fixedCamera({ shutter: { kind: 'fixed', seconds: 1 / 4 } });
		const outcome = match(
			slow,
			colourNegative400,
			{ ev: 8 },
			{},
			{ subjectDistance: 0.4, subjectSpeed: 3 }
		).best;
		expect(outcome.spoilers.map((spoiler) => spoilerInWords(spoiler, outcome, slow))).toEqual([
			'hand-held it will shake at 1/4 s, 2 stops too slow: rest it on something',
			'the subject moves too fast for 1/4 s, 11 stops too slow',
			'much too near: sharp from 1.7 m on, step back'
		]);
	});
});

describe('the light', () => {
	it('is said with its doubt, at least a third', () => {
		expect(lightInWords(14.64, 2 / 3)).toBe('about 14⅔, give or take ⅔');
		expect(lightInWords(12, 0.1)).toBe('about 12, give or take ⅓');
	});

	it('has the rivals side by side, each school once', () => {
		const rivals = rivalsOf({ method: 'shadows', school: 'shadow-edge', condition: 'faint' });
		expect(rivalsInWords(rivals)).toBe(
			'Exposure guide would say 13 (cloudy but bright, no shadows) or 14 (weak sun, soft shadows).'
		);
		expect(rivalsInWords([])).toBe('');
	});

	it('in which a camera works is said by its ends', () => {
		expect(worksInWords(reach(fixedCamera(), colourNegative400).usable)).toBe(
			'Works from EV 10⅔ (dusk) to 14⅔ (sun).'
		);
	});
});

describe('the settings', () => {
	const plastic = fixedCamera({
		aperture: { kind: 'stops', f: [8, 11], labels: ['cloud', 'sun'] },
		focus: { kind: 'zones', distances: [1, null], labels: ['one person', 'hills'] },
		bulb: true
	});

	it('are said as they are marked on the camera', () => {
		const rows = settingRows(plastic, match(plastic, colourNegative400, { ev: 13 }).best, true);
		expect(rows.map(({ value, note }) => `${value} ${note}`.trim())).toEqual([
			'f/11 sun mark',
			'1/100 s fixed',
			'hills sharp from 3.9 m on',
			'hand-held steady to 1/20 s'
		]);
	});

	it('say bulb, and a support where it is needed', () => {
		const outcome = outcomeAt(
			plastic,
			colourNegative400,
			{ ev: 4 },
			{},
			{ f: 8, seconds: 2, handTimed: true }
		);
		const rows = settingRows(plastic, outcome, true);
		expect(rows[1]).toMatchObject({ value: '2 s', note: 'bulb, count it' });
		expect(rows[3].value).toBe('needs a tripod');
		expect(settingRows(plastic, outcome, false)[3].value).toBe('on a tripod');
	});

	it('say between which marks a free ring is set', () => {
		const ring = rangedCamera({ focalLength: 10 });
		const rows = (ev: number) => settingRows(ring, match(ring, filmOf('reversal', 50), { ev }).best, true)[0];
		expect(rows(12.6)).toMatchObject({ value: 'f/10', note: 'between 8 and 11' });
		expect(rows(13.9).note).toBe('');
	});

	it('are nothing on a camera with one setting', () => {
		expect(nothingToSet(fixedCamera())).toBe(true);
		expect(nothingToSet(plastic)).toBe(false);
		expect(nothingToSet(fixedCamera({ bulb: true }))).toBe(false);
	});

	it('in short carry the mark', () => {
		expect(settingsInShort(plastic, { f: 11, seconds: 1 / 100 })).toBe('f/11 sun, 1/100 s');
	});

	it('name a lane only by what tells it apart', () => {
		const names = (camera: typeof plastic) => {
			const { lanes } = reach(camera, colourNegative400);
			return lanes.map(laneNamer(camera, lanes));
		};
		expect(names(plastic)).toEqual(['f/8 cloud', 'f/11 sun', 'f/8 cloud, bulb', 'f/11 sun, bulb']);
		expect(names(fixedCamera({ bulb: true }))).toEqual(['1/100 s', 'bulb']);
		expect(names(steppedCamera())[0]).toBe('f/2.8, 1/250 s');
		expect(new Set(names(steppedCamera())).size).toBe(24);
	});
});
