import { transfer, wrap } from 'comlink';
import type { clicksIn } from '$core/bench';

/** What was heard, one channel. */
export interface Heard {
	samples: Float32Array<ArrayBuffer>;
	/** Hz */
	sampleRate: number;
}

/** A recording that is under way. */
export interface Recorder {
	/** Ends it and gives what was heard. */
	stop: () => Promise<Heard>;
}

async function decoded(recording: Blob): Promise<Heard> {
	const context = new AudioContext();
	try {
		const sound = await context.decodeAudioData(await recording.arrayBuffer());
		return { samples: sound.getChannelData(0).slice(), sampleRate: sound.sampleRate };
	} finally {
		await context.close();
	}
}

/**
 * Listens by the microphone.
 *
 * @throws Error where there is none, or it may not be used
 */
export async function record(): Promise<Recorder> {
	// What browsers do for voices would swallow clicks.
	const plain = { echoCancellation: false, noiseSuppression: false, autoGainControl: false };
	const stream = await navigator.mediaDevices.getUserMedia({ audio: plain });
	const recorder = new MediaRecorder(stream);
	const pieces: Blob[] = [];
	recorder.addEventListener('dataavailable', ({ data }) => pieces.push(data));
	recorder.start();
	return {
		stop: async () => {
			const ended = new Promise((resolve) => recorder.addEventListener('stop', resolve, { once: true }));
			recorder.stop();
			await ended;
			for (const track of stream.getTracks()) track.stop();
			return decoded(new Blob(pieces, { type: recorder.mimeType }));
		}
	};
}

/** When the clicks in a recording were, s; worked out in a worker of its own. */
export async function clicksOf({ samples, sampleRate }: Heard): Promise<number[]> {
	const worker = new Worker(new URL('../../workers/clicks.worker.ts', import.meta.url), { type: 'module' });
	try {
		const ear = wrap<{ clicksIn: typeof clicksIn }>(worker);
		return await ear.clicksIn(transfer(samples, [samples.buffer]), sampleRate);
	} finally {
		worker.terminate();
	}
}
