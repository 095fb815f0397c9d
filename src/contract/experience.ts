import { array, object } from 'yup';
import type { Light } from '../core/light';
import { between, exposureTime, fNumber, instant, recordId, shortText, stops } from './fields';
import { held } from './held';
import { lightSchema } from './light';

/** What a person knows of a camera: how frames on a film come out that are set so. It teaches as a judged frame does. */
export interface Experience {
	filmId: string;
	/** In which it is so; an eye follows the light, whatever it is. */
	light: Light;
	settings: {
		f: number;
		seconds: number;
		compensation: number | null;
		iso: number | null;
		position?: string | null;
	};
	/** Stops, + = too light, and how sure that is. */
	judged: { stops: number; sd: number };
	/** When it was said, ISO 8601. */
	at: string;
}

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
