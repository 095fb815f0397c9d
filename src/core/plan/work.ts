import { planDay } from './day';
import { oneMoreFor, packingOf, usesOf } from './pack';
import { planYear, sunYear, type SunYear, type YearQuestion } from './year';

/** The sun of the year that was asked last: the films of a camera are asked one after the other. */
let last: { key: string; sun: SunYear } | null = null;

function sunOf({ place, year, stepMinutes }: YearQuestion): SunYear {
	const key = JSON.stringify([place, year, stepMinutes]);
	if (last?.key !== key) last = { key, sun: sunYear(place, year, stepMinutes) };
	return last.sun;
}

/** What is planned beside the page, in a worker. */
export const planWork = {
	planDay,
	planYear: (question: YearQuestion) => planYear(question, sunOf(question)),
	usesOf,
	packingOf,
	oneMoreFor
};
