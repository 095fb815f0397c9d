import type { Cue } from '$core/count';

/** Pitch, Hz, and length, s, of each sound: the ends are told from all else without looking. */
const sounds: Readonly<Record<Cue['kind'], { pitch: number; length: number }>> = {
	ready: { pitch: 440, length: 0.08 },
	open: { pitch: 880, length: 0.4 },
	half: { pitch: 660, length: 0.15 },
	near: { pitch: 550, length: 0.08 },
	close: { pitch: 1320, length: 0.6 }
};
const LOUDNESS = 0.4;
const MS = 1000;

/** Makes the cues of a count heard and felt, and keeps the screen awake meanwhile. */
export class Cueing {
	#context: AudioContext | null = null;
	#timers: ReturnType<typeof setTimeout>[] = [];
	#lock: WakeLockSentinel | null = null;

	/**
	 * Begins; only after a touch do browsers give sound.
	 *
	 * @param elapsed of the count, s
	 */
	start(cues: readonly Cue[], elapsed: number): void {
		this.stop();
		const context = new AudioContext();
		this.#context = context;
		for (const { at, kind } of cues) {
			const wait = at - elapsed;
			if (wait < 0) continue;
			const { pitch, length } = sounds[kind];
			const [tone, volume] = [context.createOscillator(), context.createGain()];
			tone.frequency.value = pitch;
			volume.gain.value = LOUDNESS;
			tone.connect(volume).connect(context.destination);
			// The sound's own clock keeps time when the page does not.
			tone.start(context.currentTime + wait);
			tone.stop(context.currentTime + wait + length);
			this.#timers.push(setTimeout(() => navigator.vibrate?.(length * MS), wait * MS));
		}
		void navigator.wakeLock?.request('screen').then(
			(lock) => (this.#context === context ? (this.#lock = lock) : void lock.release()),
			// A screen that may sleep only costs the sight of the count, which says so.
			() => {}
		);
	}

	stop(): void {
		void this.#context?.close();
		this.#context = null;
		for (const timer of this.#timers) clearTimeout(timer);
		this.#timers = [];
		void this.#lock?.release();
		this.#lock = null;
	}
}
