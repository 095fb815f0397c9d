import { medianOf } from './pieces';

/** Loudness is told in pieces this long, s. */
const PIECE = 2e-4;
/** What a click rings at, Hz: parts of shutters sound from about 1 kHz up; common practice. */
const [LOWEST, HIGHEST, APART] = [1000, 12_000, 850];
export const BANDS = Math.floor((HIGHEST - LOWEST) / APART) + 1;
/** How long a click is listened for, s: as long as it rings at its loudest. */
const RING = 5e-4;
/** Faster recordings are taken together, Hz: clicks are heard below half of it. */
const FAST_ENOUGH = 50_000;

/** How much a recording sounds like clicks, in pieces. */
export interface Loudness {
	/** Energy of the loudest band, of its mean in the noise: in plain noise, exponential with mean 1. */
	energies: Float32Array;
	/** Where in each piece it is loudest, s from the start of the recording. */
	at: (piece: number) => number;
	/** s */
	piece: number;
}

/** Neighbours taken together where there are more samples than clicks need. */
function slower(samples: Float32Array, sampleRate: number): { samples: Float32Array; sampleRate: number } {
	const together = Math.max(1, Math.floor(sampleRate / FAST_ENOUGH));
	if (together === 1) return { samples, sampleRate };
	const fewer = new Float32Array(Math.floor(samples.length / together));
	for (let to = 0; to < fewer.length; to++) {
		let sum = 0;
		for (let at = to * together; at < (to + 1) * together; at++) sum += samples[at];
		fewer[to] = sum / together;
	}
	return { samples: fewer, sampleRate: sampleRate / together };
}

/** Rumble, hum and voices lie below, Hz. */
const RUMBLE = 800;

/** A recording without what is slower than clicks: twice a high-pass of the first order. */
function withoutRumble(samples: Float32Array, sampleRate: number): Float32Array {
	const keep = Math.exp((-2 * Math.PI * RUMBLE) / sampleRate);
	const quick = new Float32Array(samples.length);
	let [before, once, twice] = [0, 0, 0];
	for (let at = 0; at < samples.length; at++) {
		const first = keep * (once + samples[at] - before);
		twice = keep * (twice + first - once);
		[before, once] = [samples[at], first];
		quick[at] = twice;
	}
	return quick;
}

/**
 * Energy of a ring that begins at each place: the recording against a decaying wave, by one complex
 * multiplication a sample, from the end to the start. Source: the matched filter of a damped wave.
 */
function ringing(
	samples: Float32Array,
	sampleRate: number,
	hertz: number,
	size: number,
	loudest: Float32Array,
	places: Uint8Array
): void {
	const damping = Math.exp(-1 / (RING * sampleRate));
	const turn = (2 * Math.PI * hertz) / sampleRate;
	const [cosine, sine] = [damping * Math.cos(turn), damping * Math.sin(turn)];
	let [real, imaginary] = [0, 0];
	for (let piece = loudest.length - 1; piece >= 0; piece--) {
		let [most, place] = [0, 0];
		for (let index = size - 1; index >= 0; index--) {
			const turned = samples[piece * size + index] + cosine * real - sine * imaginary;
			imaginary = sine * real + cosine * imaginary;
			real = turned;
			const energy = real * real + imaginary * imaginary;
			if (energy > most) [most, place] = [energy, index];
		}
		loudest[piece] = most;
		places[piece] = place;
	}
}

/**
 * Mean energy of noise in the median of the loudest of each piece: neighbours within a piece are alike, so that
 * it is one to two independent draws of an exponential; their median is about its mean.
 */
const MEAN_IN_MEDIAN = 1;
/** Where there is no noise at all, what is less than this part of the loudest is taken for it. */
const SILENT = 1e-8;

/** How much each piece of a recording sounds like the beginning of a click. */
export function loudnessOf(given: Float32Array, givenRate: number): Loudness {
	const { samples: heard, sampleRate } = slower(given, givenRate);
	const samples = withoutRumble(heard, sampleRate);
	const size = Math.max(2, Math.min(255, Math.round(sampleRate * PIECE)));
	const pieces = Math.max(0, Math.floor((samples.length - 1) / size));
	const energies = new Float32Array(pieces);
	const places = new Uint8Array(pieces);
	const [band, bandPlaces] = [new Float32Array(pieces), new Uint8Array(pieces)];
	for (let hertz = LOWEST; hertz <= Math.min(HIGHEST, 0.45 * sampleRate); hertz += APART) {
		ringing(samples, sampleRate, hertz, size, band, bandPlaces);
		const most = band.reduce((a, b) => Math.max(a, b), 0);
		if (most === 0) continue;
		const noise = Math.max(medianOf(band) * MEAN_IN_MEDIAN, most * SILENT);
		for (let piece = 0; piece < pieces; piece++) {
			const energy = band[piece] / noise;
			if (energy > energies[piece]) [energies[piece], places[piece]] = [energy, bandPlaces[piece]];
		}
	}
	return {
		energies,
		at: (piece) => (piece * size + places[piece]) / sampleRate,
		piece: size / sampleRate
	};
}
