import { Body, Equator, Horizon, Illumination, Observer } from 'astronomy-engine';
import fc from 'fast-check';
import { draws } from '../../../../tests/fixtures/few';
import { describe, expect, it } from 'vitest';
import { real } from '../../../../tests/fixtures/arbitraries';
import { daytimeAt, moonPosition, resolveLight, sunPosition, type SunReading } from '..';
import { daylight, moonlight, moonPhaseFactor } from './illuminance';
import { clockAt, instantOf, localTime, wholeHoursBetween, zoneAt } from './zone';

const instants = fc.integer({ min: Date.UTC(2000, 0), max: Date.UTC(2050, 0) });
const latitudes = real(-89, 89);
const longitudes = real(-180, 180);
const evOf = (reading: Omit<SunReading, 'method'>) => resolveLight({ method: 'sun', ...reading }).ev;
const evFrom = (lux: number) => Math.log2(lux / 2.5);

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

describe('illuminance by the sun', () => {
	// Source: IES RP-21 by hand (from memory): 128·exp(−0.21/sin 60°) = 100.4 klx direct, 15.2 klx sky; facing 118 klx.
	it('is what the published model says at 60°', () => {
		expect(daylight(60, 'clear', 'facing').lux / 1000).toBeCloseTo(118.3, 0);
		expect(daylight(60, 'clear', 'facing').direct / 1000).toBeCloseTo(100.4, 1);
		expect(daylight(60, 'clear', 'open-shade').lux / 1000).toBeCloseTo(17.8, 1);
		expect(daylight(60, 'clear', 'side').lux / 1000).toBeCloseTo(68.1, 0);
		// 0.3 + 21·sin 60° = 18.5 klx on every subject.
		expect(daylight(60, 'overcast', 'back').lux / 1000).toBeCloseTo(18.5, 1);
	});

	// Source: check values of IES RP-21 (from memory) as EV, ISO 2720.
	it.each([
		[60, 'clear', 'facing', 15, 15.6],
		[60, 'clear', 'open-shade', 12, 12.9],
		[30, 'overcast', 'facing', 12, 12.9],
		[60, 'overcast', 'facing', 12, 12.9],
		[10, 'clear', 'facing', 13.7, 14.3]
	] as const)('at %s°, %s, %s is between EV %s and %s', (altitude, sky, subject, from, to) => {
		const ev = evFrom(daylight(altitude, sky, subject).lux);
		expect(ev).toBeGreaterThan(from);
		expect(ev).toBeLessThan(to);
	});

	// Source: published clear-sky twilight illuminance (from memory); a subject in the shade gets half of it and a tenth from the ground.
	it.each([
		[0, 740],
		[-0.8, 450],
		[-6, 3.4],
		[-12, 0.008],
		[-18, 0.0006],
		[-40, 0.0006]
	])('at %s° the sky gives %s lx', (altitude, lux) => {
		expect(daylight(altitude, 'clear', 'back').lux / 0.6 / lux).toBeCloseTo(1, 6);
	});

	it('is a tenth under overcast by the end of civil twilight, and half of that under heavy cloud', () => {
		expect(daylight(-6, 'overcast', 'facing').lux).toBeCloseTo(0.34, 6);
		expect(daylight(-6, 'heavy', 'facing').lux).toBeCloseTo(0.17, 6);
	});

	it('is two stops less in deep shade than in open shade', () => {
		fc.assert(
			fc.property(real(-20, 90), fc.constantFrom('clear', 'partly', 'overcast' as const), (altitude, sky) => {
				const ratio = daylight(altitude, sky, 'open-shade').lux / daylight(altitude, sky, 'deep-shade').lux;
				expect(ratio).toBeCloseTo(4, 9);
			})
		);
	});

	it('grows with the height of the sun under every sky', () => {
		const skies = fc.constantFrom('clear', 'hazy', 'partly', 'overcast', 'heavy' as const);
		fc.assert(
			fc.property(real(-17.9, 89), real(0.01, 1), skies, (altitude, more, sky) => {
				expect(daylight(altitude + more, sky, 'facing').lux).toBeGreaterThan(
					daylight(altitude, sky, 'facing').lux
				);
			})
		);
	});

	// Source: Allen's phase law (from memory): a half moon is 0.026·90 + 0.26 = 2.6 magnitudes, about 11 times, dimmer.
	it('by a high full moon is a quarter of a lux, and a tenth of that by a half moon', () => {
		const moon = { altitude: 90, azimuth: 0, lit: 1, phaseAngle: 0 };
		expect(moonlight(moon, 'clear', 'facing').lux).toBeGreaterThan(0.2);
		expect(moonlight(moon, 'clear', 'facing').lux).toBeLessThan(0.35);
		expect(1 / moonPhaseFactor(90)).toBeCloseTo(11, 0);
	});
});

describe('light by sun and clock', () => {
	const day = { latitude: 54, longitude: -4, sky: 'clear', subject: 'facing' } as const;

	it('is bright at noon, in doubt at dusk, and the moon’s at night', () => {
		const noon = resolveLight({ method: 'sun', ...day, at: '2026-06-21T13:15:00+01:00' });
		expect(noon.ev).toBeGreaterThan(15);
		expect([noon.sd, noon.kelvin! > 5000]).toEqual([2 / 3, true]);
		// Full moon of 2026-11-24, high at local midnight.
		const full = resolveLight({ method: 'sun', ...day, at: '2026-11-25T00:30:00+00:00' });
		const none = resolveLight({ method: 'sun', ...day, at: '2026-11-10T00:30:00+00:00' });
		expect(full.sd).toBeCloseTo(4 / 3, 9);
		expect(full.ev).toBeGreaterThan(-4);
		expect(full.ev).toBeLessThan(-2);
		expect(none.ev).toBeLessThan(-8);
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

	it('has as many whole hours as the day is long, also when the clock changes', () => {
		const hours = (from: string, to: string) =>
			wholeHoursBetween(Date.parse(from), Date.parse(to), island).length;
		expect(hours('2026-03-28T23:30:00Z', '2026-03-29T23:30:00Z')).toBe(24);
		expect(hours('2026-06-01T11:15:00Z', '2026-06-01T14:15:00Z')).toBe(3);
	});
});
