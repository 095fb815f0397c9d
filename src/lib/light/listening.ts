import { transfer, wrap } from 'comlink';
import type { clicksIn } from '$core/bench';

/** A recording that is under way. */
export interface Listening {
	/** Ends it and gives when the clicks were, s. */
	stop: () => Promise<number[]>;
}

/** One channel of a recording, worked through in a worker of its own. */
async function clicksOf(recording: Blob): Promise<number[]> {
	const context = new AudioContext();
	try {
		const sound = await context.decodeAudioData(await recording.arrayBuffer());
		const samples = sound.getChannelData(0).slice();
		const worker = new Worker(new URL('../../workers/clicks.worker.ts', import.meta.url), { type: 'module' });
		try {
			const ear = wrap<{ clicksIn: typeof clicksIn }>(worker);
			return await ear.clicksIn(transfer(samples, [samples.buffer]), sound.sampleRate);
		} finally {
			worker.terminate();
		}
	} finally {
		await context.close();
	}
}

/**
 * Listens by the microphone.
 *
 * @throws Error where there is none, or it may not be used
 */
export async function listen(): Promise<Listening> {
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
			return clicksOf(new Blob(pieces, { type: recorder.mimeType }));
		}
	};
}
