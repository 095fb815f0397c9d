import { object } from 'yup';
import { latitude, longitude, shortText } from './fields';

/** A point on the earth, degrees; + north and + east. */
export interface Coordinates {
	latitude: number;
	longitude: number;
}

/** A point with the name that it goes by. */
export type Where = Coordinates & { name?: string };

export const coordinates = { latitude: latitude().required(), longitude: longitude().required() };

export const whereSchema = () =>
	object({ ...coordinates, name: shortText() })
		.optional()
		.default(undefined);
