export { answered, judgedFrameOf, priorOf, type ShotFrame } from './from-frames';
export { learnFlash, type FlashFrame, type FlashLearnt } from './flash';
export { posterior } from './bayes';
export {
	promiseBins,
	provesLittle,
	standings,
	type PromiseBin,
	type PromisedFrame,
	type Standing
} from './honesty';
export { learn, type JudgedFrame, type Learnt, type Prior } from './offset';
export { readingHabits, type ReadFrame, type ReadingHabit } from './reading-habits';
