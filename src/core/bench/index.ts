export { clicksIn } from './clicks';
export { measureShutter, type Firing, type ShutterMeasurement, type TraceKind } from './shutter';
export { BadRecording, readWav, writeWav, type Recording } from './wav';
