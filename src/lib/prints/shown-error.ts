import { FARTHEST_ERROR } from '$core/prints';
import { roundToThird } from '$core/units';

/** The error that a simulated print is made with: in thirds, so that few are made, and within what shows. */
export const shownError = (stops: number): number =>
	Math.max(-FARTHEST_ERROR, Math.min(FARTHEST_ERROR, roundToThird(stops)));
