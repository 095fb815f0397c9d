import { placeKinds } from '../../core/light';
import {
	doubt,
	ev,
	flag,
	fNumber,
	kinds,
	list,
	metres,
	name,
	number,
	object,
	one,
	oneOf,
	orNull,
	pair,
	placeOnEarth,
	seconds,
	text,
	type Schema
} from './building-blocks';
import { clock, date, exposed, sky } from './plan-schemas';

/** What is kept of an outing. */

const uuid: Schema = { type: 'string', format: 'uuid' };
const count: Schema = { type: 'integer', minimum: 1, maximum: 9999 };

const light = kinds(
	object({ by: one('sky'), sky, subject: exposed }, ['by', 'sky', 'subject']),
	object({ by: one('place'), place: oneOf(...placeKinds.map(({ id }) => id)) }, ['by', 'place']),
	object({ by: one('ev'), ev, sd: doubt }, ['by', 'ev', 'sd'])
);

const scene = object(
	{
		id: uuid,
		name,
		at: clock,
		nextDay: { ...flag, description: 'after midnight' },
		light,
		frames: count,
		on: oneOf('colour', 'black-and-white', 'instant'),
		depth: { ...fNumber, description: 'at least this f-number' },
		intent: object({
			seconds: pair(orNull(seconds)),
			subjectDistance: metres,
			subjectSpeed: number(0, 10_000, 'm/s, across the view'),
			handheld: flag
		}),
		take: object({ cameraId: uuid, filmId: uuid, filters: list(name), handheld: flag }, [
			'cameraId',
			'filmId'
		])
	},
	['id', 'name', 'at', 'light', 'frames']
);

export const outing: Schema = object(
	{
		name,
		date,
		where: object({ ...placeOnEarth, name: text(80) }, ['latitude', 'longitude']),
		scenes: list(scene, 1, { maxItems: 20 }),
		along: flag
	},
	['name', 'date', 'where', 'scenes']
);
