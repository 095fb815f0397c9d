import { decode } from 'node-wav';

/** A recording that cannot be used, with a word for the person who made it. */
export class BadRecording extends Error {}

/** One channel of a recording. */
export interface Recording {
	/** −1 … 1 */
	samples: Float32Array;
	/** Hz */
	sampleRate: number;
}

const [LOWEST_RATE, HIGHEST_RATE] = [4000, 400_000];
const MOST_CHANNELS = 8;
const PCM = 1;
const FLOAT = 3;
const EXTENSIBLE = 0xfffe;
const HEADER = 44;

const word = (view: DataView, at: number) =>
	String.fromCharCode(...[0, 1, 2, 3].map((place) => view.getUint8(at + place)));

interface Format {
	code: number;
	channels: number;
	sampleRate: number;
	bits: number;
}

function formatAt(view: DataView, at: number, length: number): Format {
	if (length < 16) throw new BadRecording('This WAV file’s header is cut short.');
	const code = view.getUint16(at, true);
	// Source: the extensible WAV format: the first two bytes of the sub-format are the code.
	const real = code === EXTENSIBLE && length >= 26 ? view.getUint16(at + 24, true) : code;
	return {
		code: real,
		channels: view.getUint16(at + 2, true),
		sampleRate: view.getUint32(at + 4, true),
		bits: view.getUint16(at + 14, true)
	};
}

function checked({ code, channels, sampleRate, bits }: Format): void {
	const known = code === PCM ? [8, 16, 24, 32].includes(bits) : code === FLOAT && bits === 32;
	if (!known)
		throw new BadRecording(
			'This kind of WAV can’t be read. Save it as plain PCM, 8 to 32 bits, or 32-bit float.'
		);
	if (channels < 1 || channels > MOST_CHANNELS) throw new BadRecording('It has no channels, or too many.');
	if (sampleRate < LOWEST_RATE || sampleRate > HIGHEST_RATE) {
		throw new BadRecording(`${sampleRate} Hz is not a sample rate this can read. Use 4 to 400 kHz.`);
	}
}

/** Where the sound lies in a WAV file, and how. Source: RIFF WAVE. */
function soundIn(bytes: ArrayBuffer): { format: Format; from: number; length: number } {
	const view = new DataView(bytes);
	if (view.byteLength < HEADER || word(view, 0) !== 'RIFF' || word(view, 8) !== 'WAVE') {
		throw new BadRecording('This isn’t a WAV file.');
	}
	let format: Format | undefined;
	for (let at = 12; at + 8 <= view.byteLength;) {
		const [name, claimed] = [word(view, at), view.getUint32(at + 4, true)];
		const length = Math.min(claimed, view.byteLength - at - 8);
		if (name === 'fmt ') format = formatAt(view, at + 8, length);
		if (name === 'data') {
			if (!format) throw new BadRecording('This WAV file doesn’t say how it was recorded.');
			checked(format);
			const whole = format.channels * (format.bits / 8);
			return { format, from: at + 8, length: length - (length % whole) };
		}
		// Chunks begin at even places.
		at += 8 + length + (length % 2);
	}
	throw new BadRecording('This WAV file has no sound in it.');
}

/** A plain header for so many bytes of sound. */
function headerFor({ code, channels, sampleRate, bits }: Format, length: number): Uint8Array {
	const header = new Uint8Array(HEADER);
	const view = new DataView(header.buffer);
	const write = (at: number, text: string) =>
		[...text].forEach((letter, place) => view.setUint8(at + place, letter.charCodeAt(0)));
	const frame = channels * (bits / 8);
	write(0, 'RIFF');
	view.setUint32(4, HEADER - 8 + length, true);
	write(8, 'WAVEfmt ');
	view.setUint32(16, 16, true);
	view.setUint16(20, code, true);
	view.setUint16(22, channels, true);
	view.setUint32(24, sampleRate, true);
	view.setUint32(28, sampleRate * frame, true);
	view.setUint16(32, frame, true);
	view.setUint16(34, bits, true);
	write(36, 'data');
	view.setUint32(40, length, true);
	return header;
}

/** Sound behind a plain header. */
function framed(format: Format, sound: Uint8Array): ArrayBuffer {
	const whole = new Uint8Array(HEADER + sound.length);
	whole.set(headerFor(format, sound.length));
	whole.set(sound, HEADER);
	return whole.buffer;
}

/**
 * The same sound where the decoder can take it: it believes its header, and wants its numbers at even
 * places. What is like that already is not copied: ten minutes are a hundred megabytes.
 */
function plain(bytes: ArrayBuffer): ArrayBuffer {
	const { format, from, length } = soundIn(bytes);
	if (length === 0) throw new BadRecording('This WAV file has no sound in it.');
	const header = headerFor(format, length);
	const given = new Uint8Array(bytes, 0, HEADER);
	const isPlain = HEADER + length === bytes.byteLength && header.every((byte, at) => byte === given[at]);
	return isPlain ? bytes : framed(format, new Uint8Array(bytes, from, length));
}

/** How much a channel swings: the tester is plugged into that which swings most. */
function swing(samples: Float32Array): number {
	let [least, most] = [Infinity, -Infinity];
	for (const sample of samples) {
		if (sample < least) least = sample;
		if (sample > most) most = sample;
	}
	return most - least;
}

/**
 * Reads a WAV file: of several channels the one that swings most.
 *
 * @throws BadRecording when it is none, or of a kind that is not read
 */
export function readWav(bytes: ArrayBuffer): Recording {
	const { channelData, sampleRate } = decode(plain(bytes));
	const samples = channelData.reduce((a, b) => (swing(b) > swing(a) ? b : a));
	for (let at = 0; at < samples.length; at++) if (!Number.isFinite(samples[at])) samples[at] = 0;
	return { samples, sampleRate };
}

const LOUDEST = 32_767;

/** Writes a recording as a WAV file of 16 bits. */
export function writeWav({ samples, sampleRate }: Recording): ArrayBuffer {
	const numbers = Int16Array.from(samples, (sample) =>
		Math.round(Math.min(1, Math.max(-1, sample)) * LOUDEST)
	);
	return framed({ code: PCM, channels: 1, sampleRate, bits: 16 }, new Uint8Array(numbers.buffer));
}
