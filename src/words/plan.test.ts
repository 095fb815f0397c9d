import { describe, expect, it } from 'vitest';
import { foldingInstant } from '../../tests/fixtures/automatic';
import { fixedCamera } from '../../tests/fixtures/bag';
import type { PlanWindow } from '../core/plan';
import { dayInWords, moonInWords, runsOf, sunOnSubjectInWords, windowInWords } from '.';

const window = (from: string, to: string, changes: Partial<PlanWindow> = {}): PlanWindow => ({
	from: `2026-05-02T${from}:00.000+01:00`,
	to: `2026-05-02T${to}:00.000+01:00`,
	verdict: 'just-enough',
	settings: {
		f: 11,
		compensation: null,
		iso: null,
		position: null,
		handTimed: false,
		fRange: [11, 11],
		seconds: [0.01, 0.01]
	},
	steady: 'hand',
	...changes
});
const clock = (at: string) => at.slice(11, 16);

describe('a day in words', () => {
	it('joins windows that touch', () => {
		expect(dayInWords([], clock)).toBe('As it’s set, it won’t work that day.');
		expect(
			dayInWords([window('09:10', '12:00'), window('12:00', '16:40'), window('18:00', '18:30')], clock)
		).toBe('Works 09:10 to 16:40, 18:00 to 18:30.');
	});

	it('says how the camera is set', () => {
		expect(windowInWords(fixedCamera(), [window('09:00', '10:00')])).toBe('f/11, 1/100 s, hand-held');
		const slow = window('20:00', '21:00', {
			steady: 'support',
			settings: {
				f: 8,
				compensation: 0.5,
				iso: 160,
				position: null,
				handTimed: false,
				fRange: [8, 8],
				seconds: [0.25, 4]
			}
		});
		expect(windowInWords(foldingInstant(), [slow])).toMatch(
			/^f\/8, about 1\/4 s to 4 s, wheel ½ toward lighten, on a tripod$/
		);
	});

	it('puts together what touches and works alike', () => {
		const settings = {
			f: 4,
			compensation: 0,
			iso: 100,
			position: null,
			handTimed: false,
			fRange: [4, 4],
			seconds: [0.01, 0.02]
		};
		const first = window('09:00', '10:00', { settings: { ...settings, fRange: [4, 4] } as never });
		const second = window('10:00', '12:00', {
			settings: { ...settings, fRange: [8, 11.2], seconds: [0.002, 0.01], compensation: 1 } as never
		});
		const apart = window('13:00', '14:00');
		const held = window('14:00', '15:00', { steady: 'support' });
		const runs = runsOf([first, second, apart, held]);
		expect(runs).toEqual([[first, second], [apart], [held]]);
		expect(windowInWords(foldingInstant(), runs[0])).toBe(
			'f/4 to f/11, about 1/500 s to 1/50 s, wheel to suit the light, hand-held'
		);
	});

	it('says where the sun stands to the subject, and how the moon is', () => {
		expect(sunOnSubjectInWords({ altitude: 20.2, azimuth: 225 }, undefined)).toBe(
			'Sun in the south-west, 20° high.'
		);
		expect(sunOnSubjectInWords({ altitude: 20, azimuth: 225 }, 270)).toBe(
			'Sun in the south-west, 20° high: on the subject from in front.'
		);
		expect(sunOnSubjectInWords({ altitude: 5, azimuth: 90 }, 270)).toMatch(/from behind\.$/);
		expect(sunOnSubjectInWords({ altitude: -7, azimuth: 300 }, 270)).toBe(
			'Sun in the north-west, 7° below the horizon.'
		);
		const clock = (at: string) => at.slice(11, 16);
		const moon = { up: '2026-05-02T22:46:00Z', down: '2026-05-02T05:04:00Z', lit: 0.984 };
		expect(moonInWords(moon, clock)).toBe('Moon 98 % lit, down 05:04, up 22:46');
		expect(moonInWords({ up: null, down: null, lit: 0.5 }, clock)).toBe('Moon 50 % lit');
	});
});
