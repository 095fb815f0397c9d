import { sunYear, type SunYear, type YearQuestion } from './year';

/** The sun of the year that was asked last: what is asked of a place is asked again with another film or another way. */
let last: { key: string; sun: SunYear } | null = null;

/** The sun of a year, worked out once as long as the same is asked for. */
export function sunOf({
	place,
	year,
	stepMinutes
}: Pick<YearQuestion, 'place' | 'year' | 'stepMinutes'>): SunYear {
	const key = JSON.stringify([place, year, stepMinutes]);
	if (last?.key !== key) last = { key, sun: sunYear(place, year, stepMinutes) };
	return last.sun;
}
