import { object, string } from 'yup';
import type { FilmType } from '../core/film';
import { filmTypes } from '../core/film';
import type { Ground, Light } from '../core/light';
import { grounds } from '../core/light';
import type { SpeedQuestion } from '../core/match';
import type { DayOfLight } from '../core/plan';
import { cameraSchema } from './camera';
import { coordinates } from './coordinates';
import { choice, held } from './held';
import { filtersSchema, intentSchema } from './intent';
import { exposed, lightSchema, skies } from './light';
import { withWishes } from './match-request';
import { day, isDay } from './plan';
import { check, type Checked } from './validate';

/** Which film speed a camera asks for: in a light, or on a day at a place. */
export type SpeedRequest = SpeedQuestion & ({ light: Light } | DayOfLight);

const common = {
	camera: cameraSchema.required(),
	film: object({ type: string<FilmType>().required().oneOf(filmTypes) })
		.optional()
		.default(undefined),
	filters: filtersSchema,
	intent: intentSchema.optional().default(undefined)
};

const inLight = held<SpeedQuestion & { light: Light }>()(
	object({ ...common, light: lightSchema })
).required();
const onDay = held<SpeedQuestion & DayOfLight>()(
	object({
		...common,
		place: object(coordinates).required(),
		date: day(),
		until: string().test(
			'day',
			'must be a date such as 2026-08-31, from 1900 to 2100',
			(value) => value === undefined || isDay(value)
		),
		sky: string<NonNullable<DayOfLight['sky']>>().oneOf(skies),
		subject: string<NonNullable<DayOfLight['subject']>>().oneOf(exposed),
		ground: string<Ground>().oneOf(grounds)
	})
).required();

const isOfDay = (value: unknown) =>
	typeof value === 'object' && value !== null && !('light' in value) && ('place' in value || 'date' in value);

export const speedRequestSchema = choice<typeof inLight | typeof onDay>(
	() => [inLight, onDay],
	(value) => (isOfDay(value) ? onDay : inLight)
);

/** A season is a year at most, days. */
const LONGEST_SEASON = 366;
const DAY_MS = 86_400_000;

/** What is wrong with the end of a season, if anything. */
function seasonProblem({ date, until }: Pick<DayOfLight, 'date' | 'until'>): string | null {
	if (until === undefined) return null;
	const days = (Date.parse(until) - Date.parse(date)) / DAY_MS;
	if (days < 0) return `must not be before ${date}`;
	return days <= LONGEST_SEASON ? null : 'must be within a year of the date';
}

/** Checks what is asked of film speeds: its shape, then whether the camera has what is wished, and the season. */
export function checkSpeedRequest(body: unknown): Checked<SpeedRequest> {
	const checked = withWishes(check(speedRequestSchema, body));
	const problem = checked.ok && 'date' in checked.value ? seasonProblem(checked.value) : null;
	return problem ? { ok: false, issues: [{ path: 'until', message: problem }] } : checked;
}
