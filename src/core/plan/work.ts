import { planDay } from './day';
import { oneMoreFor, packingOf, twoMoreFor, usesOf } from './pack';
import { sunOf } from './sun-of';
import { planYear, type YearQuestion } from './year';

/** What is planned beside the page, in a worker. */
export const planWork = {
	planDay,
	planYear: (question: YearQuestion) => planYear(question, sunOf(question)),
	usesOf,
	packingOf,
	oneMoreFor,
	twoMoreFor
};
