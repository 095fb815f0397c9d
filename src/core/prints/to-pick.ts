import { FARTHEST_ERROR } from './curve';
import { roundToThird } from '../units';

/** Two stops to both sides, in thirds. */
const NEAR = 2;

/**
 * Errors that a frame is compared with: near right in thirds, and out to beyond what was promised in whole stops, with
 * the promised one among them.
 *
 * @param promised stops
 * @example printsToPick(13 / 3).slice(-4) // [4, 4⅓, 5, 6]
 */
export function printsToPick(promised: number): number[] {
	const thirds = Array.from({ length: 6 * NEAR + 1 }, (_, at) => at / 3 - NEAR);
	const farthest = Math.min(FARTHEST_ERROR, Math.ceil(Math.abs(promised)) + 1);
	const side = Math.sign(promised);
	const beyond = Array.from({ length: Math.max(0, farthest - NEAR) }, (_, at) => side * (NEAR + 1 + at));
	const all = [...thirds, ...beyond, Math.max(-farthest, Math.min(farthest, roundToThird(promised)))];
	const inOrder = all.toSorted((a, b) => a - b);
	return inOrder.filter((each, at) => at === 0 || each - inOrder[at - 1] > 1e-6);
}
