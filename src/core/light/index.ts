export * from './types';
export { agedLight, isOld, sunDrift, type Coordinates } from './ageing';
export { clickedBy, type Clicked } from './clicked';
export { MOST_TOGETHER, together, without } from './combined';
export { FARTHEST_LAMP, nearestOf, stopsByMoving } from './lamp';
export { lampDistanceFor } from './lamp-moved';
export { levelOf } from './photo';
export { asRead, freshSd, habitSd, takesHabit, usualHabit, withHabit } from './habit';
export { placeKinds } from './place';
export { saidBySchools, schools } from './shadows';
export {
	daylightFrom,
	GROUND_IN_SHADE,
	onDome,
	isShaded,
	SKY_IN_SHADE,
	thrownBack,
	daytimeAt,
	directColour,
	exposedTo,
	moonPosition,
	skyColours,
	sunlight,
	SUNRISE,
	sunPosition,
	type Daytime,
	type SkyPosition
} from './sun';
export * from './landmarks';
export * from './ground';
export {
	answerLight,
	contradictionIn,
	lightNote,
	lightOnBoth,
	meterDifferenceOf,
	resolveLight,
	rivalsOf
} from './resolve';
export { isDaylight, lightToFind } from './to-find';
export { faceOf, type Face, type FaceMark } from './faces';
export { instantOf } from './sun/local-instant';
export { localTime, type ZoneOf } from './sun/zone';
export { zoneAt } from './sun/zone-at';
