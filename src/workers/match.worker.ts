import { expose } from 'comlink';
import { match, trialWorth } from '../core/match';
import { measureBy, type Measures } from '../core/units';

const answers = {
	/** Remedies are said in what the reader measures in. */
	match: (measured: Measures, ...asked: Parameters<typeof match>) => {
		measureBy(() => measured);
		return match(...asked);
	},
	trialWorth
};

export type MatchAnswers = typeof answers;

expose(answers);
