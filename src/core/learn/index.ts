export {
	answered,
	bodyPriorOf,
	JUDGE,
	priorOf,
	settingOf,
	taughtFrameOf,
	type LearntSoFar,
	type ShotFrame
} from './from-frames';
export { learnFlash, type FlashFrame, type FlashLearnt } from './flash';
export { posterior } from './bayes';
export {
	brierScore,
	promiseBins,
	provesLittle,
	monthsOf,
	standings,
	type MonthOfFrames,
	type PromiseBin,
	type Score,
	type Standing
} from './honesty';
export type { Experience } from './experience';
export { WILD_FRAMES, type Worlds } from './model';
export { learn, yearsOf, type JudgedFrame, type Prior } from './learn';
export { tellingFrame, type Pair, type TellingFrame } from './to-shoot';
export {
	cameraLesson,
	learntFor,
	taughtBy,
	wayLessons,
	type CameraLesson,
	type LearntQuestion,
	type Taught,
	type Things,
	type Told,
	type WayLesson
} from './lessons';
