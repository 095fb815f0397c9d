import { Body, Equator, Horizon, Illumination, Observer } from 'astronomy-engine';
import fc from 'fast-check';
import { DateTime } from 'luxon';
import { draws } from '../../../../tests/fixtures/few';
import { describe, expect, it } from 'vitest';
import { real } from '../../../../tests/fixtures/arbitraries';
import { daytimeAt, moonPosition, resolveLight, sunPosition, type SunReading } from '..';
import { instantOf, isoAt } from './local-instant';
import { clockAt, localTime, wholeHoursBetween } from './zone';
import { zoneAt } from './zone-at';

const instants = fc.integer({ min: Date.UTC(2000, 0), max: Date.UTC(2050, 0) });
const latitudes = real(-89, 89);
const longitudes = real(-180, 180);
const evOf = (reading: Omit<SunReading, 'method'>) => resolveLight({ method: 'sun', ...reading }).ev;

describe('where the sun stands', () => {
	// Source: NREL/TP-560-34302, worked example: zenith 50.11162° with refraction of 0.01633°, azimuth 194.34024°.
	it('agrees with the published example of the solar position algorithm', () => {
		const at = Date.parse('2003-10-17T12:30:30-07:00');
		const { altitude, azimuth } = sunPosition(at, 39.742476, -105.1786);
		expect(90 - altitude - 0.01633).toBeCloseTo(50.11162, 1);
		expect(Math.abs(90 - altitude - 0.01633 - 50.11162)).toBeLessThan(0.02);
		expect(Math.abs(azimuth - 194.34024)).toBeLessThan(0.02);
	});

	// Source: astronomy-engine, an independent library, without refraction.
	it('agrees with an independent library all over the earth and the years', () => {
		for (const latitude of [-80, -45, -10, 0, 25, 54, 70, 85]) {
			for (const longitude of [-170, -60, 0, 90]) {
				for (const year of [2001, 2026, 2045]) {
					for (const month of [0, 2, 5, 8, 11]) {
						const at = new Date(Date.UTC(year, month, 21, 5 + month, 40));
						const observer = new Observer(latitude, longitude, 0);
						const here = (body: Body) => {
							const { ra, dec } = Equator(body, at, observer, true, true);
							return Horizon(at, observer, ra, dec).altitude;
						};
						const sun = sunPosition(at.getTime(), latitude, longitude);
						expect(Math.abs(sun.altitude - here(Body.Sun))).toBeLessThan(0.05);
						const moon = moonPosition(at.getTime(), latitude, longitude);
						expect(Math.abs(moon.altitude - here(Body.Moon))).toBeLessThan(0.3);
						expect(Math.abs(moon.lit - Illumination(Body.Moon, at).phase_fraction)).toBeLessThan(0.02);
					}
				}
			}
		}
	});

	// Source: the published limits of civil, nautical and astronomical twilight; sunrise with refraction and radius.
	it.each([
		[30, 'day'],
		[5, 'low-sun'],
		[-0.8, 'low-sun'],
		[-3, 'civil-twilight'],
		[-9, 'nautical-twilight'],
		[-15, 'astronomical-twilight'],
		[-30, 'night']
	])('%s° is %s', (altitude, daytime) => {
		expect(daytimeAt(altitude)).toBe(daytime);
	});
});

