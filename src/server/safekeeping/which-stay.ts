import { DateTime } from 'luxon';

/** Of so many last days, weeks and months that have a backup one stays: the newest of each. */
const SPANS = [
	{ unit: 'yyyy-MM-dd', most: 7 },
	{ unit: "kkkk-'W'WW", most: 4 },
	{ unit: 'yyyy-MM', most: 12 }
] as const;

/**
 * Which backups stay, and so which go.
 *
 * @param made when each was made, ms
 * @returns those that stay, the newest first
 * @example whichStay([four of today]) // [the newest of them]
 */
export function whichStay(made: readonly number[]): number[] {
	const newestFirst = [...new Set(made)].toSorted((a, b) => b - a);
	const stay = SPANS.flatMap(({ unit, most }) => {
		const newestOf = new Map<string, number>();
		for (const at of newestFirst) {
			const span = DateTime.fromMillis(at, { zone: 'utc' }).toFormat(unit);
			if (!newestOf.has(span)) newestOf.set(span, at);
		}
		return [...newestOf.values()].slice(0, most);
	});
	return newestFirst.filter((at) => stay.includes(at));
}
