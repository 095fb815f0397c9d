import { randomLcg, randomNormal } from 'd3-random';

/** A simulated shutter before a simulated sensor or microphone. */
export interface StandInShutter {
	kind: 'light' | 'sound';
	/** Effective exposure time of each firing, s. */
	seconds: number;
	firings: number;
	/** Hz */
	sampleRate: number;
	/** Signal to noise, dB. */
	signalToNoise?: number;
	/** Mains hum, of the signal; 50 Hz. */
	hum?: number;
	/** The blades open once more after they have closed. */
	bounce?: boolean;
	/** Time constant of a slow sensor, s. */
	lag?: number;
	/** Part of the exposure time that opening and closing take. */
	edges?: number;
	seed: number;
}

const LOUDNESS = 0.6;
const PAUSE = 0.3;
/** A click of this loudness dies away with this time constant, and is over after, s. */
const CLICK = 0.3 * LOUDNESS;
const RING = 0.0008;
const RINGING = 0.006;
const BOUNCE_AFTER = 0.02;
const USUAL_EDGES = 0.1;
const HUM_HERTZ = 50;

/** How long its blades take to open, s; a sound has no edges. */
const edgeOf = ({ kind, seconds, edges = USUAL_EDGES }: StandInShutter) =>
	kind === 'light' ? edges * seconds : 0;

/** How far a shutter is open at a time after it began to: a trapezoid as wide at half height as its exposure. */
function openness(after: number, seconds: number, edge: number): number {
	if (after <= 0 || after >= seconds + edge) return 0;
	if (edge === 0) return 1;
	return Math.min(1, after / edge, (seconds + edge - after) / edge);
}

type Draw = () => number;

/** What a sensor sees of each firing. */
function fillLight(
	samples: Float32Array,
	starts: readonly number[],
	each: number,
	what: StandInShutter
): void {
	const { seconds, sampleRate, bounce = false, lag = 0 } = what;
	const edge = edgeOf(what);
	for (const start of starts) {
		const end = Math.min(samples.length, Math.ceil((start + each) * sampleRate));
		for (let at = Math.floor(start * sampleRate); at < end; at++) {
			const after = at / sampleRate - start;
			const again = bounce ? openness(after - seconds - edge - BOUNCE_AFTER, seconds / 4, edge / 4) : 0;
			samples[at] = LOUDNESS * (openness(after, seconds, edge) + again);
		}
	}
	if (lag === 0) return;
	const share = 1 - Math.exp(-1 / (lag * sampleRate));
	for (let at = 1; at < samples.length; at++)
		samples[at] = samples[at - 1] + share * (samples[at] - samples[at - 1]);
}

/** What a microphone hears: a click at both ends of each firing. */
function fillSound(samples: Float32Array, starts: readonly number[], what: StandInShutter, ring: Draw): void {
	const { seconds, sampleRate } = what;
	for (const click of starts.flatMap((start) => [start, start + seconds])) {
		const from = Math.round(click * sampleRate);
		const end = Math.min(samples.length, from + Math.ceil(RINGING * sampleRate));
		for (let at = from; at < end; at++) {
			samples[at] += CLICK * Math.exp((from - at) / (RING * sampleRate)) * ring();
		}
	}
}

/**
 * A simulated recording of a shutter.
 *
 * @returns samples, −1 … 1; the first firing comes after 0.3 s
 * @example standInShutter({ kind: 'light', seconds: 1 / 60, firings: 1, sampleRate: 48_000, seed: 1 })
 */
export function standInShutter(what: StandInShutter): Float32Array<ArrayBuffer> {
	const { kind, seconds, firings, sampleRate, signalToNoise = 40, hum = 0, seed } = what;
	const source = randomLcg(seed);
	const noise = randomNormal.source(source)(0, LOUDNESS * 10 ** (-signalToNoise / 20));
	const each = seconds + edgeOf(what) + PAUSE;
	const samples = new Float32Array(Math.ceil((PAUSE + firings * each) * sampleRate));
	const starts = Array.from({ length: firings }, (_, index) => PAUSE + index * each);
	if (kind === 'light') fillLight(samples, starts, each, what);
	else fillSound(samples, starts, what, randomNormal.source(source)(0, 1));
	return samples.map((sample, at) => {
		const wave = hum * LOUDNESS * Math.sin((2 * Math.PI * HUM_HERTZ * at) / sampleRate);
		return Math.min(1, Math.max(-1, sample + wave + noise()));
	});
}
