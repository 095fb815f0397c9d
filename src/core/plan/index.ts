export { bestHours, type BestHours } from './best';
export { planDay, type DayPlan, type DayQuestion, type PlanWindow, type SkyFrom } from './day';
export { sunOf } from './sun-of';
export { sunTimes, type SunTimes } from './sun-times';
export { isWhole, skiesOfYear, typicalSkies, type SkyShares } from './skies';
export { changesAlong } from './changes';
export { comesOut, wayIn } from './way';
export {
	EXACT_HEIGHT,
	hoursADay,
	looksAt,
	partsOf,
	planYear,
	REACH_MARGIN,
	sunYear,
	type SunYear,
	type YearPlan,
	type YearQuestion
} from './year';
export {
	packingOf,
	usesOf,
	type CarriedFilm,
	type Extra,
	type FilmWish,
	type OneMore,
	type TwoMore,
	type Packing,
	type PackQuestion,
	type Use
} from './pack';
export { intentForDepth } from './depth';
export {
	packSceneOf,
	plannedScene,
	sceneLight,
	scenesInOrder,
	sceneTime,
	withTakes,
	type Outing,
	type PlannedScene,
	type Scene,
	type SceneLight,
	type Take
} from './outing';
export { needsOf, type FilmNeed } from './needs';
export { planWork } from './work';
export { speedFor, speedOfDay, type DayOfLight } from './speed-of-day';
