export { focalLengthByImage, focalLengthByTwo, fNumberOf } from './aperture';
export { bodyDoubt } from './body-doubt';
export { clicksIn } from './clicks';
export { measureShutter, type ShutterMeasurement, type TraceKind } from './shutter';
export { traceOf, type Trace } from './trace';
export { learnFromTrial, trialOf } from './trial';
export { BadRecording, readWav, writeWav } from './wav';
