import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { standInShutter } from '../standin';
import { BadRecording, measureShutter, readWav, writeWav } from '.';

const SECONDS = 1 / 60;
let folder: string;
const source = () => join(folder, 'source.wav');
const bytesOf = (file: string) => new Uint8Array(readFileSync(file)).buffer;

beforeAll(() => {
	folder = mkdtempSync(join(tmpdir(), 'just-enough-wav-'));
	const samples = standInShutter({
		kind: 'light',
		seconds: SECONDS,
		firings: 2,
		sampleRate: 96_000,
		seed: 11
	});
	writeFileSync(source(), new Uint8Array(writeWav({ samples, sampleRate: 96_000 })));
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

describe('recordings that another program wrote', () => {
	// Source: sox from Debian's packages, an independent writer of WAV.
	const kinds = [44_100, 48_000, 96_000].flatMap((rate) =>
		[
			['-b', '8', '-e', 'unsigned-integer'],
			['-b', '16'],
			['-b', '24'],
			['-b', '32', '-e', 'floating-point']
		].flatMap((depth) => [1, 2].map((channels) => ({ rate, depth, channels })))
	);
	it.each(kinds)(
		'at $rate Hz, $depth, $channels channels give the same time',
		({ rate, depth, channels }) => {
			const file = join(folder, `${rate}-${depth.join('')}-${channels}.wav`);
			execFileSync('sox', [source(), '-r', String(rate), ...depth, '-c', String(channels), file]);
			const recording = readWav(bytesOf(file));
			expect(recording.sampleRate).toBe(rate);
			const measured = measureShutter(recording, 'light');
			expect(measured.firings).toHaveLength(2);
			expect(Math.abs(measured.seconds / SECONDS - 1)).toBeLessThan(0.03);
		}
	);

	it('come back as they were written', () => {
		const samples = Float32Array.from({ length: 1000 }, (_, at) => Math.sin(at / 9));
		const { samples: back, sampleRate } = readWav(writeWav({ samples, sampleRate: 48_000 }));
		expect(sampleRate).toBe(48_000);
		expect(Math.max(...back.map((each, at) => Math.abs(each - samples[at])))).toBeLessThan(1e-3);
	});

	it('of two channels, that which swings is read', () => {
		const file = join(folder, 'one-sided.wav');
		execFileSync('sox', ['-M', '-v', '0.001', source(), source(), file]);
		expect(measureShutter(readWav(bytesOf(file)), 'light').firings).toHaveLength(2);
	});
});

describe('files that are no recordings', () => {
	it.each([
		['nothing', new Uint8Array(0)],
		['text', new TextEncoder().encode('RIFF no WAVE at all, but long enough to have a header in it')]
	])('%s', (_, bytes) => {
		expect(() => readWav(new Uint8Array(bytes).buffer)).toThrow(BadRecording);
	});

	it('headers that lie are refused in words or read as far as they go, and nothing else happens', () => {
		const good = new Uint8Array(writeWav({ samples: new Float32Array(200), sampleRate: 48_000 }));
		fc.assert(
			fc.property(
				fc.array(fc.tuple(fc.integer({ min: 0, max: 43 }), fc.integer({ min: 0, max: 255 })), {
					minLength: 1,
					maxLength: 8
				}),
				fc.integer({ min: 0, max: good.length }),
				(changes, length) => {
					const bad = good.slice(0, length);
					for (const [at, value] of changes) if (at < bad.length) bad[at] = value;
					try {
						const { samples } = readWav(bad.buffer);
						expect(samples.length).toBeLessThanOrEqual(400);
						expect(samples.every(Number.isFinite)).toBe(true);
					} catch (error) {
						expect(error).toBeInstanceOf(BadRecording);
					}
				}
			),
			{ numRuns: 3000 }
		);
	});
});
