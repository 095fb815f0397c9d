import { describe, expect, it } from 'vitest';
import { foldingInstant } from '../../../tests/fixtures/automatic';
import { fixedCamera } from '../../../tests/fixtures/bag';
import type { PlanWindow } from '../plan';
import { dayInWords, windowInWords } from '.';

const window = (from: string, to: string, changes: Partial<PlanWindow> = {}): PlanWindow => ({
	from: `2026-05-02T${from}:00.000+01:00`,
	to: `2026-05-02T${to}:00.000+01:00`,
	verdict: 'just-enough',
	settings: { f: 11, compensation: null, iso: null, position: null, seconds: [0.01, 0.01] },
	steady: 'hand',
	...changes
});
const clock = (at: string) => at.slice(11, 16);

describe('a day in words', () => {
	it('joins windows that touch', () => {
		expect(dayInWords([], clock)).toBe('Does not work on this day as it is.');
		expect(
			dayInWords([window('09:10', '12:00'), window('12:00', '16:40'), window('18:00', '18:30')], clock)
		).toBe('Works 09:10 to 16:40, 18:00 to 18:30.');
	});

	it('says how the camera is set', () => {
		expect(windowInWords(fixedCamera(), window('09:00', '10:00'))).toBe('f/11, 1/100 s, by hand');
		const slow = window('20:00', '21:00', {
			steady: 'support',
			settings: { f: 8, compensation: 0.5, iso: 160, position: null, seconds: [0.25, 4] }
		});
		expect(windowInWords(foldingInstant(), slow)).toMatch(
			/^f\/8, about 1\/4 s to 4 s, wheel ½ toward lighten, on a support$/
		);
	});
});
