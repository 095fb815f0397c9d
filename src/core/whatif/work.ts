import type { Bag } from '../match';
import { askHistory, historyOf, savedIn, type Log, type ToldHistory, type WhatIfAnswer } from './answer';
import type { Otherwise } from './otherwise';
import type { Progress } from './replay';
import type { Replay } from './types';

/** The log that was opened last, worked out. */
let open: { log: Log; history: ToldHistory } | null = null;

/** What a log is asked beside the page, in a worker. */
export const whatIfWork = {
	/** Works out what befell the frames of a log; cameras and films of the bag may take the place of others. */
	open(log: Log, others: readonly Pick<Otherwise, 'camera' | 'film'>[], progress?: Progress): void {
		open = { log, history: historyOf(log, others, progress) };
	},
	/** What would have saved its lost frames. */
	saved: (bag: Bag): Omit<WhatIfAnswer, keyof Replay> => savedIn(open!.log, open!.history, bag),
	/** The log with one thing changed. */
	ask: (change: Otherwise): Replay => askHistory(open!.history, change)
};
