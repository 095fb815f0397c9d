import { HAND_TIMING_SECONDS } from '$core/camera';
import { record, type Heard, type Recorder } from './listening';

/** A time that a shutter was open, and its doubt, s. */
export interface Timed {
	seconds: number;
	sd: number;
}

/** A shutter that is open longer than this was not heard to close, s. */
const LONGEST = 600;
/** No tap follows another sooner, s. */
const SHORTEST = 0.001;

/** Times a shutter while it fires: by two taps, or by what the microphone hears of it. */
export class ShutterTimer {
	opened = $state<number | null>(null);
	listening = $state.raw<Recorder | null>(null);
	says = $state('');
	#timed: (timed: Timed[]) => void;
	#ear: (heard: Heard) => Promise<{ timed: Timed[]; says: string }>;

	/** @param ear what a recording says; @param timed is told each time, and that timing began anew by none */
	constructor(
		ear: (heard: Heard) => Promise<{ timed: Timed[]; says: string }>,
		timed: (timed: Timed[]) => void
	) {
		this.#ear = ear;
		this.#timed = timed;
	}

	tap(): void {
		const now = performance.now() / 1000;
		this.says = '';
		if (this.opened === null || now - this.opened > LONGEST) {
			this.opened = now;
			this.#timed([]);
			return;
		}
		const seconds = Math.max(SHORTEST, now - this.opened);
		this.opened = null;
		this.#timed([{ seconds, sd: HAND_TIMING_SECONDS }]);
	}

	async listen(): Promise<void> {
		[this.says, this.opened] = ['', null];
		this.#timed([]);
		try {
			this.listening = await record();
		} catch {
			this.says =
				'No microphone here. Browsers allow it only on this computer itself or over https. Tap along instead.';
		}
	}

	async hear(): Promise<void> {
		const { timed, says } = await this.listening!.stop()
			.then(this.#ear)
			.catch(() => ({
				timed: [],
				says: 'No click heard. Move closer, find a quieter place, or tap along.'
			}));
		this.listening = null;
		this.says = says;
		this.#timed(timed);
	}
}
