import { wrap, type Remote } from 'comlink';

/** A worker that was started: what it does, and how to end it. */
export interface Opened<W> {
	work: Remote<W>;
	close: () => void;
}

export const opened = <W>(worker: Worker): Opened<W> => ({
	work: wrap<W>(worker),
	close: () => worker.terminate()
});

/** Work that a worker does beside the page: how far it is, whether it failed, and how it is given up. */
export class Beside<W> {
	/** How many of how many are gone through; null where nothing is being worked out. */
	progress = $state.raw<{ done: number; of: number } | null>(null);
	failed = $state(false);
	#open: () => Opened<W>;
	#opened: Opened<W> | null = null;
	#giveUp: () => void = () => {};

	/** @param open starts the worker, when something is asked of it */
	constructor(open: () => Opened<W>) {
		this.#open = open;
	}

	/** What is asked of the worker that runs; null where none does. */
	protected get work(): Remote<W> | null {
		return this.#opened?.work ?? null;
	}

	/** Gives up what is being worked out, and begins anew. */
	protected begin(of: number): Remote<W> {
		this.stop();
		this.failed = false;
		this.#opened = this.#open();
		this.progress = { done: 0, of };
		return this.#opened.work;
	}

	/** Takes a word of how far some work is, as long as it goes on; every so often. */
	protected saying(work: Remote<W>, every = 1): (done: number, of: number) => void {
		return (done, of) => {
			if (this.work === work && done % every === 0) this.progress = { done, of };
		};
	}

	/** Does something, or says that it could not be done; a worker that was ended never answers. */
	protected async answered(work: () => Promise<void>): Promise<void> {
		const givenUp = new Promise<void>((resolve) => (this.#giveUp = resolve));
		const worker = this.#opened;
		try {
			await Promise.race([work(), givenUp]);
		} catch (error) {
			if (this.#opened !== worker) return;
			console.error(error);
			this.stop();
			this.failed = true;
		}
	}

	/** It is worked out. */
	protected done(): void {
		this.progress = null;
	}

	/** Gives up what is being worked out, and all that the worker knows. */
	stop(): void {
		this.#giveUp();
		this.#opened?.close();
		this.#opened = null;
		this.progress = null;
	}
}
