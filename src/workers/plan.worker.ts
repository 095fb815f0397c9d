import { expose } from 'comlink';
import {
	oneMoreFor,
	packingOf,
	planDay,
	planYear,
	sunYear,
	usesOf,
	type SunYear,
	type YearQuestion
} from '../core/plan';

/** The sun of the year that was asked last: the films of a camera are asked one after the other. */
let last: { key: string; sun: SunYear } | null = null;

function sunOf({ place, year, stepMinutes }: YearQuestion): SunYear {
	const key = JSON.stringify([place, year, stepMinutes]);
	if (last?.key !== key) last = { key, sun: sunYear(place, year, stepMinutes) };
	return last.sun;
}

const work = {
	planDay,
	planYear: (question: YearQuestion) => planYear(question, sunOf(question)),
	usesOf,
	packingOf,
	oneMoreFor
};

export type PlanWork = typeof work;

expose(work);
