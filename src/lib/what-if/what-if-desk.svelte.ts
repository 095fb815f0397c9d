import { proxy, wrap, type Remote } from 'comlink';
import type { Bag } from '$core/match';
import type { Otherwise, Replay, WhatIfAnswer, whatIfWork } from '$core/whatif';
import type { KeptLog } from '$views/learn/log';

type Work = Remote<typeof whatIfWork>;

/** What is told of a log without any change of one's own. */
export type Told = Omit<WhatIfAnswer, keyof Replay>;

/** Frames that are done between two words of how far it is. */
const SAID_EVERY = 10;

/** Replays a log in a worker; says how far it is, and can be stopped. */
export class WhatIfDesk {
	/** What would have saved the lost frames; null until it is known. */
	told = $state.raw<Told | null>(null);
	/** The log with the change that was asked last. */
	replay = $state.raw<Replay | null>(null);
	/** Frames that are gone through, and all; null where nothing is being worked out. */
	progress = $state.raw<{ done: number; of: number } | null>(null);
	failed = $state(false);
	#worker: Worker | null = null;
	#work: Work | null = null;
	#giveUp: () => void = () => {};
	#round = 0;

	/** Works out what befell the frames of a log; what was being worked out is given up. */
	async open(log: KeptLog, bag: Bag, others: readonly Pick<Otherwise, 'camera' | 'film'>[]): Promise<void> {
		this.stop();
		[this.told, this.replay, this.failed] = [null, null, false];
		if (log.frames.length === 0) return;
		const worker = new Worker(new URL('../../workers/whatif.worker.ts', import.meta.url), { type: 'module' });
		const work = wrap<typeof whatIfWork>(worker);
		[this.#worker, this.#work] = [worker, work];
		this.progress = { done: 0, of: log.frames.length };
		await this.#answered(async () => {
			const { names: _, leftOut: _left, ...plain } = log;
			await work.open(
				plain,
				others,
				proxy((done: number, of: number) => this.#said(worker, done, of))
			);
			const told = await work.saved(bag);
			if (this.#worker !== worker) return;
			this.told = told;
			this.progress = null;
		});
	}

	#said(worker: Worker, done: number, of: number): void {
		if (this.#worker === worker && done % SAID_EVERY === 0) this.progress = { done, of };
	}

	/** Replays it with a change; of several that are asked, the last one stays. */
	async ask(change: Otherwise | null): Promise<void> {
		const round = ++this.#round;
		const work = this.#work;
		if (!change || !work) {
			this.replay = null;
			return;
		}
		await this.#answered(async () => {
			const replay = await work.ask(change);
			if (round === this.#round && this.#work === work) this.replay = replay;
		});
	}

	/** Does something, or says that it could not be done; a worker that was ended never answers. */
	async #answered(work: () => Promise<void>): Promise<void> {
		const givenUp = new Promise<void>((resolve) => (this.#giveUp = resolve));
		const worker = this.#worker;
		try {
			await Promise.race([work(), givenUp]);
		} catch (error) {
			if (this.#worker !== worker) return;
			console.error(error);
			this.stop();
			this.failed = true;
		}
	}

	/** Gives up what is being worked out, and all that is known of it. */
	stop(): void {
		this.#giveUp();
		this.#worker?.terminate();
		[this.#worker, this.#work] = [null, null];
		this.progress = null;
	}
}
