import { array, boolean, mixed, object, string } from 'yup';
import type { Bag, Intent } from '../core/match';
import { exposures, filterSchema } from './camera';
import {
	between,
	distance,
	exposureTime,
	filmSpeed,
	fNumber,
	label,
	MOST_VALUES,
	positive,
	stops
} from './fields';
import { filmSchema } from './film';
import { choice, held } from './held';

const end = exposureTime().nullable().defined();
const endJson = { anyOf: [{ type: 'number', minimum: 1e-6, maximum: 86_400 }, { type: 'null' }] };
const wantedTimes = mixed<[number | null, number | null]>()
	.meta({ json: { type: 'array', items: endJson, minItems: 2, maxItems: 2, description: 's; null: open' } })
	.test('times', 'must be two times in seconds, either of them null for an open end', (value) => {
		if (value === undefined) return true;
		if (!Array.isArray(value) || value.length !== 2) return false;
		return value.every((each) => end.isValidSync(each, { strict: true }));
	})
	.test('order', 'must have the shorter time first', (value) => {
		const ends: unknown[] = Array.isArray(value) ? value : [];
		const [least, most] = ends;
		return typeof least !== 'number' || typeof most !== 'number' || least <= most;
	});
const oneTime = exposureTime();
/** One time, or from … to. */
const secondsSchema = choice<typeof oneTime | typeof wantedTimes>(
	() => [oneTime, wantedTimes],
	(value) => (typeof value === 'number' ? oneTime : wantedTimes)
);

export const filtersSchema = array(filterSchema.required()).max(MOST_VALUES);

export const intentSchema = held<Intent>()(
	object({
		aperture: fNumber(),
		seconds: secondsSchema,
		handTimed: boolean(),
		position: label().optional(),
		manual: boolean(),
		subjectDistance: distance(),
		subjectSpeed: between(0, 10_000),
		handheld: boolean(),
		compensation: stops(10),
		iso: filmSpeed(),
		exposures: exposures(),
		filters: filtersSchema,
		closeUp: between(0.1, 30),
		depth: string<NonNullable<Intent['depth']>>().oneOf(['shallow', 'deep'])
	})
).meta({ name: 'Intent' });

/** Guide number, m at ISO 100, and powers as parts of the full one. */
export const flashPower = {
	guideNumber: positive(1000).required(),
	powers: array(between(0.0001, 1).required()).required().min(1).max(MOST_VALUES)
};

/** What a remedy may use. */
export const bagSchema = held<Bag>()(
	object({
		filters: filtersSchema,
		films: array(filmSchema.required()).max(MOST_VALUES),
		flash: object({ ...flashPower, loss: between(0, 20) })
			.optional()
			.default(undefined),
		tripod: boolean()
	})
).meta({ name: 'Bag' });
