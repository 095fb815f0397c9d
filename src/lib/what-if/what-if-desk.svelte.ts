import { proxy } from 'comlink';
import type { Bag } from '$core/match';
import type { Otherwise, Replay, WhatIfAnswer, whatIfWork } from '$core/whatif';
import { Beside, opened } from '$lib/parts/beside.svelte';
import type { KeptLog } from '$views/learn/log';

/** What is told of a log without any change of one's own. */
export type Told = Omit<WhatIfAnswer, keyof Replay>;

/** Frames that are done between two words of how far it is. */
const SAID_EVERY = 10;

/** Replays a log in a worker; says how far it is, and can be stopped. */
export class WhatIfDesk extends Beside<typeof whatIfWork> {
	/** What would have saved the lost frames; null until it is known. */
	told = $state.raw<Told | null>(null);
	/** The log with the change that was asked last. */
	replay = $state.raw<Replay | null>(null);
	#round = 0;

	constructor() {
		super(() =>
			opened(new Worker(new URL('../../workers/whatif.worker.ts', import.meta.url), { type: 'module' }))
		);
	}

	/** Works out what befell the frames of a log; what was being worked out is given up. */
	async open(log: KeptLog, bag: Bag, others: readonly Pick<Otherwise, 'camera' | 'film'>[]): Promise<void> {
		this.stop();
		[this.told, this.replay, this.failed] = [null, null, false];
		if (log.frames.length === 0) return;
		const work = this.begin(log.frames.length);
		await this.answered(async () => {
			const { names: _, leftOut: _left, ...plain } = log;
			await work.open(plain, others, proxy(this.saying(work, SAID_EVERY)));
			const told = await work.saved(bag);
			if (this.work !== work) return;
			this.told = told;
			this.done();
		});
	}

	/** Replays it with a change; of several that are asked, the last one stays. */
	async ask(change: Otherwise | null): Promise<void> {
		const round = ++this.#round;
		const { work } = this;
		if (!change || !work) {
			this.replay = null;
			return;
		}
		await this.answered(async () => {
			const replay = await work.ask(change);
			if (round === this.#round && this.work === work) this.replay = replay;
		});
	}
}
