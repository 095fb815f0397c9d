export { focalLengthByImage, focalLengthByTwo, fNumberOf } from './aperture';
export { bodyDoubt } from './body-doubt';
export { clicksIn } from './clicks';
export {
	BY_SOUND,
	isBelieved,
	measureEye,
	type EyeCurve,
	type EyeFiring,
	type EyeNote,
	type Timing
} from './eye';
export { measureShutter, type ShutterMeasurement, type TraceKind } from './shutter';
export { traceOf, type Trace } from './trace';
export { learnFromTrial, trialOf } from './trial';
export { BadRecording, readWav, writeWav } from './wav';
