import type { Cue } from '$core/count';
import { cuesHere } from '$lib/records/cues-here.svelte';

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

/** A sound that waits for its time on the sound's own clock. */
interface Waiting {
	cue: Cue;
	tone: OscillatorNode;
	/** On the sound's clock, s. */
	from: number;
}

/** How often the sound's clock is put right by the page's, ms. */
const CORRECT_MS = 3000;
/** Off by more than this it is put right, s. */
const OFF = 0.004;
/** A sound this near is left alone, s. */
const TOO_NEAR = 0.3;

/** Makes the cues of a count heard and felt, and keeps the screen awake meanwhile. */
export class Cueing {
	#context: AudioContext | null = null;
	#waiting: Waiting[] = [];
	#timers: ReturnType<typeof setTimeout>[] = [];
	#correcting: ReturnType<typeof setInterval> | undefined;
	#lock: WakeLockSentinel | null = null;

	/**
	 * Begins; only after a touch do browsers give sound.
	 *
	 * @param elapsed of the count, by the clock that holds, s
	 */
	start(cues: readonly Cue[], elapsed: () => number): void {
		this.stop();
		const context = new AudioContext();
		this.#context = context;
		const begun = elapsed();
		const left = cues.filter(({ at }) => at >= begun);
		// The sound's own clock keeps time when the page does not; while the page does, it corrects it.
		this.#waiting = cuesHere.sound ? left.map((cue) => this.#sounding(context, cue, elapsed())) : [];
		this.#timers = (cuesHere.vibration ? left : []).map(({ at, kind }) =>
			setTimeout(() => navigator.vibrate?.(sounds[kind].length * MS), (at - begun) * MS)
		);
		this.#correcting = setInterval(() => this.#correct(context, elapsed()), CORRECT_MS);
		void navigator.wakeLock?.request('screen').then(
			(lock) => (this.#context === context ? (this.#lock = lock) : void lock.release()),
			// A screen that may sleep only costs the sight of the count, which says so.
			() => {}
		);
	}

	#sounding(context: AudioContext, cue: Cue, elapsed: number): Waiting {
		const { pitch, length } = sounds[cue.kind];
		const [tone, volume] = [context.createOscillator(), context.createGain()];
		tone.frequency.value = pitch;
		volume.gain.value = LOUDNESS;
		tone.connect(volume).connect(context.destination);
		const from = context.currentTime + cue.at - elapsed;
		tone.start(from);
		tone.stop(from + length);
		return { cue, tone, from };
	}

	/** Two clocks drift apart: sounds still to come are set by the one that holds. */
	#correct(context: AudioContext, elapsed: number): void {
		this.#waiting = this.#waiting
			.filter(({ cue }) => cue.at > elapsed)
			.map((waiting) => {
				const { cue, tone, from } = waiting;
				const right = context.currentTime + cue.at - elapsed;
				if (cue.at - elapsed < TOO_NEAR || Math.abs(right - from) < OFF) return waiting;
				tone.disconnect();
				return this.#sounding(context, cue, elapsed);
			});
	}

	stop(): void {
		void this.#context?.close();
		this.#context = null;
		this.#waiting = [];
		clearInterval(this.#correcting);
		for (const timer of this.#timers) clearTimeout(timer);
		this.#timers = [];
		void this.#lock?.release();
		this.#lock = null;
	}
}
