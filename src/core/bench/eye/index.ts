export { BY_SOUND, FEWEST_TOLD, measureEye, tellEnough } from './measure';
export { canBeMeasured, nextFiring, type AskedFiring, type Turned } from './plan';
export { BLOCK, DARKEST_STEP, isWhite, PATTERN } from './screen';
export { isTold, offsetByWhite, shortestTold, wheelByPlaces, withCurve, type WhiteRead } from './taken';
export type { EyeCurve, EyeFiring, EyeNote, Timing } from './types';
