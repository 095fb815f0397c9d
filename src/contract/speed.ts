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
import { day } from './plan';
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

/** Checks what is asked of film speeds: its shape, then whether the camera has what is wished. */
export const checkSpeedRequest = (body: unknown): Checked<SpeedRequest> =>
	withWishes(check(speedRequestSchema, body));
