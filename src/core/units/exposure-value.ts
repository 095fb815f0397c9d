/**
 * EV always means EV at ISO 100.
 * Sources: ISO 2720:1974 (C = 250 lx·s, K = 12.5 cd·s/m²); APEX as in EXIF 2.3, Annex C.
 */

const INCIDENT_CONSTANT_C = 250;
const REFLECTED_CONSTANT_K = 12.5;

/**
 * EV that a pair of settings renders right at ISO 100: log2(N²/t).
 *
 * @param f f-number, > 0
 * @param seconds exposure time, s, > 0
 * @returns EV at ISO 100
 * @example settingsEv(16, 1 / 125) // 14.97
 */
export function settingsEv(f: number, seconds: number): number {
	return 2 * Math.log2(f) - Math.log2(seconds);
}

/**
 * Stops by which a film is faster than ISO 100.
 *
 * @param iso arithmetic film speed, > 0
 * @example speedStops(400) // 2
 */
export function speedStops(iso: number): number {
	return Math.log2(iso / 100);
}

/**
 * EV of an illuminance: E = (C/100)·2^EV, ISO 2720.
 *
 * @param lux illuminance, lx, > 0
 * @example evFromLux(2.5) // 0
 */
export function evFromLux(lux: number): number {
	return Math.log2((lux * 100) / INCIDENT_CONSTANT_C);
}

/** Of a receptor that is a dome, lx·s; ISO 2720 gives 320 to 540, and 250 for a flat one. */
const DOME_CONSTANT = 340;

/**
 * EV of the light on the dome of an incident meter: E = (C/100)·2^EV.
 * Source: ISO 2720:1974.
 *
 * @param lux on the dome, > 0
 * @returns EV at ISO 100
 * @example evFromDome(3.4) // 0
 */
export function evFromDome(lux: number): number {
	return Math.log2(lux / (DOME_CONSTANT / 100));
}

/**
 * Illuminance of an EV: E = (C/100)·2^EV, ISO 2720.
 *
 * @param ev EV at ISO 100
 * @returns lx
 * @example luxFromEv(15) // 81920
 */
export function luxFromEv(ev: number): number {
	return (INCIDENT_CONSTANT_C / 100) * 2 ** ev;
}

/**
 * EV of a luminance: L = (K/100)·2^EV, ISO 2720.
 *
 * @param luminance cd/m², > 0
 * @example evFromLuminance(0.125) // 0
 */
export function evFromLuminance(luminance: number): number {
	return Math.log2((luminance * 100) / REFLECTED_CONSTANT_K);
}

/**
 * Luminance of an EV: L = (K/100)·2^EV, ISO 2720.
 *
 * @param ev EV at ISO 100
 * @returns cd/m²
 * @example luminanceFromEv(3) // 1
 */
export function luminanceFromEv(ev: number): number {
	return (REFLECTED_CONSTANT_K / 100) * 2 ** ev;
}
