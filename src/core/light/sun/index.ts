import { evFromDome } from '../../units';
import { albedoOf, PLAIN_ALBEDO, type Ground } from '../ground';
import type { Exposed, Sky, SunReading, WayOfReading } from '../types';
import { daylightColour } from './colour';
import { daylight, moonlight } from './illuminance';
import { moonPosition, sunPosition } from './position';

export { directColour, skyColours } from './colour';
export { daylightFrom, GROUND_IN_SHADE, isShaded, onDome, SKY_IN_SHADE, thrownBack } from './illuminance';
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
 * @param ground what lies around; undefined: grass, earth, stone
 * @returns EV at ISO 100 and its doubt, stops
 * @example sunlight(60, 'clear', 'facing').ev // 14.99
 */
export function sunlight(
	altitude: number,
	sky: Sky,
	subject: Exposed,
	ground?: Ground
): { ev: number; sd: number } {
	const albedo = albedoAround(ground);
	return { ev: evFromDome(daylight(altitude, sky, { subject, albedo }).lux), sd: doubtAt(altitude) };
}

const albedoAround = (ground: Ground | undefined) => (ground ? albedoOf[ground] : PLAIN_ALBEDO);

/** Doubt of moonlight, stops; common practice. */
const MOON_SD = 1;

/** Between where something looks and where a light stands, degrees. */
const apartFrom = (facing: number, azimuth: number) => Math.abs(((azimuth - facing + 540) % 360) - 180);

/**
 * Reading light by sun and clock: sun and moon at a place and an instant, through a sky, as the dome of a
 * meter shows it at a subject that stands to the sun in some way.
 * Source: IES RP-21 and Janiczek and DeYoung (from memory); see illuminance.
 *
 * @example sun.read({ method: 'sun', latitude: 54, longitude: -4, at: '2026-06-21T13:00:00+01:00', sky: 'clear', subject: 'facing' }).ev // 15
 */
export const sun: WayOfReading<SunReading> = {
	read({ latitude, longitude, at, sky, subject, facing, ground }) {
		const instant = Date.parse(at);
		const { altitude, azimuth } = sunPosition(instant, latitude, longitude);
		const moon = moonPosition(instant, latitude, longitude);
		const albedo = albedoAround(ground);
		const stands = (azimuth: number) =>
			facing === undefined ? { subject, albedo } : { subject, albedo, apart: apartFrom(facing, azimuth) };
		const day = daylight(altitude, sky, stands(azimuth));
		const night = moonlight(moon, sky, stands(moon.azimuth));
		const byDay = day.lux >= night.lux;
		const kelvin = byDay ? daylightColour(day, altitude, sky) : daylightColour(night, moon.altitude, sky);
		return {
			ev: evFromDome(day.lux + night.lux),
			sd: byDay ? doubtAt(altitude) : MOON_SD,
			kelvin: Math.round(kelvin / 50) * 50
		};
	},
	note: () => 'sun and clock'
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
	const apart = apartFrom(facing, azimuth);
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
