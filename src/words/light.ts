import type { Interval } from '../core/match';
import { nearestLandmark, schools, type Rival } from '../core/light';
import { formatDoubt, formatEv } from '../core/units';
import { anyOf } from './language';

/**
 * An EV with its doubt, as people say it.
 *
 * @param sd stops
 * @example lightInWords(14.64, 2 / 3) // 'about 14⅔, give or take ⅔'
 */
export function lightInWords(ev: number, sd: number): string {
	return `about ${formatEv(ev)}, give or take ${formatDoubt(sd)}`;
}

/**
 * What the rival schools would say, one after the other.
 *
 * @returns an empty text where nobody differs
 * @example rivalsInWords([{ school: 'sky-cover', condition: 'clear', ev: 14.64 }]) // 'Sky cover would say 14⅔ (clear sky).'
 */
export function rivalsInWords(rivals: readonly Rival[]): string {
	const bySchool = new Map<Rival['school'], string[]>();
	for (const { school, condition, ev } of rivals) {
		const { words } = schools[school].conditions[condition];
		bySchool.set(school, [...(bySchool.get(school) ?? []), `${formatEv(ev)} (${words.toLowerCase()})`]);
	}
	return [...bySchool].map(([school, says]) => `${schools[school].name} would say ${anyOf(says)}.`).join(' ');
}

/**
 * The light in which a camera works, by words and EV.
 *
 * @param intervals usable light, EV
 * @example worksInWords([[10.3, 14.6]]) // 'Works from EV 10⅓ (dusk) to 14⅔ (sun).'
 */
export function worksInWords(intervals: readonly Interval[]): string {
	const place = (ev: number) => `${formatEv(ev)} (${nearestLandmark(ev).words})`;
	const said = intervals.map(([from, to]) => `from EV ${place(from)} to ${place(to)}`);
	return said.length > 0 ? `Works ${said.join(', and ')}.` : 'As it’s set, it works in no light.';
}
