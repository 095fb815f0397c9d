import { expose } from 'comlink';
import { match, trialWorth } from '../core/match';

const answers = { match, trialWorth };

export type MatchAnswers = typeof answers;

expose(answers);
