import { transfer, wrap, type Remote } from 'comlink';
import type { ShutterMeasurement, Trace, TraceKind } from '$core/bench';
import type { StandInShutter } from '$core/standin';
import type { openRecording, Opened } from './recording';

const MOST_BYTES = 250e6;
const COLUMNS = 640;

/** One firing as it is marked on the trace, s. */
export interface Marked {
	open: number;
	close: number;
}

/** The bench's recording: worked through beside the page, with the marks as found or as moved. */
export class BenchDesk {
	busy = $state(false);
	problem = $state('');
	measured = $state.raw<ShutterMeasurement | null>(null);
	marks = $state<Marked[]>([]);
	whole = $state.raw<Trace | null>(null);
	near = $state.raw<Trace | null>(null);
	chosen = $state(0);
	#bench: Remote<typeof openRecording> | null = null;

	/** Starts the worker; gives back how to end it. */
	open(): () => void {
		const worker = new Worker(new URL('../../workers/bench.worker.ts', import.meta.url), { type: 'module' });
		this.#bench = wrap<typeof openRecording>(worker);
		return () => {
			this.#bench = null;
			worker.terminate();
		};
	}

	/** Reads a file. */
	async read(file: Blob): Promise<void> {
		if (file.size > MOST_BYTES) {
			this.problem = 'This recording is larger than 250 MB. Trim it to the firings.';
			return;
		}
		const bytes = await file.arrayBuffer();
		await this.#show(() => this.#bench!.open(transfer(bytes, [bytes])));
	}

	/** Takes what the microphone heard. */
	async take(samples: Float32Array, sampleRate: number): Promise<void> {
		await this.#show(() => this.#bench!.take(transfer(samples, [samples.buffer]), sampleRate, 'sound'));
	}

	/** Looks at it again as light or as sound. */
	async as(kind: TraceKind): Promise<void> {
		await this.#show(() => this.#bench!.measure(kind));
	}

	/** Makes a simulated recording and reads it; gives the file to keep. */
	async simulate(what: StandInShutter): Promise<Blob> {
		const wav = new Blob([await this.#bench!.simulate(what)], { type: 'audio/wav' });
		await this.read(wav);
		return wav;
	}

	async #show(work: () => Promise<Opened>): Promise<void> {
		[this.busy, this.problem] = [true, ''];
		try {
			const opened = await work();
			if ('problem' in opened) {
				this.problem = opened.problem;
				this.measured = null;
				return;
			}
			this.measured = opened.measured;
			this.marks = opened.measured.firings.map(({ at, seconds, opening = 0 }) => {
				const open = at + opening / 2;
				return { open, close: open + seconds };
			});
			this.whole = await this.#bench!.trace(0, opened.length, COLUMNS);
			await this.choose(0);
		} catch {
			this.problem = 'This recording could not be read.';
		} finally {
			this.busy = false;
		}
	}

	/** Looks at one firing. */
	async choose(index: number): Promise<void> {
		this.chosen = index;
		const mark = this.marks[index];
		const room = mark ? (mark.close - mark.open) * 0.6 + 0.002 : 0;
		this.near = mark
			? await this.#bench!.trace(Math.max(0, mark.open - room), mark.close + room, COLUMNS)
			: null;
	}

	/** Moves a mark of the firing that is looked at. */
	move(end: keyof Marked, to: number): void {
		const mark = this.marks[this.chosen];
		const other = end === 'open' ? mark.close : mark.open;
		const ordered = end === 'open' ? to < other : to > other;
		if (ordered) this.marks[this.chosen] = { ...mark, [end]: to };
	}

	/** Time of each firing by its marks, s. */
	times = $derived(this.marks.map(({ open, close }) => close - open));
	mean = $derived(
		this.times.length > 0 ? this.times.reduce((sum, each) => sum + each, 0) / this.times.length : 0
	);
	/** Spread, s. */
	spread = $derived.by(() => {
		const { times, mean } = this;
		const least = this.measured?.sd ?? 0;
		if (times.length < 2) return least;
		const squares = times.reduce((sum, each) => sum + (each - mean) ** 2, 0);
		return Math.max(1e-5, Math.sqrt(squares / (times.length - 1)));
	});
}
