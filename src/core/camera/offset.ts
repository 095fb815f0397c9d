import { cameraKind } from './kinds';
import { automaticExposure } from './eye';
import type { Camera } from './types';

/** Doubt of a body that nobody has tested, stops: a mechanical shutter, or an eye; common practice. */
const MECHANICAL_SD = 0.3;
export const EYE_OFFSET_SD = 0.5;

/** What a body that nobody has tested gives: nothing beside its settings, in doubt by its kind. */
export function usualOffset(camera: Camera): { stops: number; sd: number } {
	const own = cameraKind(camera.kind)?.offsetSd;
	return { stops: 0, sd: own ?? (automaticExposure(camera) ? EYE_OFFSET_SD : MECHANICAL_SD) };
}

/**
 * The camera's learned offset, or what is usual for one of its kind that nobody has tested.
 *
 * @example offsetOf(a box without an offset) // { stops: 0, sd: 0.3 }
 */
export function offsetOf(camera: Camera): { stops: number; sd: number } {
	return camera.offset ?? usualOffset(camera);
}
