import { array, boolean, object, string } from 'yup';
import type { FilmWish, Outing, Scene, SceneLight, Take } from '../core/plan';
import { placeKinds, type Exposed } from '../core/light';
import { coordinates } from './coordinates';
import { doubtInStops, eachOnce, exposureValue, fNumber, name, shortText } from './fields';
import { held, is, tagged } from './held';
import { filtersSchema, intentSchema } from './intent';
import { exposed } from './light';
import { frameNumber } from './loads';
import { clock, day, sky } from './plan';

/** An outing that is kept. */
export interface OutingRecord extends Outing {
	/** On Shoot: true from now on, false not even on its day; absent: on its day. */
	along?: boolean;
}

/** Scenes of an outing, at most: what packing is exact for. */
const MOST_SCENES = 20;

const light = tagged<SceneLight>()('by', {
	sky: () =>
		object({
			by: is('sky'),
			sky: sky(),
			subject: string<Exposed>().required().oneOf(exposed)
		}),
	place: () =>
		object({
			by: is('place'),
			place: string()
				.required()
				.oneOf(placeKinds.map(({ id }) => id))
		}),
	ev: () => object({ by: is('ev'), ev: exposureValue().required(), sd: doubtInStops().required() })
});

const take = held<Take>()(
	object({
		cameraId: string().required().uuid(),
		filmId: string().required().uuid(),
		filters: filtersSchema,
		handheld: boolean()
	})
);

const wishes: FilmWish[] = ['colour', 'black-and-white', 'instant'];

const scene = held<Scene>()(
	object({
		id: string().required().uuid(),
		name: name(),
		at: clock(),
		nextDay: boolean(),
		light,
		frames: frameNumber().required(),
		on: string<FilmWish>().oneOf(wishes),
		depth: fNumber(),
		intent: intentSchema
			.pick(['seconds', 'subjectDistance', 'subjectSpeed', 'handheld'])
			.optional()
			.default(undefined),
		take: take.optional().default(undefined)
	})
);

export const outingRecordSchema = held<OutingRecord>()(
	object({
		name: name(),
		date: day(),
		where: object({ ...coordinates, name: shortText() }).required(),
		scenes: array(scene.required())
			.required()
			.min(1, 'needs a scene')
			.max(MOST_SCENES)
			.test(eachOnce<{ id?: unknown }>(({ id }) => id, 'must each have an id of its own')),
		along: boolean()
	})
);
