import { Body, Illumination, Observer, SearchAltitude, SearchRiseSet } from 'astronomy-engine';
import fc from 'fast-check';
import { DateTime } from 'luxon';
import { describe, expect, it } from 'vitest';
import { cameraKind } from '../camera';
import { filmOf, fixedCamera, rangedCamera } from '../../../tests/fixtures/bag';
import { foldingInstant } from '../../../tests/fixtures/automatic';
import { exposedTo } from '../light';
import { sun } from '../light/sun';
import { quickMatch } from '../match';
import { changesIn } from './changes';
import { planDay, sunTimes, type DayQuestion } from '.';

const MINUTE = 60_000;
/** No land is here. */
const holm = { latitude: 54.62, longitude: -4.21 };
const day = (changes: Partial<DayQuestion> = {}): DayQuestion => ({
	camera: fixedCamera({ aperture: { kind: 'fixed', f: 8 }, shutter: { kind: 'fixed', seconds: 1 / 125 } }),
	film: filmOf('colour-negative', 200),
	place: holm,
	date: '2026-05-02',
	sky: 'clear',
	subject: 'facing',
	...changes
});
const ms = (at: string) => Date.parse(at);

describe('sunrise, sunset and twilight', () => {
	it.each([
		['spring', '2026-05-02', holm],
		['midsummer in the south', '2026-06-21', { latitude: -33.9, longitude: 18.4 }],
		['the day of a leap', '2028-02-29', holm],
		['beyond the date line', '2026-03-20', { latitude: -17.7, longitude: 178.1 }],
		['the day on which clocks change', '2026-03-29', { latitude: 51.5, longitude: 0 }]
	])('are those of an independent package: %s', (_, date, place) => {
		const times = sunTimes(place, date);
		const observer = new Observer(place.latitude, place.longitude, 0);
		// Source: astronomy-engine. It counts the sun's true radius and usual refraction for −0.833°.
		const begin = new Date(ms(times.sun.up!) - 3 * 60 * MINUTE);
		const rise = SearchRiseSet(Body.Sun, observer, 1, begin, 1)!.date.getTime();
		const set = SearchRiseSet(Body.Sun, observer, -1, begin, 1)!.date.getTime();
		expect(Math.abs(ms(times.sun.up!) - rise)).toBeLessThan(2 * MINUTE);
		expect(Math.abs(ms(times.sun.down!) - set)).toBeLessThan(2 * MINUTE);
		const civil = SearchAltitude(Body.Sun, observer, -1, begin, 1, -6)!.date.getTime();
		expect(Math.abs(ms(times.civil.down!) - civil)).toBeLessThan(2 * MINUTE);
	});

	it('are those of a published example', () => {
		const { sun } = sunTimes({ latitude: 39.742476, longitude: -105.1786 }, '2003-10-17');
		// Source: the example published with NREL's solar position algorithm (from memory): sunrise at 06:12:43, UTC−7.
		expect(Math.abs(ms(sun.up!) - ms('2003-10-17T06:12:43-07:00'))).toBeLessThan(MINUTE / 6);
	});

	it.each([
		['2026-05-02', holm],
		['2026-11-25', holm],
		['2026-06-20', { latitude: -33.9, longitude: 18.4 }]
	])('the moon of %s is that of an independent package', (date, place) => {
		const { moon, timeZone } = sunTimes(place, date);
		const observer = new Observer(place.latitude, place.longitude, 0);
		const start = DateTime.fromISO(date, { zone: timeZone }).startOf('day').toJSDate();
		// Source: astronomy-engine.
		const rise = SearchRiseSet(Body.Moon, observer, 1, start, 1)!.date;
		const set = SearchRiseSet(Body.Moon, observer, -1, start, 1)!.date;
		expect(Math.abs(ms(moon.up!) - rise.getTime())).toBeLessThan(3 * MINUTE);
		expect(Math.abs(ms(moon.down!) - set.getTime())).toBeLessThan(3 * MINUTE);
		const { phase_fraction: lit } = Illumination(Body.Moon, new Date(start.getTime() + 24 * 60 * MINUTE));
		expect(moon.lit).toBeCloseTo(lit, 1);
	});

	it('are not there on polar days and in polar nights', () => {
		const pole = { latitude: 78, longitude: 15 };
		expect(sunTimes(pole, '2026-06-21').sun).toEqual({ up: null, down: null });
		expect(sunTimes(pole, '2026-12-21').civil).toEqual({ up: null, down: null });
	});
});

