import type { Camera } from './types';

/** Diagonal of a frame, mm. */
export function diagonal(frame: Camera['frame']): number {
	return Math.hypot(frame.width, frame.height);
}

/** The circle of confusion is the frame's diagonal over this, unless the camera says otherwise; common practice. */
const CIRCLES_PER_DIAGONAL = 1500;

/**
 * The largest blur on film that still passes for a point.
 *
 * @returns mm
 * @example circleOfConfusion(a 36 × 24 camera) // 0.0288
 */
export function circleOfConfusion(camera: Camera): number {
	return camera.circleOfConfusion ?? diagonal(camera.frame) / CIRCLES_PER_DIAGONAL;
}
