import { evFromLux } from '../../units';
import type { Exposed, Sky, SunReading, WayOfReading } from '../types';
import { daylightColour } from './colour';
import { daylight, moonlight } from './illuminance';
import { moonPosition, sunPosition } from './position';

export { directColour, skyColours } from './colour';
export { daylightFrom, DEEP, directShare } from './illuminance';
export { moonPosition, sunPosition, type SkyPosition } from './position';

/** Doubt by day and in deep twilight, stops; common practice. */
const DAY_SD = 2 / 3;
const TWILIGHT_SD = 4 / 3;
const DOUBT_GROWS_FROM = 5;
const DOUBT_GROWS_TO = -6;

function doubtAt(altitude: number): number {
	const down = (DOUBT_GROWS_FROM - altitude) / (DOUBT_GROWS_FROM - DOUBT_GROWS_TO);
	return DAY_SD + (TWILIGHT_SD - DAY_SD) * Math.min(1, Math.max(0, down));
}

/**
 * The light of the sun alone, without a moon: what a day has at a height of the sun.
 *
 * @param altitude geometric, degrees
 * @returns EV at ISO 100 and its doubt, stops
 * @example sunlight(60, 'clear', 'facing').ev // 15.5
 */
export function sunlight(altitude: number, sky: Sky, subject: Exposed): { ev: number; sd: number } {
	return { ev: evFromLux(daylight(altitude, sky, subject).lux), sd: doubtAt(altitude) };
}

/**
 * Reading light by sun and clock: sun and moon at a place and an instant, through a sky, on a subject
 * that stands to the sun in some way.
 * Source: IES RP-21 (from memory) and published twilight values; see illuminance.
 *
 * @example sun.read({ method: 'sun', latitude: 54, longitude: -4, at: '2026-06-21T13:00:00+01:00', sky: 'clear', subject: 'facing' }).ev // 15.5
 */
export const sun: WayOfReading<SunReading> = {
	read({ latitude, longitude, at, sky, subject }) {
		const instant = Date.parse(at);
		const { altitude } = sunPosition(instant, latitude, longitude);
		const moon = moonPosition(instant, latitude, longitude);
		const [day, night] = [daylight(altitude, sky, subject), moonlight(moon, sky, subject)];
		const byDay = day.lux >= night.lux;
		const kelvin = byDay ? daylightColour(day, altitude, sky) : daylightColour(night, moon.altitude, sky);
		return {
			ev: evFromLux(day.lux + night.lux),
			sd: doubtAt(altitude),
			kelvin: Math.round(kelvin / 50) * 50
		};
	},
	note: () => 'by sun and clock'
};

/** How far from straight ahead the sun is still in front of a subject, and from where on behind it, degrees; common practice. */
const [FRONT, BEHIND] = [60, 120];

/**
 * How a subject stands to the sun.
 *
 * @param azimuth where the sun stands, degrees from north through east
 * @param facing where the subject looks, in the same way
 * @example exposedTo(180, 200) // 'facing'
 */
export function exposedTo(azimuth: number, facing: number): 'facing' | 'side' | 'back' {
	const apart = Math.abs(((azimuth - facing + 540) % 360) - 180);
	if (apart <= FRONT) return 'facing';
	return apart < BEHIND ? 'side' : 'back';
}

/** The kinds of twilight, by the height of the sun below the horizon. Source: civil, nautical and astronomical twilight as published. */
export type Daytime =
	'day' | 'low-sun' | 'civil-twilight' | 'nautical-twilight' | 'astronomical-twilight' | 'night';

/** Height of the sun's middle as its rim comes up, geometric degrees. Source: as published in almanacs. */
export const SUNRISE = -0.833;
const LOW_SUN = 20;

/**
 * What time of light it is.
 *
 * @param altitude geometric, degrees
 * @example daytimeAt(-3) // 'civil-twilight'
 */
export function daytimeAt(altitude: number): Daytime {
	if (altitude >= LOW_SUN) return 'day';
	if (altitude >= SUNRISE) return 'low-sun';
	if (altitude >= -6) return 'civil-twilight';
	if (altitude >= -12) return 'nautical-twilight';
	return altitude >= -18 ? 'astronomical-twilight' : 'night';
}