describe('a subject that looks one way', () => {
	// Source: common practice: in front to 60°, from the side to 120°, behind it beyond.
	it.each([
		[180, 200, 'facing'],
		[10, 350, 'facing'],
		[180, 90, 'side'],
		[350, 100, 'side'],
		[0, 180, 'back'],
		[90, 300, 'back']
	] as const)('has the sun of %i° on it where it looks to %i°: %s', (azimuth, facing, how) => {
		expect(exposedTo(azimuth, facing)).toBe(how);
		expect(exposedTo(facing, azimuth)).toBe(how);
	});

	it('has the sun on it in the morning where it looks east, and behind it in the evening', () => {
		const east = planDay(day({ facing: 90, stepMinutes: 60 })).samples;
		const toTheSun = planDay(day({ stepMinutes: 60 })).samples;
		const behind = planDay(day({ subject: 'back', stepMinutes: 60 })).samples;
		expect(Math.abs(east[8].ev - toTheSun[8].ev)).toBeLessThan(0.05);
		expect(east[18].ev).toBe(behind[18].ev);
		// And from the side at noon, between the two.
		expect(east[13].ev).toBeLessThan(toTheSun[13].ev);
		expect(east[13].ev).toBeGreaterThan(behind[13].ev);
		const shade = planDay(day({ subject: 'open-shade', facing: 90, stepMinutes: 60 })).samples;
		expect(shade[8].ev).toBe(planDay(day({ subject: 'open-shade', stepMinutes: 60 })).samples[8].ev);
	});
});

