export type { Interval } from './intervals';
export { bestOutcome, match, outcomeAt } from './match';
export { reach, type Lane, type Reach, type Span } from './reach';
export { wishProblems } from './settings';
export * from './types';
