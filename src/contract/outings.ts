import { array, boolean, object, string, type ObjectSchema } from 'yup';
import type { FilmWish, Outing, Scene, SceneLight, Take } from '../core/plan';
import { placeKinds } from '../core/light';
import { coordinates } from './coordinates';
import {
	doubtInStops,
	eachOnce,
	exposureValue,
	fNumber,
	MOST_VALUES,
	name,
	oneOfKinds,
	shortText
} from './fields';
import { intentSchema } from './intent';
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

type LightOf<T extends SceneLight['by']> = Extract<SceneLight, { by: T }>;
const by = <T extends SceneLight['by']>(way: T) => ({ by: string<T>().required().oneOf([way]) });

const lightSchema = oneOfKinds<SceneLight>('by', {
	sky: (): ObjectSchema<LightOf<'sky'>> =>
		object({
			...by('sky'),
			sky: sky(),
			subject: string<LightOf<'sky'>['subject']>().required().oneOf(exposed)
		}),
	place: (): ObjectSchema<LightOf<'place'>> =>
		object({
			...by('place'),
			place: string()
				.required()
				.oneOf(placeKinds.map(({ id }) => id))
		}),
	ev: (): ObjectSchema<LightOf<'ev'>> =>
		object({ ...by('ev'), ev: exposureValue().required(), sd: doubtInStops().required() })
});

const takeFields = {
	cameraId: string().required().uuid(),
	filmId: string().required().uuid(),
	filters: array(name()).max(MOST_VALUES),
	handheld: boolean()
};
takeFields satisfies Record<keyof Take, unknown>;

const wishes: FilmWish[] = ['colour', 'black-and-white', 'instant'];

const sceneFields = {
	id: string().required().uuid(),
	name: name(),
	at: clock(),
	nextDay: boolean(),
	light: lightSchema,
	frames: frameNumber().required(),
	on: string<FilmWish>().oneOf(wishes),
	depth: fNumber(),
	intent: intentSchema
		.pick(['seconds', 'subjectDistance', 'subjectSpeed', 'handheld'])
		.default(undefined) as unknown as ObjectSchema<NonNullable<Scene['intent']>>,
	take: object(takeFields).default(undefined)
};
sceneFields satisfies Record<keyof Scene, unknown>;

const outingFields = {
	name: name(),
	date: day(),
	where: object({ ...coordinates, name: shortText() }).required(),
	scenes: array(object(sceneFields).required())
		.required()
		.min(1, 'needs a scene')
		.max(MOST_SCENES)
		.test(eachOnce<{ id?: unknown }>(({ id }) => id, 'must each have an id of its own')),
	along: boolean()
};
outingFields satisfies Record<keyof OutingRecord, unknown>;
export const outingRecordSchema = object(outingFields) as unknown as ObjectSchema<OutingRecord>;