describe('a day', () => {
	it('follows the light on a ring that turns freely, in one window with the apertures it goes through', () => {
		const { windows } = planDay(day({ camera: rangedCamera(), film: filmOf('colour-negative', 50) }));
		expect(windows.length).toBeLessThan(8);
		const longest = windows.toSorted((a, b) => ms(b.to) - ms(b.from) - (ms(a.to) - ms(a.from)))[0];
		const { f, fRange } = longest.settings;
		expect(fRange[0]).toBeLessThanOrEqual(f);
		// Noon is within: its aperture is smaller than those at both ends.
		const noon = windows.find(
			({ from, to }) => ms(from) < ms('2026-05-02T12:00Z') && ms(to) > ms('2026-05-02T12:00Z')
		)!;
		// Source: exposure equation: EV 15 at ISO 50 is N² = 2^14 / 30, f/23; with the ¾ that this film likes, f/18.
		expect(noon.settings.fRange[1]).toBeGreaterThanOrEqual(16);
	});

	it('has windows to the minute, as looking at every minute finds them', () => {
		const question = day({ camera: foldingInstant(), film: filmOf('instant', 160) });
		const { windows, timeZone } = planDay(question);
		expect(timeZone).not.toBe('');
		expect(windows.length).toBeGreaterThan(2);
		const inside = (instant: number) =>
			windows.find(({ from, to }) => ms(from) + MINUTE <= instant && instant < ms(to) - MINUTE);
		const edge = (instant: number) =>
			windows.some(({ from, to }) => [from, to].some((at) => Math.abs(ms(at) - instant) <= MINUTE));
		// Brute force: the match at every minute of the day, by hand and on a support.
		const start = ms('2026-05-02T00:00:00+01:00');
		for (let minute = 0; minute < 24 * 60; minute++) {
			const instant = start + minute * MINUTE;
			if (edge(instant)) continue;
			const { ev, sd } = sun.read({
				method: 'sun',
				...holm,
				at: new Date(instant).toISOString(),
				sky: 'clear',
				subject: 'facing'
			});
			const { camera, film } = question;
			const tried = [true, false].map((handheld) => quickMatch(camera, film, { ev, sd }, { handheld }).best);
			const works = tried.findIndex(
				({ verdict, spoilers }) => ['just-enough', 'usable'].includes(verdict) && spoilers.length === 0
			);
			const window = inside(instant);
			expect(window !== undefined, new Date(instant).toISOString()).toBe(works >= 0);
			if (!window) continue;
			const best = tried[works];
			expect(window.steady).toBe(works === 0 ? 'hand' : 'support');
			expect(window.verdict).toBe(best.verdict);
			expect(window.settings.compensation).toBe(best.compensation);
			expect(best.seconds).toBeGreaterThanOrEqual(window.settings.seconds[0] * 0.9);
		}
	});

	it.each(['full-settings', 'rings', 'instant-twin-lens', 'plastic-medium-format'])(
		'has no more windows than can be read, which touch where it goes on working: %s',
		(id) => {
			const { camera, film: type } = cameraKind(id)!;
			for (const iso of [50, 400]) {
				for (const subject of ['facing', 'open-shade'] as const) {
					const at = { latitude: 45, longitude: 7 };
					const asked = { place: at, date: '2026-06-21', subject };
					const { windows } = planDay(
						day({ ...asked, camera: { name: 'Any', ...camera }, film: filmOf(type, iso) })
					);
					expect(windows.length).toBeLessThanOrEqual(30);
					windows.slice(1).forEach((window, index) => {
						expect(ms(window.from)).toBeGreaterThanOrEqual(ms(windows[index].to));
					});
					for (const { settings } of windows) {
						expect(settings.f).toBeGreaterThanOrEqual(settings.fRange[0]);
						expect(settings.f).toBeLessThanOrEqual(settings.fRange[1]);
					}
				}
			}
		}
	);

	it('has hours of the place, also when its clock changes', () => {
		const london = { latitude: 51.5, longitude: 0 };
		const { samples } = planDay(day({ place: london, date: '2026-03-29', stepMinutes: 60 }));
		// 29 March 2026 has 23 hours: samples at both ends and between.
		expect(samples).toHaveLength(24);
		expect(samples[0].at.startsWith('2026-03-29T00:00')).toBe(true);
		expect(samples[23].at.startsWith('2026-03-30T00:00')).toBe(true);
		expect(planDay(day({ place: london, date: '2026-10-25', stepMinutes: 60 })).samples).toHaveLength(26);
	});

	it('goes with its sky', () => {
		const sky: DayQuestion['sky'] = [
			{ from: '00:00', sky: 'clear' },
			{ from: '12:00', sky: 'overcast' }
		];
		const { samples } = planDay(day({ sky, stepMinutes: 30 }));
		const at = (time: string) => samples.find((sample) => sample.at.includes(`T${time}`))!.ev;
		expect(at('11:30') - at('12:30')).toBeGreaterThan(1.5);
		const clear = planDay(day());
		expect(planDay(day({ sky: [{ from: '09:00', sky: 'clear' }] })).windows).toEqual(clear.windows);
	});

	it('tells when a wanted time is to be had', () => {
		const trails = planDay(
			day({
				camera: foldingInstant(),
				film: filmOf('instant', 160),
				intent: { seconds: [4, 10] }
			})
		);
		expect(trails.windows.length).toBeGreaterThan(0);
		for (const { settings, steady } of trails.windows) {
			expect(settings.seconds[0]).toBeGreaterThan(3.9);
			expect(settings.seconds[1]).toBeLessThan(10.1);
			expect(steady).toBe('support');
		}
		const bare = planDay(
			day({ camera: foldingInstant(), film: filmOf('instant', 160), bag: { tripod: false } })
		);
		expect(bare.windows.every(({ steady }) => steady === 'hand')).toBe(true);
	});

	it('has no window less where the film forgives more', () => {
		const lasts = (windows: { from: string; to: string }[]) =>
			windows.reduce((sum, { from, to }) => sum + ms(to) - ms(from), 0);
		fc.assert(
			fc.property(
				fc.double({ min: 0, max: 1, noNaN: true }),
				fc.integer({ min: -60, max: 60 }),
				fc.integer({ min: 1, max: 12 }),
				(more, latitude, month) => {
					const film = filmOf('reversal', 100);
					const wide = {
						...film,
						latitude: {
							good: [-0.4 - more, 0.4 + more] as [number, number],
							usable: [-1 - more, 0.5 + more] as [number, number]
						}
					};
					const narrow = {
						...film,
						latitude: { good: [-0.4, 0.4] as [number, number], usable: [-1, 0.5] as [number, number] }
					};
					const date = `2026-${String(month).padStart(2, '0')}-15`;
					const at = { place: { latitude, longitude: 10 }, date };
					expect(lasts(planDay(day({ ...at, film: wide })).windows)).toBeGreaterThanOrEqual(
						lasts(planDay(day({ ...at, film: narrow })).windows) - 2 * MINUTE
					);
				}
			),
			{ numRuns: 25 }
		);
	});
});

describe('where something changes', () => {
	it('is found exactly, with what lies between two steps', () => {
		const pieces = changesIn(
			0,
			600_000,
			300_000,
			(at) => (at < 100_000 ? 'a' : at < 200_000 ? 'b' : 'c'),
			String
		);
		expect(pieces.map(({ first }) => first)).toEqual(['a', 'b', 'c']);
		expect(Math.abs(pieces[1].from - 100_000)).toBeLessThanOrEqual(1000);
		expect(pieces[0].from).toBe(0);
		expect(pieces[2].to).toBe(600_000);
	});
});
