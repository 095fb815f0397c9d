import { Info } from 'luxon';

/** The months as the tables name them. */
export const monthNames: readonly string[] = Info.months('short', { locale: 'en' });

/** Hours that differ by less are as good. */
const AS_GOOD = 0.05;

/**
 * For each month the row with the most hours: the first of equal ones; none where none works.
 *
 * @param rows hours a day, by month
 */
export function bestFilms(rows: readonly (readonly number[])[]): (number | null)[] {
	return monthNames.map((_, month) => {
		let best: number | null = null;
		for (const [at, hours] of rows.entries())
			if (hours[month] > (best === null ? 0 : rows[best][month]) + AS_GOOD) best = at;
		return best;
	});
}
