import type { Camera } from './types';

/** Learned offset of a body that nobody has tested: 0 ± 0.3 stop; common practice. */
export const USUAL_OFFSET = { stops: 0, sd: 0.3 };

/** The camera's learned offset, or what is usual for a body that nobody has tested. */
export function offsetOf(camera: Camera): { stops: number; sd: number } {
	return camera.offset ?? USUAL_OFFSET;
}
