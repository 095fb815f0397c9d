import { array, object } from 'yup';
import type { Experience } from '../core/learn';
import { between, exposureTime, fNumber, instant, recordId, shortText, stops } from './fields';
import { held } from './held';
import { lightSchema } from './light';

const MOST_EXPERIENCES = 24;

const experience = held<Experience>()(
	object({
		filmId: recordId().required(),
		light: lightSchema,
		settings: object({
			f: fNumber().required(),
			seconds: exposureTime().required(),
			compensation: stops().nullable().defined(),
			iso: between(0.1, 1_000_000).nullable().defined(),
			position: shortText(40).nullable().optional()
		}).required(),
		judged: object({ stops: stops(10).required(), sd: between(0.1, 3).required() }).required(),
		at: instant().required()
	})
);

export const experiencesSchema = () => array(experience.required()).max(MOST_EXPERIENCES);
