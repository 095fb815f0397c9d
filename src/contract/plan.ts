import { array, number, object, string } from 'yup';
import { waysToSet } from '../core/camera';
import { grounds, type Ground } from '../core/light';
import type { DayQuestion, SkyFrom, YearQuestion } from '../core/plan';
import { cameraSchema } from './camera';
import { coordinates } from './coordinates';
import { between } from './fields';
import { filmSchema } from './film';
import { choice, held } from './held';
import { bagSchema, intentSchema } from './intent';
import { exposed, skies } from './light';
import { skiesOfPlace } from './skies';
import { withWishes } from './match-request';
import { check, type Checked } from './validate';

/** How often a sky can change in a day. */
const MOST_SKIES = 24;

export const sky = () => string<SkyFrom['sky']>().required().oneOf(skies);
export const clock = () =>
	string()
		.required()
		.matches(/^([01]\d|2[0-3]):[0-5]\d$/, 'must be a time such as 14:30');

/** The years that the sun is known well for. */
const [FIRST_YEAR, LAST_YEAR] = [1900, 2100];

/** Whether a text is a day of the calendar in those years. */
export function isDay(value: string): boolean {
	const [, year] = /^(\d{4})-\d{2}-\d{2}$/.exec(value) ?? [];
	const time = Date.parse(`${value}T00:00:00Z`);
	const real = !Number.isNaN(time) && new Date(time).toISOString().startsWith(value);
	return real && Number(year) >= FIRST_YEAR && Number(year) <= LAST_YEAR;
}

/** Days of the calendar in those years. */
export const day = () =>
	string().required().test('day', 'must be a date such as 2026-05-02, from 1900 to 2100', isDay);

/** A year that the sun is known well for. */
export const yearOfSun = () => number().integer().min(FIRST_YEAR).max(LAST_YEAR);

/** What a day and a year are asked alike. */
const common = {
	camera: cameraSchema.required(),
	film: filmSchema.required(),
	bag: bagSchema.optional().default(undefined),
	place: object(coordinates).required(),
	subject: string<DayQuestion['subject']>().required().oneOf(exposed),
	ground: string<Ground>().oneOf(grounds),
	stepMinutes: number().integer().min(1).max(120),
	intent: intentSchema.optional().default(undefined)
};

const oneSky = sky();
const skiesOfDay = array(object({ from: clock(), sky: sky() }).required())
	.required()
	.min(1)
	.max(MOST_SKIES);

export const dayRequestSchema = held<DayQuestion>()(
	object({
		...common,
		date: day(),
		facing: between(0, 360),
		sky: choice<typeof oneSky | typeof skiesOfDay>(
			() => [oneSky, skiesOfDay],
			(value) => (Array.isArray(value) ? skiesOfDay : oneSky)
		)
	})
).required();

export const yearRequestSchema = held<YearQuestion>()(
	object({
		...common,
		year: yearOfSun().required(),
		sky: choice<typeof oneSky | typeof skiesOfPlace>(
			() => [oneSky, skiesOfPlace],
			(value) => (Array.isArray(value) ? skiesOfPlace : oneSky)
		)
	})
).required();

/** Settings of a camera that a day is looked through with, at most: every light of the day tries all of them. */
const MOST_SETTINGS_OF_A_DAY = 2400;

/** Checks the body of a day's plan: its shape, then whether the camera has what is wished, and is not too much. */
export function checkPlanRequest(body: unknown): Checked<DayQuestion> {
	const checked = withWishes(check(dayRequestSchema, body));
	if (!checked.ok || waysToSet(checked.value.camera) <= MOST_SETTINGS_OF_A_DAY) return checked;
	const message = `has more than ${MOST_SETTINGS_OF_A_DAY} combinations of settings, too many for a day: remove some`;
	return { ok: false, issues: [{ path: 'camera', message }] };
}

/** Checks the body of a year's plan, like that of a day's. */
export function checkYearRequest(body: unknown): Checked<YearQuestion> {
	return withWishes(check(yearRequestSchema, body));
}
