/** Length of the pieces in which loudness is told, s. */
const PIECE = 0.001;
/** A click rings this long: what follows sooner belongs to it, s. */
const RINGING = 0.03;
/** A click stands out from the room's noise by this factor of loudness … */
const ABOVE_NOISE = 6;
/** … and is not much softer than the loudest. */
const OF_LOUDEST = 0.08;
/** Softer than this is silence, of full scale. */
const SILENCE = 0.002;

/** Loudness of a recording, piece by piece; differences of neighbours leave hum and rumble out. */
function loudness(samples: Float32Array, piece: number): Float64Array {
	const pieces = new Float64Array(Math.max(0, Math.floor((samples.length - 1) / piece)));
	for (let at = 0; at < pieces.length; at++) {
		let sum = 0;
		for (let index = at * piece + 1; index <= (at + 1) * piece; index++) {
			sum += (samples[index] - samples[index - 1]) ** 2;
		}
		pieces[at] = Math.sqrt(sum / piece);
	}
	return pieces;
}

/**
 * Finds the clicks in a recording of a shutter: short sounds that stand out from the noise.
 * Source: common practice: an onset is where short-time energy rises above the noise floor.
 *
 * @param samples −1 … 1
 * @param sampleRate Hz
 * @returns when each begins, s; empty where there is none. Nearer than 30 ms to each other they are one.
 * @example clicksIn(a recording with sounds at 0.5 s and 1.5 s, 48_000) // [0.5, 1.5]
 */
export function clicksIn(samples: Float32Array, sampleRate: number): number[] {
	const piece = Math.max(1, Math.round(sampleRate * PIECE));
	const pieces = loudness(samples, piece);
	if (pieces.length === 0) return [];
	const sorted = Float64Array.from(pieces).sort();
	const [noise, loudest] = [sorted[Math.floor(sorted.length / 2)], sorted[sorted.length - 1]];
	const threshold = Math.max(SILENCE, noise * ABOVE_NOISE, loudest * OF_LOUDEST);
	const clicks: number[] = [];
	let lastLoud = -Infinity;
	pieces.forEach((loud, at) => {
		if (loud < threshold) return;
		const seconds = (at * piece) / sampleRate;
		if (seconds - lastLoud > RINGING) clicks.push(seconds);
		lastLoud = seconds;
	});
	return clicks;
}
