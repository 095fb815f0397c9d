import { array, boolean, mixed, object, type ObjectSchema } from 'yup';
import type { Intent } from '../core/match';
import { exposures, filterSchema } from './camera';
import { between, distance, exposureTime, fNumber, MOST_VALUES } from './fields';

const timeOrOpen = exposureTime().nullable().defined();

const wantedTime = mixed<NonNullable<Intent['seconds']>>()
	.test('times', 'must be two times in seconds, either of them null for an open end', (value) => {
		if (value === undefined) return true;
		if (!Array.isArray(value) || value.length !== 2) return false;
		return value.every((end) => timeOrOpen.isValidSync(end, { strict: true }));
	})
	.test(
		'order',
		'must have the shorter time first',
		(value) =>
			!Array.isArray(value) ||
			value.length !== 2 ||
			value[0] === null ||
			value[1] === null ||
			!(value[0] > value[1])
	);

export const filtersSchema = array(filterSchema.required()).max(MOST_VALUES);

export const intentSchema: ObjectSchema<Intent> = object({
	aperture: fNumber(),
	seconds: wantedTime,
	subjectDistance: distance(),
	subjectSpeed: between(0, 10_000),
	handheld: boolean(),
	exposures: exposures(),
	filters: filtersSchema
});
