export { isBelieved } from './likely';
export { BY_SOUND, measureEye } from './measure';
export type { EyeCurve, EyeFiring, EyeNote, Timing } from './types';
