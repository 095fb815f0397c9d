import { placeKinds, schools } from '../../core/light';
import {
	number,
	above,
	flag,
	one,
	oneOf,
	list,
	object,
	ref,
	fNumber,
	seconds,
	metres,
	speed,
	stops,
	doubt,
	ev,
	pair,
	placeOnEarth,
	name,
	text,
	type Schema
} from './building-blocks';

/** JSON Schemas of every way of reading light, and of what it comes to. */

const extras = { sd: doubt, meterEv: ev, meterSd: doubt };

const instant: Schema = { type: 'string', description: 'ISO 8601 with offset' };

const shadows = Object.entries(schools).map(([school, { conditions }]) =>
	object(
		{
			method: one('shadows'),
			school: one(school),
			condition: oneOf(...Object.keys(conditions)),
			backlit: flag,
			sidelit: flag,
			ground: oneOf('pale', 'water'),
			deepShade: flag,
			...extras
		},
		['method', 'school', 'condition']
	)
);
const meterWay = { method: one('meter'), kind: oneOf('incident', 'reflected'), tone: stops(10), ...extras };
export const light = {
	description: 'Plain numbers, or any way of reading light; EV is at ISO 100.',
	anyOf: [
		object(
			{
				ev,
				...extras,
				kelvin: number(1000, 40_000, 'K'),
				method: false as unknown as Schema
			},
			['ev']
		),
		...shadows,
		object({ ...meterWay, iso: speed, f: fNumber, seconds }, ['method', 'kind', 'iso', 'f', 'seconds']),
		object({ ...meterWay, iso: speed, ev }, ['method', 'kind', 'iso', 'ev']),
		object({ method: one('meter'), kind: one('incident'), lux: above(0, 1e9), ...extras }, [
			'method',
			'kind',
			'lux'
		]),
		object({ method: one('eye'), ev, ...extras }, ['method', 'ev', 'sd']),
		object({ method: one('spots'), iso: speed, darkest: ev, brightest: ev, ...extras }, [
			'method',
			'iso',
			'darkest',
			'brightest'
		]),
		object(
			{ method: one('photo'), iso: speed, f: fNumber, seconds, bias: stops(10), level: stops(10), ...extras },
			['method', 'iso', 'f', 'seconds']
		),
		object(
			{
				method: one('sun'),
				...placeOnEarth,
				at: instant,
				sky: oneOf('clear', 'hazy', 'partly', 'overcast', 'heavy'),
				subject: oneOf('facing', 'side', 'back', 'open-shade', 'deep-shade'),
				...extras
			},
			['method', 'latitude', 'longitude', 'at', 'sky', 'subject']
		),
		object({ method: one('place'), place: oneOf(...placeKinds.map(({ id }) => id)), ...extras }, [
			'method',
			'place'
		]),
		object(
			{
				method: one('click'),
				seconds,
				secondsSd: number(0, 3600, 's'),
				f: fNumber,
				iso: speed,
				compensation: stops(10),
				filterStops: stops(40),
				offset: object({ stops: stops(10), sd: doubt }, ['stops', 'sd']),
				scatter: doubt,
				...extras
			},
			['method', 'seconds', 'secondsSd', 'f', 'iso']
		),
		object({ method: one('combined'), readings: list(ref('Light'), 2, { maxItems: 8 }), ...extras }, [
			'method',
			'readings'
		]),
		object(
			{
				method: one('lamp'),
				reading: ref('Light'),
				from: metres,
				to: metres,
				modifierStops: stops(20),
				...extras
			},
			['method', 'reading', 'from', 'to']
		)
	]
};

const places = ['latitude', 'longitude'];

export const place = object({ name, ...placeOnEarth }, ['name', ...places]);

/** A reading that was kept. */
export const reading = object(
	{
		takenAt: instant,
		light: ref('Light'),
		name: { ...name, maxLength: 40 },
		where: object({ ...placeOnEarth, name: text(80) }, places)
	},
	['takenAt', 'light']
);

const rival = object({ school: { type: 'string' }, condition: { type: 'string' }, ev }, [
	'school',
	'condition',
	'ev'
]);

/** What a reading comes to. */
export const lightAnswer = object(
	{
		ev: { type: 'number', description: 'EV at ISO 100' },
		sd: { type: 'number', minimum: 0, description: 'one standard deviation, stops' },
		kelvin: { type: 'number' },
		range: pair({ type: 'number' }),
		method: { type: 'string' },
		note: { type: 'string' },
		rivals: list(rival)
	},
	['ev', 'sd', 'method', 'note']
);
