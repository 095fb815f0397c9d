import { getMoonIllumination, getMoonPosition, getPosition } from 'suncalc';

const RADIAN = Math.PI / 180;

/** Where something stands in the sky, degrees: height above the true horizon, direction from north through east. */
export interface SkyPosition {
	altitude: number;
	azimuth: number;
}

/**
 * Atmospheric refraction, as the library adds it; below the horizon it stays what it is there.
 * Source: Meeus, Astronomical Algorithms, formula 16.4.
 *
 * @param altitude geometric, degrees
 * @returns degrees
 */
function refraction(altitude: number): number {
	const h = Math.max(0, altitude);
	return 1.02 / 60 / Math.tan((h + 10.3 / (h + 5.11)) * RADIAN);
}

/** Steps until an altitude is found to a thousandth of a degree; each is ten times as near. */
const STEPS = 6;

/** Takes refraction out of an apparent altitude. */
function geometric(apparent: number): number {
	let altitude = apparent;
	for (let step = 0; step < STEPS; step++) altitude = apparent - refraction(altitude);
	return altitude;
}

/**
 * Where the sun stands, without refraction.
 *
 * @param at ms since 1970, UTC
 * @param latitude degrees, + north
 * @param longitude degrees, + east
 * @example sunPosition(Date.parse('2003-10-17T12:30:30-07:00'), 39.742476, -105.1786).altitude // 39.87
 */
export function sunPosition(at: number, latitude: number, longitude: number): SkyPosition {
	const { altitude, azimuth } = getPosition(new Date(at), latitude, longitude);
	return { altitude: geometric(altitude), azimuth };
}

/** The moon, without refraction, with how much of it is lit and the angle that is turned away from us. */
export interface Moon extends SkyPosition {
	/** 0 new … 1 full. */
	lit: number;
	/** Angle between sun and earth as seen from the moon, degrees: 0 full … 180 new. */
	phaseAngle: number;
}

/**
 * Where the moon stands and how much of it is lit.
 *
 * @param at ms since 1970, UTC
 * @param latitude degrees, + north
 * @param longitude degrees, + east
 */
export function moonPosition(at: number, latitude: number, longitude: number): Moon {
	const { altitude, azimuth } = getMoonPosition(new Date(at), latitude, longitude);
	const { fraction } = getMoonIllumination(new Date(at));
	// Source: Meeus, formula 48.1: lit part k = (1 + cos i) / 2.
	const phaseAngle = Math.acos(Math.min(1, Math.max(-1, 2 * fraction - 1))) / RADIAN;
	return { altitude: geometric(altitude), azimuth, lit: fraction, phaseAngle };
}
