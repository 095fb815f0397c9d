import { proxy, wrap, type Remote } from 'comlink';
import type { FilmedShutter } from '$core/standin';
import { framesBySeeking } from './by-seeking';
import type { ClipLook, ClipOpened, ClipProblem, ClipShown, openClip } from './clips';

/** A phone's clip on the bench: its frames are read beside the page, in a worker that is started when it is needed. */
export class ClipDesk {
	/** Part of it that is read; null: nothing is being read. */
	reading = $state<number | null>(null);
	problem = $state<ClipProblem | null>(null);
	shown = $state.raw<ClipShown | null>(null);
	look = $state.raw<ClipLook>({ slowed: 1 });
	#worker: Worker | null = null;
	#clip: Remote<typeof openClip> | null = null;

	#opened(): Remote<typeof openClip> {
		this.#worker ??= new Worker(new URL('../../../workers/clip.worker.ts', import.meta.url), {
			type: 'module'
		});
		return (this.#clip ??= wrap<typeof openClip>(this.#worker));
	}

	close(): void {
		this.#worker?.terminate();
		[this.#worker, this.#clip] = [null, null];
	}

	/** Reads a file: its frames from the browser's decoder, or where that refuses one by one from its player. */
	read(file: Blob): Promise<void> {
		return this.#show(async () => {
			const clip = this.#opened();
			const known = await clip.look(file);
			if (!known) return { problem: 'unreadable' };
			const ondone = (part: number) => (this.reading = Math.min(1, part));
			if (known.decodes && 'VideoDecoder' in window) return clip.open(file, known, proxy(ondone));
			const frames = await framesBySeeking(file, known.times, ondone);
			return frames ? clip.take(frames, known.times.length, 'bt709') : { problem: 'codec' };
		});
	}

	/** Makes a simulated clip. */
	simulate(what: FilmedShutter): Promise<void> {
		return this.#show(() => this.#opened().simulate(what));
	}

	/** Looks at it in another way. */
	async looked(look: ClipLook): Promise<void> {
		this.look = look;
		const shown = await this.#opened().measure({ ...look });
		if (!('problem' in shown)) this.shown = shown;
	}

	async #show(work: () => Promise<ClipOpened>): Promise<void> {
		[this.reading, this.problem, this.shown, this.look] = [0, null, null, { slowed: 1 }];
		try {
			const opened = await work();
			if ('problem' in opened) this.problem = opened.problem;
			else this.shown = opened;
		} catch {
			this.problem = 'unreadable';
		} finally {
			this.reading = null;
		}
	}
}
