import { describe, expect, it } from 'vitest';
import { foldingInstant } from '../../../tests/fixtures/automatic';
import { fixedCamera } from '../../../tests/fixtures/bag';
import type { Learnt } from '../learn';
import { adviceFor, judgedInWords, learntInWords, readingHabitInWords, trialInWords, wayOfReading } from '.';

const learnt = (stops: number, sd: number, frames: number): Learnt => ({
	stops,
	sd,
	frames,
	bySetting: [],
	wheel: null,
	outliers: [],
	contradict: false
});

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
		expect(adviceFor(foldingInstant(), 0.01)).toBe('Leave the wheel at its middle.');
		expect(adviceFor(fixedCamera(), 0)).toBe('');
		expect(adviceFor(fixedCamera(), -2 / 3)).toContain('⅔ stop more light');
	});

	it('says how a person’s way runs only where it tells something', () => {
		const habit = { way: 'soft', stops: 0.4, sd: 0.2, frames: 8 };
		expect(readingHabitInWords('soft edge', habit)).toBe(
			'Your “soft edge” runs ⅓ stop bright, give or take ⅓, from 8 frames.'
		);
		expect(readingHabitInWords('soft edge', { ...habit, sd: 0.5 })).toContain('is about right');
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
