export type { Interval } from './intervals';
export { bestOutcome, match, outcomeAt } from './match';
export { reach, type Lane, type Mounted, type Reach, type Span } from './reach';
export { wishProblems } from './wishes';
export * from './types';
