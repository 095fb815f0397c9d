import { readFileSync, writeFileSync } from 'node:fs';
import { measureShutter, readWav, writeWav } from '../../src/core/bench';
import { standInShutter } from '../../src/core/standin';

/** Ten minutes of a light sensor at 96 kHz, read and measured as the bench's worker does it. */

const RATE = 96_000;
const MINUTES = 10;
const FIRINGS = 20;
const MEGABYTE = 1024 ** 2;

/** A long, quiet recording with some firings in it, as a WAV file. */
function longRecording(): ArrayBuffer {
	const firing = standInShutter({ kind: 'light', seconds: 1 / 60, firings: 1, sampleRate: RATE, seed: 1 });
	const samples = new Float32Array(MINUTES * 60 * RATE);
	for (let index = 0; index < FIRINGS; index++) {
		samples.set(firing, Math.round(((index + 0.5) / FIRINGS) * samples.length));
	}
	return writeWav({ samples, sampleRate: RATE });
}

/** The least that reading has to do: to look at every sample once. */
function lookOnce(samples: Float32Array): number {
	let sum = 0;
	for (const sample of samples) sum += Math.abs(sample);
	return sum;
}

const timed = <T>(work: () => T): { ms: number; result: T } => {
	const start = performance.now();
	const result = work();
	return { ms: performance.now() - start, result };
};

/** Writes the recording that `measureRecording` reads. */
export function writeLongRecording(file: string): void {
	writeFileSync(file, new Uint8Array(longRecording()));
}

/** To be run in a process of its own, whose memory is then that of reading. */
export function measureRecording(file: string) {
	const before = process.memoryUsage().rss;
	// A file this large has its memory to itself.
	const wav = readFileSync(file).buffer as ArrayBuffer;
	const read = timed(() => readWav(wav));
	const once = timed(() => lookOnce(read.result.samples));
	const measured = timed(() => measureShutter(read.result));
	return {
		minutes: MINUTES,
		firings: measured.result.firings.length,
		seconds: (read.ms + measured.ms) / 1000,
		once: once.ms / 1000,
		megabytes: (process.resourceUsage().maxRSS * 1024 - before) / MEGABYTE
	};
}
