export { holding, type Interval } from './intervals';
export { openFrame, type OpenFrame } from './befallen';
export { blurOnFilm, isSpoiledBy } from './spoilers';
export { chanceWithin } from './chance';
export { worth } from './best';
export { expectedOf, likelyErrors } from './likely';
export { bestLit, flashOf, flashSetting, type Lit } from './lit';
export {
	bestOutcome,
	equivalents,
	litAt,
	match,
	outcomeAt,
	quickMatch,
	trialWorth,
	type MadeSetting,
	type TrialWorth
} from './match';
export type { Span } from './lane-ends';
export { reach, type Lane, type Reach } from './reach';
export {
	filmsSold,
	speedIn,
	speedRanges,
	type FilmOfSpeed,
	type SpeedAnswer,
	type SpeedQuestion,
	type SpeedRanges
} from './speed';
export { changed, keptIntent, singleChanges, type SingleChange } from './remedies';
export type { Question } from './remedies/remedy-kind';
export { bracketAbout, type Bracket } from './remedies/bracket';
export { isSameThing } from './same-thing';
export { sceneOf } from './scene';
export { meteredTime } from './settings';
export { suitsFilm } from './remedies/filter';
export { asOne, withLearnt, type Learnt } from './learnt';
export { wishProblems } from './fixed';
export { madeByEye } from './wishes';
export { knownSettings } from './known';
export { distanceOutside, verdictOf } from './verdict';
export * from './types';
