export { answerWhatIf, type Log, type WhatIfAnswer } from './answer';
export type { CostlyHabit, Trait } from './habit';
export { otherwise, type Otherwise } from './otherwise';
export { relive, replay } from './replay';
export { whatSaves, type Saving } from './saved';
export { whatIfWork } from './work';
export type * from './types';
