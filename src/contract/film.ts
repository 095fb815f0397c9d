import { object, string } from 'yup';
import { filmTypes, type Film, type FilmType, type Latitude } from '../core/film';
import {
	between,
	doubtInStops,
	exposureTime,
	filmSpeed,
	name,
	rangeOf,
	recordId,
	shortText,
	stops
} from './fields';
import { held } from './held';

/** Both ends are numbers; what else is wrong with them is said elsewhere. */
const isPair = (range: unknown): range is [number, number] =>
	Array.isArray(range) && range.length === 2 && range.every((end) => typeof end === 'number');

const latitude = held<Latitude>()(
	object({
		good: rangeOf(() => stops(10)).required(),
		usable: rangeOf(() => stops(10))
			.required()
			.test('around-good', 'must be at least as wide as the good range', (usable, { parent }) => {
				const good = parent.good;
				if (!isPair(good) || !isPair(usable)) return true;
				return usable[0] <= good[0] && usable[1] >= good[1];
			})
	})
);

/** A film, as the match takes it. */
export const filmSchema = held<Film>()(
	object({
		id: recordId(),
		name: name(),
		type: string<FilmType>().required().oneOf(filmTypes),
		format: shortText(40),
		iso: filmSpeed().required(),
		processStops: stops(10),
		pushRange: rangeOf(() => stops(10)),
		speedSd: doubtInStops(),
		latitude: latitude.optional().default(undefined),
		reciprocity: object({ from: exposureTime().required(), exponent: between(1, 3).required() })
			.optional()
			.default(undefined),
		balance: between(1000, 40_000)
	})
).meta({ name: 'Film' });
