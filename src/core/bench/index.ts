export {
	focalLengthByImage,
	focalLengthByTwo,
	fNumberOf,
	openingInPhoto,
	type PicturePoint
} from './aperture';
export { bodyDoubt } from './body-doubt';
export { clicksIn } from './clicks';
export {
	blocksOfColours,
	blocksOfLuma,
	framesOfGate,
	GRID,
	measureClip,
	type Clip,
	type ClipAnswer,
	type ClipFiring,
	type ClipFrame,
	type ClipMeasured,
	type ClipRefusal,
	type FilmedStep,
	type GridFrame,
	type Transfer
} from './clip';
export {
	BLOCK,
	BY_SOUND,
	canBeMeasured,
	DARKEST_STEP,
	FEWEST_TOLD,
	tellEnough,
	isTold,
	isWhite,
	measureEye,
	nextFiring,
	offsetByWhite,
	PATTERN,
	shortestTold,
	wheelByPlaces,
	withCurve,
	type AskedFiring,
	type EyeCurve,
	type EyeFiring,
	type EyeNote,
	type Timing,
	type Turned,
	type WhiteRead
} from './eye';
export { measureShutter, type ShutterMeasurement, type TraceKind } from './shutter';
export { traceOf, type Trace } from './trace';
export { learnFromTrial, trialOf } from './trial';
export { BadRecording, readWav, writeWav } from './wav';
