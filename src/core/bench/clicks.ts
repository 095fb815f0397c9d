import { onsetsIn } from './shutter/sound';

/** A click of a large, old shutter rings this long: what follows sooner belongs to it, s. */
const RINGING = 0.03;

/**
 * Finds the clicks of a slow shutter in a recording.
 *
 * @param samples −1 … 1
 * @param sampleRate Hz
 * @returns when each begins, s; empty where there is none. Nearer than 30 ms to each other they are one.
 * @example clicksIn(a recording with sounds at 0.5 s and 1.5 s, 48_000) // [0.5, 1.5]
 */
export function clicksIn(samples: Float32Array, sampleRate: number): number[] {
	const onsets = onsetsIn(samples, sampleRate);
	return onsets.filter((onset, at) => at === 0 || onset - onsets[at - 1] > RINGING);
}
