import {
	BadRecording,
	measureEye,
	measureShutter,
	readWav,
	traceOf,
	writeWav,
	type EyeCurve,
	type EyeFiring,
	type ShutterMeasurement,
	type Timing,
	type Trace,
	type TraceKind
} from '$core/bench';
import { standInShutter, type StandInShutter } from '$core/standin';

export type Opened = { measured: ShutterMeasurement; length: number } | { problem: string };

let recording: { samples: Float32Array; sampleRate: number } | undefined;

/** The recording that is on the bench: it stays in the worker, which sends what is asked of it. */
export const openRecording = {
	/** Reads a WAV file and finds its firings. */
	open(bytes: ArrayBuffer, kind?: TraceKind): Opened {
		try {
			recording = readWav(bytes);
		} catch (error) {
			recording = undefined;
			if (error instanceof BadRecording) return { problem: error.message };
			throw error;
		}
		return this.measure(kind);
	},

	/** Takes samples that were recorded here. */
	take(samples: Float32Array, sampleRate: number, kind?: TraceKind): Opened {
		recording = { samples, sampleRate };
		return this.measure(kind);
	},

	measure(kind?: TraceKind): Opened {
		if (!recording) return { problem: 'There is no recording.' };
		const { samples, sampleRate } = recording;
		return { measured: measureShutter(recording, kind), length: samples.length / sampleRate };
	},

	/** What an eye does, by firings of the empty camera. */
	eye(firings: EyeFiring[], timing: Timing): EyeCurve {
		return measureEye(firings, timing);
	},

	/** A stretch of it, to be drawn. */
	trace(from: number, to: number, columns: number): Trace | null {
		return recording ? traceOf(recording.samples, recording.sampleRate, from, to, columns) : null;
	},

	/** A simulated recording as a WAV file. */
	simulate(what: StandInShutter): ArrayBuffer {
		return writeWav({ samples: standInShutter(what), sampleRate: what.sampleRate });
	}
};
