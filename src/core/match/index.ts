export type { Interval } from './intervals';
export { expectedOf, likelyErrors } from './likely';
export { bestLit, flashOf } from './lit';
export { bestOutcome, match, outcomeAt, quickMatch, type MadeSetting } from './match';
export { reach, type Lane, type Mounted, type Reach, type Span } from './reach';
export { bracketAbout, type Bracket } from './remedies/bracket';
export { suitsFilm } from './remedies/filter';
export { wishProblems } from './wishes';
export * from './types';
