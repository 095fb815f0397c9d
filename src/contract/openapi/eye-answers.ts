import { list, number, object, orNull, text, type Schema } from './building-blocks';

/** What an eye does, by firings of the empty camera. */

const told = { value: { type: 'number' }, sd: { type: 'number', minimum: 0 } } as const;
const limit: Schema = object(
	{
		seconds: { type: 'number', exclusiveMinimum: 0, description: 's; not reached: it goes at least so far' },
		sd: orNull({ type: 'number', description: 'stops' }),
		reached: { type: 'boolean' }
	},
	['seconds', 'sd', 'reached']
);
const many = { maxItems: 200 };

export const eyeCurve: Schema = object(
	{
		slope: { ...object(told, ['value', 'sd']), description: 'stops of time for a stop of light' },
		scatter: { ...object(told, ['value', 'sd']), description: 'stops from frame to frame' },
		full: {
			...object({ seconds: { type: 'number', exclusiveMinimum: 0 }, sd: told.sd }, ['seconds', 'sd']),
			description: 'the time that all of the brightest step asks for, s; its doubt in stops'
		},
		fastest: limit,
		slowest: limit,
		wheel: list(object({ place: { type: 'number' }, ...told }, ['place', 'value', 'sd']), 0, many),
		dial: list(object({ iso: { type: 'number' }, ...told }, ['iso', 'value', 'sd']), 0, many),
		filters: {
			...list(object({ filter: { type: 'number' }, ...told }, ['filter', 'value', 'sd']), 0, many),
			description: 'what each ND over the eye really takes, stops'
		},
		leak: {
			...object(told, ['value', 'sd']),
			description: 'light of the screen’s black, part of the brightest step; its doubt in stops'
		},
		wild: {
			...list({ type: 'integer', minimum: 0 }, 0, many),
			description: 'firings that go with no others, by their places'
		},
		next: { ...orNull(number(0, 1)), description: 'the step at which one more firing tells most' },
		notes: list(text(400))
	},
	[
		'slope',
		'scatter',
		'full',
		'fastest',
		'slowest',
		'wheel',
		'dial',
		'filters',
		'leak',
		'wild',
		'next',
		'notes'
	]
);
