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

/**
 * The most memory that this process ever had, bytes. Of a process that was started by another,
 * `resourceUsage` tells the starter's where that was more; the system's own table does not.
 */
function mostMemory(): number {
	const told = /VmHWM:\s*(\d+) kB/.exec(readFileSync('/proc/self/status', 'utf8'));
	return Number(told?.[1]) * 1024;
}

/** To be run in a process of its own, whose memory is then that of reading. */
export function measureRecording(file: string) {
	const before = process.memoryUsage().rss;
	// A file this large has its memory to itself, and, as in the worker, nobody keeps it once it is read.
	const read = timed(() => readWav(readFileSync(file).buffer as ArrayBuffer));
	const once = timed(() => lookOnce(read.result.samples));
	const measured = timed(() => measureShutter(read.result));
	return {
		minutes: MINUTES,
		firings: measured.result.firings.length,
		seconds: (read.ms + measured.ms) / 1000,
		once: once.ms / 1000,
		megabytes: (mostMemory() - before) / MEGABYTE
	};
}
