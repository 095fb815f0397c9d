import { diagonal } from './frame';
import type { Camera } from './types';

/** A person timing with a watch is off by about this, s; common practice. */
export const HAND_TIMING_SECONDS = 0.2;

/**
 * Doubt of an exposure timed by hand: 0.2 s as stops of its time.
 *
 * @param seconds exposure time, s
 * @returns stops
 * @example handTimingDoubt(1) // 0.29
 */
export function handTimingDoubt(seconds: number): number {
	return HAND_TIMING_SECONDS / (seconds * Math.LN2);
}

/** Diagonal of a 35 mm frame (36 × 24), mm. */
const FRAME_35MM_DIAGONAL = 43.27;
const STEADY_HAND = 2;

/**
 * The slowest time that can be held by hand: 2/f with f in 35 mm terms, by frame diagonal.
 * Source: common practice for small prints.
 *
 * @returns s; Infinity for cine, which is exempt
 * @example slowestByHand(a 35 mm camera with a 40 mm lens) // 0.05
 */
export function slowestByHand(camera: Camera): number {
	if (camera.framesPerSecond !== undefined) return Infinity;
	if (camera.handHold !== undefined) return camera.handHold;
	const equivalent = camera.focalLength * (FRAME_35MM_DIAGONAL / diagonal(camera.frame));
	return STEADY_HAND / equivalent;
}
