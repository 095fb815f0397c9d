import type { Camera } from '../camera';
import { effectiveSpeedStops, reciprocityLoss, type Film } from '../film';
import { settingsEv } from '../units';
import type { Intent } from './types';

/** Learned offset of a camera that has none yet: 0 ± 0.3 stop; common practice. */
const DEFAULT_OFFSET = { stops: 0, sd: 0.3 };

/** The camera's learned offset, or what is usual for a body that nobody has tested. */
export function offsetOf(camera: Camera): { stops: number; sd: number } {
	return camera.offset ?? DEFAULT_OFFSET;
}

/** What of the exposure does not depend on f-number and time, stops of light on the film. */
function fixedStops(camera: Camera, film: Film, intent: Intent): number {
	const filters = (intent.filters ?? []).reduce((sum, filter) => sum + filter.stops, 0);
	const exposures = Math.log2(intent.exposures ?? 1);
	return effectiveSpeedStops(film) + offsetOf(camera).stops + exposures - filters;
}

/**
 * The light (EV at ISO 100) in which a setting gives the film exactly what it needs.
 *
 * Exposure error is the light minus this: e = EV + log2(S/100) − log2(N²/t) − A, with A all that
 * takes light on the way (filters, reciprocity). Source: ISO 2720 settings equation; domain of
 * positive error = too much light.
 *
 * @param f f-number
 * @param seconds the time the shutter is open, s
 * @returns EV at ISO 100
 * @example rightLight(camera, iso100Film, {}, 16, 1 / 125) // 14.97
 */
export function rightLight(camera: Camera, film: Film, intent: Intent, f: number, seconds: number): number {
	return settingsEv(f, seconds) - fixedStops(camera, film, intent) + reciprocityLoss(film, seconds);
}

/**
 * log2 of the time that a film without reciprocity failure would need at an f-number in a light for
 * a wanted error; correctedTime makes the shutter's time of it.
 */
export function meteredTimeStops(
	camera: Camera,
	film: Film,
	intent: Intent,
	ev: number,
	f: number,
	error: number
): number {
	return error - ev - fixedStops(camera, film, intent) + 2 * Math.log2(f);
}
