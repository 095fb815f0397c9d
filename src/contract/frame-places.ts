import { array, number, object, string } from 'yup';
import { coordinates } from './coordinates';
import { instant, shortText } from './fields';

/** Frames that are put on places at once. */
const MOST_FRAMES = 1000;

/** Where frames were taken, and when by a clock that was right: all of them, or none. */
export interface FramePlacesAsked {
	frames: {
		id: string;
		/** As it was read. */
		version: number;
		/** null: it has none any more; absent: it stays. */
		where?: { latitude: number; longitude: number; name?: string } | null;
		/** Absent: it stays. */
		takenAt?: string;
	}[];
}

export const framePlacesSchema = object({
	frames: array(
		object({
			id: string().uuid().required(),
			version: number().integer().min(1).required(),
			where: object({ ...coordinates, name: shortText() })
				.nullable()
				.optional()
				.default(undefined),
			takenAt: instant()
		}).required()
	)
		.required()
		.min(1)
		.max(MOST_FRAMES)
});
