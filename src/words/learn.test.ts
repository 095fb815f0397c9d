import { describe, expect, it } from 'vitest';
import { foldingInstant } from '../../tests/fixtures/automatic';
import { filmOf, fixedCamera } from '../../tests/fixtures/bag';
import {
	adviceFor,
	driftInWords,
	habitUsedInWords,
	knownInWords,
	judgedInWords,
	learntInWords,
	lostInWords,
	readingHabitInWords,
	scoreInWords,
	togetherInWords,
	trialInWords,
	undecidedInWords,
	wayOfReading
} from '.';

const learnt = (stops: number, sd: number, frames: number) => ({ stops, sd, frames });

describe('what was learnt, in words', () => {
	it('says how much, how sure and from how many frames', () => {
		const wedge = { ...foldingInstant(), name: 'Wedge' };
		expect(learntInWords(wedge, learnt(-1 / 3, 0.2, 11))).toBe(
			'Wedge gives ⅓ stop less than its eye says, give or take ⅓, from 11 frames.'
		);
		expect(learntInWords({ ...fixedCamera(), name: 'Box' }, learnt(2 / 3, 0.5, 1))).toBe(
			'Box gives ⅔ stop more than its marks say, give or take ½, from one frame.'
		);
		expect(learntInWords(wedge, learnt(0, 0.7, 0))).toContain('No judged frame says anything');
	});

	it('says the one thing to do', () => {
		expect(adviceFor(foldingInstant(), -1 / 2)).toMatch(/Set the wheel .* to lighten\./);
		expect(adviceFor(foldingInstant(), 1 / 2)).toMatch(/to darken\./);
		expect(adviceFor(foldingInstant(), 0.01)).toBe('Leave the wheel in the middle.');
		expect(adviceFor(fixedCamera(), 0)).toBe('');
		expect(adviceFor(fixedCamera(), -2 / 3)).toContain('⅔ stop more light');
	});

	it('says no more clicks than a wheel has', () => {
		const halves = foldingInstant({}, { compensation: { darken: -1, lighten: 0.5, step: 0.5 } });
		expect(adviceFor(halves, -0.5)).toBe('Set the wheel one click to lighten.');
		expect(adviceFor(halves, -1)).toBe('Set the wheel all the way to lighten; it stays ½ stop too dark.');
		expect(adviceFor(halves, 2)).toBe('Set the wheel all the way to darken; it stays 1 stop too light.');
		expect(adviceFor(halves, -0.5, -1)).toBe('Set the wheel ½ toward darken instead.');
		expect(adviceFor(halves, 0.1, -1)).toBe('Leave the wheel 1 toward darken.');
		expect(adviceFor(halves, 1, -1)).toBe('Its wheel goes no further toward darken: 1 stop remains.');
		const oneWay = foldingInstant({}, { compensation: { darken: -1, lighten: 0, step: 0.5 } });
		expect(adviceFor(oneWay, -1)).toBe('Its wheel goes no further toward lighten: 1 stop remains.');
	});

	it('says that it could be the film, what the two give, and how a body has changed', () => {
		const wedge = { ...foldingInstant(), name: 'Wedge' };
		expect(undecidedInWords(wedge, { film: 'Wrack 640', stops: -0.5, sd: 0.25 })).toBe(
			'With Wrack 640 it gives ½ stop less, give or take ⅓. This could be Wedge or Wrack 640. ' +
				'Shoot another film in it, or this film in another camera, and I’ll know.'
		);
		expect(togetherInWords(wedge, { film: 'Wrack 640', stops: -1 / 3, sd: 0.2 }, 3)).toBe(
			'With Wrack 640 Wedge gives ⅓ stop less than its eye says, give or take ⅓, from 3 frames.'
		);
		expect(driftInWords(wedge, { stops: -1 / 3, sd: 0.2 })).toBe(
			'Over the last year Wedge has lost ⅓ stop, give or take ⅓.'
		);
	});

	it('says how a person’s way runs only where it tells something', () => {
		const habit = { stops: 0.4, sd: 0.2, frames: 8 };
		expect(readingHabitInWords('soft edge', habit)).toBe(
			'Your “soft edge” readings run ⅓ stop bright, give or take ⅓, from 8 frames.'
		);
		expect(readingHabitInWords('soft edge', { ...habit, sd: 0.5 })).toContain('are about right');
		const used = { stops: 1 / 3, sd: 0.2 };
		expect(habitUsedInWords(used, habit)).toBe('Shoot takes ⅓ stop off such readings, give or take ⅓.');
		expect(habitUsedInWords(used, { stops: 2 / 3 })).toMatch(/Today it would be ⅔\.$/);
		expect(habitUsedInWords(used, { stops: -1 / 3 })).toMatch(/Today it would be ⅓ the other way\.$/);
		expect(habitUsedInWords({ stops: -1 / 3, sd: 0.2 }, { stops: 0 })).toBe(
			'Shoot adds ⅓ stop to such readings, give or take ⅓. Today it would be nothing.'
		);
	});

	it('says what a person knows, back to them', () => {
		const wedge = { ...foldingInstant(), name: 'Wedge' };
		const judged = { stops: 0, sd: 0.25 };
		const eye = { f: 8, seconds: 0.01, compensation: 0.5, iso: 160 };
		expect(knownInWords(wedge, filmOf('instant', 640), { light: { ev: 12 }, settings: eye, judged })).toMatch(
			/ with .*, wheel ½ toward lighten: right, give or take ⅓\.$/
		);
		const light = { method: 'shadows', school: 'shadow-edge', condition: 'sharp' } as const;
		const settings = { f: 11, seconds: 0.01, compensation: null, iso: null };
		const box = knownInWords(fixedCamera(), filmOf('bw-negative', 125), {
			light,
			settings,
			judged: { stops: 1, sd: 0.5 }
		});
		expect(box).toMatch(/f\/11, 1\/100 s, .*\(shadow edge\): 1 stop too light, give or take ½\.$/);
		expect(learntInWords(wedge, { stops: 0, sd: 0.3, frames: 0, known: 1 })).toMatch(
			/from what you know about it\.$/
		);
		expect(learntInWords(wedge, { stops: 0, sd: 0.3, frames: 2, known: 1 })).toMatch(
			/from 2 frames and what you know about it\.$/
		);
	});

	it('says how good promises were, and what was lost by something else', () => {
		const parts = { reliability: 0, resolution: 0, uncertainty: 0.16 };
		const score = { brier: 0.12, unskilled: 0.16, skill: { part: 0.25, sd: 0.1 }, parts };
		expect(scoreInWords(score)).toBe(
			'Brier score 0.12, where 0 is perfect and predicting the same for every frame would be 0.16: 25 % better than that, give or take 10.'
		);
		expect(scoreInWords({ ...score, skill: { part: -0.1, sd: 0.2 } })).toContain('10 % worse');
		expect(scoreInWords({ ...score, skill: null })).toContain('nothing to compare');
		expect(lostInWords(0)).toBe('');
		expect(lostInWords(1)).toContain('one was lost to focus or shake');
	});

	it('says whether a trial is worth it', () => {
		const chances = { good: 0.7, usable: 0.9 };
		const sure = { now: chances, then: chances };
		expect(trialInWords({ ...sure, saved: 2 }, 8)).toBe('One trial now should save 2 of the remaining 7.');
		expect(trialInWords({ ...sure, saved: 0.1 }, 8)).toBe('No trial needed: shoot.');
		expect(trialInWords({ ...sure, now: { good: 0, usable: 0.02 }, saved: 0 }, 8)).toBe('');
	});

	it('says how a frame came out, and how its light was read', () => {
		expect(judgedInWords({ stops: -2 / 3 })).toBe('⅔ stop too dark');
		expect(judgedInWords({ stops: 0.1 })).toBe('right');
		expect(wayOfReading({ method: 'shadows', school: 'shadow-edge', condition: 'soft' })).toMatch(
			/\(shadow edge\)$/
		);
		expect(wayOfReading({ ev: 12 })).toBe('your own number');
		expect(wayOfReading({ method: 'meter', kind: 'incident', iso: 100, ev: 12 })).toBe('the meter');
	});
});
