import type { ApexOptions } from 'apexcharts';
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

/** Lines are told apart by their dashes, as colour means exposure here. */
const DASHES = [0, 8, 3, 14, 2, 5];
const WIDTHS = [3, 2.5, 2.5, 2, 3, 2];

/** Hours a day of each film through the year, as lines. */
export function filmChart(rows: readonly { name: string; hours: readonly number[] }[]): ApexOptions {
	return {
		chart: { type: 'line', height: 240 },
		series: rows.map(({ name, hours }) => ({
			name,
			data: hours.map((value) => Math.round(value * 10) / 10)
		})),
		colors: rows.map((_, at) => (at % 2 === 0 ? 'ink' : 'ink-soft')),
		stroke: {
			width: rows.map((_, at) => WIDTHS[at % WIDTHS.length]),
			dashArray: rows.map((_, at) => DASHES[at % DASHES.length])
		},
		xaxis: { categories: [...monthNames], axisTicks: { show: false } },
		yaxis: { min: 0, title: { text: 'hours a day' }, decimalsInFloat: 0 },
		legend: { position: 'top', horizontalAlign: 'left' },
		tooltip: { enabled: false }
	};
}
