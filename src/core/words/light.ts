import type { Interval } from '../match';
import { nearestLandmark } from '../light';
import { formatEv, formatStops } from '../units';

/**
 * An EV with its doubt, as people say it.
 *
 * @param sd stops
 * @example lightInWords(14.64, 2 / 3) // 'about 14⅔, give or take ⅔'
 */
export function lightInWords(ev: number, sd: number): string {
	return `about ${formatEv(ev)}, give or take ${formatStops(Math.max(sd, 1 / 3))}`;
}

/**
 * The light in which a camera works, by words and EV.
 *
 * @param intervals usable light, EV; the outermost ends are said
 * @example worksInWords([[10.3, 14.6]]) // 'Works from EV 10⅓ (dusk) to 14⅔ (sun).'
 */
export function worksInWords(intervals: readonly Interval[]): string {
	const [from, to] = [intervals[0][0], intervals[intervals.length - 1][1]];
	const place = (ev: number) => `${formatEv(ev)} (${nearestLandmark(ev).words})`;
	return `Works from EV ${place(from)} to ${place(to)}.`;
}
