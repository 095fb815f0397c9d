export * from './types';
export { agedLight, isOld } from './ageing';
export { clickedBy, type Clicked } from './clicked';
export { MOST_TOGETHER, together, without, type Contradiction } from './combined';
export { distanceFor } from './lamp';
export { levelOf } from './photo';
export { placeKind, placeKinds, type PlaceKind } from './place';
export { schools } from './shadows';
export { daytimeAt, moonPosition, sunPosition, type Daytime } from './sun';
export * from './landmarks';
export {
	answerLight,
	contradictionIn,
	lightNote,
	lightOnBoth,
	resolveLight,
	rivalsOf,
	type LightAnswer
} from './resolve';
export { faceOf, type Face, type FaceMark } from './faces';
export { clockAt, instantOf, localTime, zoneAt, type Found } from './sun/zone';
