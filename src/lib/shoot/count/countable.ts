import type { Outcome } from '$core/match';
import { ownTime } from '$words';
import type { Loaded } from '../bag';

/** From here on a time is long enough to be counted by a person, or heard to end, s; common practice. */
const COUNTABLE = 1;

/** A time that can be counted. */
export interface Countable {
	seconds: number;
	/** The eye closes the shutter: it is timed, and not counted. */
	automatic: boolean;
}

/**
 * The time of a still frame that a hand ends, or that is long enough to hear it end.
 *
 * @returns null where there is none
 */
export function countableOf(
	{ camera, secondsLeft, finished }: Pick<Loaded, 'camera' | 'secondsLeft' | 'finished'>,
	{ handTimed, ...outcome }: Outcome
): Countable | null {
	const cine = secondsLeft != null;
	if (cine || finished || (!handTimed && outcome.seconds < COUNTABLE)) return null;
	// What is counted is what is read: the mark, not its decimals.
	return { seconds: ownTime(camera, { handTimed, ...outcome }), automatic: !handTimed };
}