describe('light by sun and clock', () => {
	const day = { latitude: 54, longitude: -4, sky: 'clear', subject: 'facing' } as const;

	it('is bright at noon, in doubt at dusk, and the moon’s at night', () => {
		const noon = resolveLight({ method: 'sun', ...day, at: '2026-06-21T13:15:00+01:00' });
		// Source: the f/16 rule: a high sun in front is EV 14⅔, within a third and a half.
		expect(Math.abs(noon.ev - 14.64)).toBeLessThan(0.5);
		expect([noon.sd, noon.kelvin! > 5000]).toEqual([2 / 3, true]);
		// Full moon of 2026-11-24, high at local midnight.
		const full = resolveLight({ method: 'sun', ...day, at: '2026-11-25T00:30:00+00:00' });
		const none = resolveLight({ method: 'sun', ...day, at: '2026-11-10T00:30:00+00:00' });
		expect(full.sd).toBe(1);
		expect(none.sd).toBeCloseTo(4 / 3, 9);
		expect(full.ev).toBeGreaterThan(-4.5);
		expect(full.ev).toBeLessThan(-2);
		expect(none.ev).toBeLessThan(-8);
	});

	// Source: the f/16 rule against the model, where both are used: 45° north, noon in June.
	it('agrees with sharp shadows within half a stop', () => {
		const ev = evOf({
			latitude: 45,
			longitude: 0,
			at: '2026-06-21T12:00:00Z',
			sky: 'clear',
			subject: 'facing'
		});
		const edge = resolveLight({ method: 'shadows', school: 'shadow-edge', condition: 'sharp' }).ev;
		expect(Math.abs(ev - edge)).toBeLessThan(0.5);
	});

	it('takes where the subject looks in place of a name, and what lies around it', () => {
		const noon = { latitude: 45, longitude: 0, at: '2026-06-21T12:00:00Z', sky: 'clear' } as const;
		const facing = (degrees: number) => evOf({ ...noon, subject: 'facing', facing: degrees });
		expect(facing(180)).toBeGreaterThan(facing(90));
		expect(facing(90)).toBeGreaterThan(facing(0));
		expect(facing(0)).toBeCloseTo(evOf({ ...noon, subject: 'back' }), 6);
		expect(evOf({ ...noon, subject: 'back', ground: 'snow' })).toBeGreaterThan(facing(0) + 1);
	});

	it('never jumps: at most 0.45 stop a minute anywhere, also through the horizon', () => {
		const skies = fc.constantFrom('clear', 'hazy', 'partly', 'overcast', 'heavy' as const);
		const subjects = fc.constantFrom('facing', 'side', 'back', 'open-shade', 'deep-shade' as const);
		fc.assert(
			fc.property(
				instants,
				latitudes,
				longitudes,
				skies,
				subjects,
				(at, latitude, longitude, sky, subject) => {
					const at1 = evOf({ latitude, longitude, sky, subject, at: new Date(at).toISOString() });
					const at2 = evOf({ latitude, longitude, sky, subject, at: new Date(at + 60_000).toISOString() });
					expect(Number.isFinite(at1)).toBe(true);
					expect(Math.abs(at2 - at1)).toBeLessThanOrEqual(0.45);
				}
			),
			{ numRuns: draws(4000) }
		);
	});

	it('never jumps at the equator either, minute by minute through a whole day', () => {
		for (const sky of ['clear', 'hazy', 'partly', 'overcast', 'heavy'] as const) {
			let before: number | null = null;
			for (let minute = 0; minute < 1440; minute++) {
				const at = new Date(Date.UTC(2026, 2, 20, 0, minute)).toISOString();
				const ev = evOf({ latitude: 0, longitude: 0, at, sky, subject: 'facing' });
				if (before !== null) expect(Math.abs(ev - before)).toBeLessThanOrEqual(0.45);
				before = ev;
			}
		}
	});
});

describe('the clock of a place', () => {
	const island = zoneAt(54, -4);

	// Source: the published rules of the time zone database.
	it('knows summer and winter, half hours and the far north', () => {
		expect(clockAt(Date.parse('2026-07-01T12:00:00Z'), zoneAt(78, 16))).toBe('14:00');
		expect(clockAt(Date.parse('2026-07-01T12:00:00Z'), zoneAt(27.7, 85.3))).toBe('17:45');
		expect(instantOf('2026-07-01', '13:00', island)).toEqual({
			at: '2026-07-01T13:00:00.000+01:00',
			skipped: false
		});
	});

	it('says when a clock change takes a time away, and takes the first of two', () => {
		expect(instantOf('2026-03-29', '01:30', island)).toMatchObject({
			skipped: true,
			at: expect.stringContaining('T02:30')
		});
		expect(instantOf('2026-10-25', '01:30', island)?.at).toBe('2026-10-25T01:30:00.000+01:00');
		expect(instantOf('2026-02-30', '12:00', island)).toBeNull();
		expect(instantOf('2026-02-03', '25:00', island)).toBeNull();
	});

	it('goes there and back in every zone, but for the hour that is there twice', () => {
		fc.assert(
			fc.property(instants, latitudes, longitudes, (at, latitude, longitude) => {
				const zone = zoneAt(latitude, longitude);
				const minute = Math.floor(at / 60_000) * 60_000;
				const { date, time } = localTime(minute, zone);
				const found = instantOf(date, time, zone)!;
				expect(found.skipped).toBe(false);
				const missed = minute - Date.parse(found.at);
				expect([0, 1_800_000, 3_600_000]).toContain(missed);
				expect(clockAt(Date.parse(found.at), zone)).toBe(time);
			}),
			{ numRuns: draws(500) }
		);
	});

	// Source: luxon, which reads the same database of zones with code of its own.
	it('says date, time, offset and whole hours as another library does', () => {
		fc.assert(
			fc.property(instants, latitudes, longitudes, (at, latitude, longitude) => {
				const zone = zoneAt(latitude, longitude);
				const known = DateTime.fromMillis(at, { zone });
				expect(localTime(at, zone)).toEqual({
					date: known.toFormat('yyyy-MM-dd'),
					time: known.toFormat('HH:mm')
				});
				expect(isoAt(at, zone)).toBe(known.toISO({ extendedZone: false })?.replace(/Z$/, '+00:00'));
				const first = known.startOf('hour').plus({ hours: 1 });
				const hours = [0, 1, 2].map((later) => first.plus({ hours: later }).toMillis());
				expect(wholeHoursBetween(at, at + 3 * 3_600_000, zone).slice(0, 3)).toEqual(hours);
			}),
			{ numRuns: draws(500) }
		);
	});

	it('has as many whole hours as the day is long, also when the clock changes', () => {
		const hours = (from: string, to: string) =>
			wholeHoursBetween(Date.parse(from), Date.parse(to), island).length;
		expect(hours('2026-03-28T23:30:00Z', '2026-03-29T23:30:00Z')).toBe(24);
		expect(hours('2026-06-01T11:15:00Z', '2026-06-01T14:15:00Z')).toBe(3);
	});
});
