import {
	BlobSource,
	EncodedPacketSink,
	Input,
	MATROSKA,
	MP4,
	QTFF,
	UnsupportedInputFormatError,
	VideoSampleSink,
	WEBM,
	type InputVideoTrack,
	type VideoSample
} from 'mediabunny';
import {
	blocksOfColours,
	blocksOfLuma,
	framesOfGate,
	measureClip,
	traceOf,
	type Clip,
	type ClipAnswer,
	type ClipFrame,
	type GridFrame,
	type Trace,
	type Transfer
} from '$core/bench';
import { meanOf } from '$core/units';
import { filmed, type FilmedShutter } from '$core/standin';
import { DRAWN, type ClipFile } from './drawn';

/** Why a file is not read. */
export type ClipProblem = 'unreadable' | 'codec' | 'long' | 'missing' | 'nothing-lit';

/** A clip that was read, and what it says. */
export interface ClipShown {
	framesPerSecond: number;
	/** Its length, s. */
	seconds: number;
	answer: ClipAnswer;
	/** How bright the film gate is in it. */
	trace: Trace;
}
export type ClipOpened = ClipShown | { problem: ClipProblem };

/** How a clip is looked at. */
export interface ClipLook {
	/** So many times slower it plays than it was filmed. */
	slowed: number;
	/** Where the shutter was held open, as it was marked, s. */
	open?: readonly [from: number, to: number];
}

/** A minute and a half at 120 frames a second. */
const MOST_FRAMES = 10_000;
/** So many frames may be left out at its ends, part of them. */
const LEFT_OUT = 0.02;
const COLUMNS = 640;
const PLANAR = /^(I420|I422|I444|NV12)A?$/;

const transfers: Readonly<Record<string, Transfer>> = {
	hlg: 'hlg',
	pq: 'pq',
	linear: 'other',
	'iec61966-2-1': 'other'
};

let clip: { frames: readonly ClipFrame[]; transfer: Transfer } | undefined;

async function trackOf(file: Blob): Promise<{ input: Input; track: InputVideoTrack | null }> {
	const input = new Input({ source: new BlobSource(file), formats: [MP4, QTFF, MATROSKA, WEBM] });
	return { input, track: await input.getPrimaryVideoTrack() };
}

let bytes = new Uint8Array(0);
let canvas: OffscreenCanvas | undefined;

/** A frame in blocks: by its luma where its format has that, else as it is drawn. */
async function blocksOf(sample: VideoSample): Promise<Float32Array> {
	const { format, visibleRect, colorSpace } = sample;
	if (format && PLANAR.test(format)) {
		const size = sample.allocationSize();
		if (bytes.length < size) bytes = new Uint8Array(size);
		const [{ offset, stride }] = await sample.copyTo(bytes);
		const range = colorSpace.fullRange ? { black: 0, white: 255 } : { black: 16, white: 235 };
		const { width, height } = visibleRect;
		return blocksOfLuma(bytes.subarray(offset), { width, height, stride, ...range });
	}
	canvas ??= new OffscreenCanvas(DRAWN.width, DRAWN.height);
	const context = canvas.getContext('2d', { willReadFrequently: true })!;
	sample.setRotation(0);
	sample.draw(context, 0, 0, DRAWN.width, DRAWN.height);
	const { data } = context.getImageData(0, 0, DRAWN.width, DRAWN.height);
	return blocksOfColours(data, DRAWN.width, DRAWN.height);
}

/** The clip that is on the bench: it stays in the worker, which sends what is asked of it. */
export const openClip = {
	/** What a file is; null where it is no video that is known here. */
	async look(file: Blob): Promise<ClipFile | null> {
		try {
			const { input, track } = await trackOf(file);
			if (!track) return null;
			const times: number[] = [];
			for await (const { timestamp } of new EncodedPacketSink(track).packets(undefined, undefined, {
				metadataOnly: true
			}))
				times.push(timestamp);
			const decodes = await track.canDecode();
			input.dispose();
			// Packets stand in the order in which they are decoded.
			return { times: times.sort((a, b) => a - b), decodes };
		} catch (error) {
			if (error instanceof UnsupportedInputFormatError) return null;
			throw error;
		}
	},

	/** Reads all frames of a file that can be decoded here. */
	async open(
		file: Blob,
		{ times: { length: count } }: ClipFile,
		ondone: (part: number) => void
	): Promise<ClipOpened> {
		if (count > MOST_FRAMES) return { problem: 'long' };
		const { input, track } = await trackOf(file);
		const frames: GridFrame[] = [];
		let transfer: Transfer = 'bt709';
		for await (const sample of new VideoSampleSink(track!).samples()) {
			try {
				transfer = transfers[sample.colorSpace.transfer ?? ''] ?? 'bt709';
				frames.push({ at: sample.timestamp, blocks: await blocksOf(sample) });
			} finally {
				sample.close();
			}
			if (frames.length % 30 === 0) ondone(frames.length / count);
		}
		input.dispose();
		return this.take(frames, count, transfer);
	},

	/** Takes frames, of which there should be so many. */
	take(frames: GridFrame[], count: number, transfer: Transfer): ClipOpened {
		clip = undefined;
		if (frames.length < (1 - LEFT_OUT) * count) return { problem: 'missing' };
		const rows = framesOfGate(frames);
		if (!rows) return { problem: 'nothing-lit' };
		const [{ at: begins }] = rows;
		clip = { frames: rows.map((frame) => ({ ...frame, at: frame.at - begins })), transfer };
		return this.measure({ slowed: 1 });
	},

	measure({ slowed, open }: ClipLook): ClipOpened {
		if (!clip) return { problem: 'unreadable' };
		const frames = clip.frames.map((frame) => ({ ...frame, at: frame.at / slowed }));
		const framesPerSecond = (frames.length - 1) / frames[frames.length - 1].at;
		const seconds = frames.length / framesPerSecond;
		const looked: Clip = { frames, transfer: clip.transfer, ...(open && { open }) };
		const means = Float32Array.from(frames, ({ rows }) => meanOf(rows));
		return {
			...{ framesPerSecond, seconds, answer: measureClip(looked) },
			trace: traceOf(means, framesPerSecond, 0, seconds, COLUMNS)
		};
	},

	/** A simulated clip. */
	simulate(what: FilmedShutter): ClipOpened {
		const { frames, transfer } = filmed(what);
		clip = { frames, transfer };
		return this.measure({ slowed: 1 });
	}
};
