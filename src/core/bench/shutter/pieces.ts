/** A recording in short pieces: small enough to look through ten minutes at once. */
export interface Pieces {
	/** Mean of each piece. */
	means: Float32Array;
	/** Samples in a piece. */
	size: number;
	/** s */
	length: number;
}

const PIECE_SECONDS = 1e-4;

/**
 * Cuts a recording into pieces.
 *
 * @param seconds length of a piece, a tenth of a millisecond if not given
 */
export function piecesOf(samples: Float32Array, sampleRate: number, seconds = PIECE_SECONDS): Pieces {
	const size = Math.max(1, Math.round(sampleRate * seconds));
	const means = new Float32Array(Math.floor(samples.length / size));
	for (let piece = 0; piece < means.length; piece++) {
		let sum = 0;
		for (let at = piece * size; at < (piece + 1) * size; at++) sum += samples[at];
		means[piece] = sum / size;
	}
	return { means, size, length: size / sampleRate };
}

/** Values looked at for a median. */
const MOST_SORTED = 100_000;

/** The middle value; of many values, of an even sample of them. */
export function medianOf(values: ArrayLike<number>): number {
	const step = Math.max(1, Math.floor(values.length / MOST_SORTED));
	const sample = new Float64Array(Math.ceil(values.length / step));
	for (let at = 0; at < sample.length; at++) sample[at] = values[at * step];
	sample.sort();
	return sample.length === 0 ? 0 : sample[Math.floor(sample.length / 2)];
}

/** A recording begins and ends in the dark, or in silence: so long, s, and at least this part of it. */
const END_SECONDS = 0.02;
const END_PART = 0.05;

/** What a recording is like while nothing happens: its two ends, in pieces. */
export function quietOf({ means, length }: Pieces): Float32Array {
	const end = Math.max(Math.round(END_SECONDS / length), Math.round(means.length * END_PART));
	const quiet = new Float32Array(2 * Math.min(end, Math.floor(means.length / 2)));
	quiet.set(means.subarray(0, quiet.length / 2));
	quiet.set(means.subarray(means.length - quiet.length / 2), quiet.length / 2);
	return quiet;
}

/** Standard deviations of a normal distribution in its median absolute deviation. */
const SD_IN_MAD = 1.4826;

/** Spread of most values about their median: a few large ones do not count. */
export function robustSd(values: Float32Array, middle: number): number {
	return SD_IN_MAD * medianOf(values.map((value) => Math.abs(value - middle)));
}
