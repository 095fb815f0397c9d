export { answerWhatIf, historyOf, thingsWith, type Log, type ToldHistory, type WhatIfAnswer } from './answer';
export type { CostlyHabit, Trait } from './habit';
export { DEVELOPED, keyIn, otherwise, type Otherwise } from './otherwise';
export { likelyOf, relive, replay, replayed, type History, type Progress, type Relived } from './replay';
export { sharedOf, type Shared } from './befell';
export { whatSaves, type Saving } from './saved';
export { whatIfWork } from './work';
export type * from './types';
