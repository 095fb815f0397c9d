import { evFromDome } from '../units';
import { resolveLight } from './resolve';
import { daylight } from './sun/illuminance';
import { sunPosition } from './sun';
import type { Light } from './types';

/** Where one stands, degrees. */
export interface Coordinates {
	latitude: number;
	longitude: number;
}

const HOUR = 3_600_000;
/** Weather wanders: this many stops in an hour, and with the root of time; common practice. */
const WEATHER = 1 / 3;
/** Without a place, the sun is taken to change the light by this much, stops an hour; common practice. */
const USUAL_DRIFT = 1 / 2;
/** Light below this is taken to come from lamps, if nothing else is known; common practice. */
const DAYLIGHT_FROM = 9;
/** A sun reading for a time within this of when it was taken is one for now, ms. */
const FOR_NOW = 120_000;
/** Growth of doubt from which on the light should be read again, stops. */
const TOO_OLD = 2 / 3;

/** Light that stays as it is: lamps do not set. */
const lasting: ReadonlySet<string> = new Set(['lamp', 'place']);

/** Light of an open place without direct sun, EV at ISO 100. */
function openLight(instant: number, { latitude, longitude }: Coordinates): number {
	const { altitude } = sunPosition(instant, latitude, longitude);
	return evFromDome(daylight(altitude, 'clear', { subject: 'open-shade' }).lux);
}

/**
 * Stops by which the sun changes the light of an open place between two instants.
 *
 * @param from ms since 1970
 * @param to ms since 1970
 * @returns stops, + = brighter
 */
export function sunDrift(from: number, to: number, where: Coordinates): number {
	return openLight(to, where) - openLight(from, where);
}

/** Stops of doubt that a reading has gained. */
function gained(light: Light, takenAt: number, now: number, where: Coordinates | null): number {
	const hours = Math.max(0, now - takenAt) / HOUR;
	const method = 'method' in light ? light.method : 'number';
	if (lasting.has(method) || hours === 0) return 0;
	const weather = WEATHER * Math.sqrt(hours);
	if (method === 'sun') return weather;
	if (resolveLight(light).ev < DAYLIGHT_FROM && !where) return 0;
	return Math.hypot(weather, where ? Math.abs(sunDrift(takenAt, now, where)) : USUAL_DRIFT * hours);
}

/** Growth of doubt that nobody can tell, stops. */
const UNTOLD = 0.05;
/** Most doubt that is carried on, stops: beyond that nothing is known. */
const MOST = 6;

/**
 * A reading as it stands some time after it was taken: its doubt grows with the weather and with the
 * sun, fast near sunset, and not at all under lamps. A reading by the sun that was taken for its own
 * moment goes with the clock instead.
 *
 * @param takenAt ms since 1970
 * @param now ms since 1970
 * @param where the place, where it is known
 * @example resolveLight(agedLight({ ev: 14, sd: 0.5 }, noon, noon + 3_600_000, null)).sd // 0.78
 */
export function agedLight(light: Light, takenAt: number, now: number, where: Coordinates | null): Light {
	const more = gained(light, takenAt, now, where);
	if ('method' in light && light.method === 'sun') {
		if (Math.abs(Date.parse(light.at) - takenAt) > FOR_NOW) return light;
		const moved = { ...light, at: new Date(now).toISOString() };
		return { ...moved, sd: Math.min(MOST, Math.hypot(resolveLight(moved).sd, more)) };
	}
	if (more < UNTOLD) return light;
	const { sd, meterSd } = resolveLight(light);
	const aged = { ...light, sd: Math.min(MOST, Math.hypot(sd, more)) };
	return light.meterEv === undefined ? aged : { ...aged, meterSd: Math.min(MOST, Math.hypot(meterSd, more)) };
}

/**
 * Whether a reading has grown so old that it should be taken again.
 *
 * @param light as it was read
 * @param aged as it stands now
 */
export function isOld(light: Light, aged: Light): boolean {
	const [before, now] = [resolveLight(light).sd, resolveLight(aged).sd];
	return Math.sqrt(Math.max(0, now ** 2 - before ** 2)) > TOO_OLD;
}
