import { roundToThird } from '$core/units';

/** Beyond this a print is all white or all black, stops. */
const FARTHEST = 4;

/** The error that a simulated print is made with: in thirds, so that few are made, and within what shows. */
export const shownError = (stops: number): number =>
	Math.max(-FARTHEST, Math.min(FARTHEST, roundToThird(stops)));
