import { wrap, type Remote } from 'comlink';
import {
	BY_SOUND,
	canBeMeasured,
	nextFiring,
	type AskedFiring,
	type EyeCurve,
	type EyeFiring,
	type Timing,
	type Turned
} from '$core/bench';
import { keepHere, keptHere } from '$lib/records/kept-here';
import type { openRecording } from './recording';

const KEY = 'just-enough-eye-bench';
type Kept = Readonly<Record<string, readonly EyeFiring[]>>;

/** The firings of one empty camera: what is asked for, what was timed, and what they say together. Kept in the browser until used. */
export class EyeDesk {
	firings = $state.raw<readonly EyeFiring[]>([]);
	curve = $state.raw<EyeCurve | null>(null);
	busy = $state(false);
	/** Of the screen, Hz; null: it does not, as far as anyone knows. */
	flicker = $state<number | null>(null);
	/** Of the camera. */
	readonly turned: Turned;
	#id: string;
	#bench: Remote<typeof openRecording> | null = null;
	#worked = 0;

	constructor(id: string, turned: Turned) {
		this.#id = id;
		this.turned = turned;
	}

	timing = $derived.by((): Timing => ({ ...BY_SOUND, ...(this.flicker && { period: 1 / this.flicker }) }));
	/** What to fire next; null where there is enough, or it is being worked out. */
	asked = $derived.by((): AskedFiring | null =>
		nextFiring(this.turned, this.firings, this.busy ? null : this.curve)
	);

	/** Starts the worker, and goes on where it was left; gives back how to end it. */
	open(): () => void {
		const worker = new Worker(new URL('../../workers/bench.worker.ts', import.meta.url), { type: 'module' });
		this.#bench = wrap<typeof openRecording>(worker);
		this.firings = keptHere<Kept>(KEY, {})[this.#id] ?? [];
		void this.#work();
		return () => {
			this.#bench = null;
			worker.terminate();
		};
	}

	/** The times of what was heard, s. */
	async heard(samples: Float32Array, sampleRate: number): Promise<number[]> {
		const opened = await this.#bench!.take(samples, sampleRate, 'sound');
		return 'problem' in opened ? [] : opened.measured.firings.map(({ seconds }) => seconds);
	}

	/** Adds times of what is asked for. */
	async add(times: readonly { seconds: number; sd?: number }[]): Promise<void> {
		const { asked } = this;
		if (!asked || times.length === 0) return;
		const { why: _, ...place } = asked;
		await this.#set([...this.firings, ...times.map((time) => ({ ...place, ...time }))]);
	}

	/** Takes the last one back. */
	takeBack(): Promise<void> {
		return this.#set(this.firings.slice(0, -1));
	}

	/** Begins anew. */
	clear(): Promise<void> {
		return this.#set([]);
	}

	/** Says how the screen flickers. */
	async flickers(hertz: number | null): Promise<void> {
		this.flicker = hertz;
		await this.#work();
	}

	#set(firings: readonly EyeFiring[]): Promise<void> {
		this.firings = firings;
		const { [this.#id]: _, ...others } = keptHere<Kept>(KEY, {});
		keepHere(KEY, firings.length > 0 ? { ...others, [this.#id]: firings } : others);
		return this.#work();
	}

	/** Works it out where there is enough; what came later is worked out after. */
	async #work(): Promise<void> {
		const mine = ++this.#worked;
		if (!canBeMeasured(this.firings) || !this.#bench) {
			[this.curve, this.busy] = [null, false];
			return;
		}
		this.busy = true;
		const curve = await this.#bench.eye([...this.firings], this.timing);
		if (mine !== this.#worked) return;
		[this.curve, this.busy] = [curve, false];
	}
}
