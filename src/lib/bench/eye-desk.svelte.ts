import { wrap, type Remote } from 'comlink';
import {
	BY_SOUND,
	canBeMeasured,
	nextFiring,
	tellEnough,
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
	/** What is written on an ND that can be held over the eye, stops; null: there is none. */
	filter = $state<number | null>(null);
	#camera: Turned;
	#id: string;
	#bench: Remote<typeof openRecording> | null = null;
	#worked = 0;

	/** @param camera what of it can be turned, and from when on its aperture is wide open */
	constructor(id: string, camera: Turned) {
		this.#id = id;
		this.#camera = camera;
	}

	/** Of the camera, and of what is held over its eye. */
	turned = $derived.by((): Turned => ({ ...this.#camera, ...(this.filter && { filter: this.filter }) }));
	timing = $derived.by((): Timing => {
		const { wideOpen } = this.#camera;
		return { ...BY_SOUND, ...(this.flicker && { period: 1 / this.flicker }), ...(wideOpen && { wideOpen }) };
	});
	#enough = $derived.by(() => tellEnough(this.firings, this.timing));
	/** All was fired that is asked for, and too few of it count. */
	tooFew = $derived.by(() => this.asked === null && !this.busy && this.firings.length > 0 && !this.#enough);
	/** What to fire next; null where there is enough, or it is being worked out. */
	asked = $derived.by((): AskedFiring | null =>
		nextFiring(this.turned, this.firings, this.busy ? null : this.curve)
	);

	/** Starts the worker, and goes on where it was left; gives back how to end it. */
	open(): () => void {
		const worker = new Worker(new URL('../../workers/bench.worker.ts', import.meta.url), { type: 'module' });
		this.#bench = wrap<typeof openRecording>(worker);
		this.firings = keptHere<Kept>(KEY, {})[this.#id] ?? [];
		this.filter = this.firings.find(({ filter }) => filter)?.filter ?? null;
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
		if (!canBeMeasured(this.firings) || !this.#enough || !this.#bench) {
			[this.curve, this.busy] = [null, false];
			return;
		}
		this.busy = true;
		const curve = await this.#bench.eye([...this.firings], this.timing);
		if (mine !== this.#worked) return;
		[this.curve, this.busy] = [curve, false];
	}
}
