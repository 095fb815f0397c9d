import { schools } from '../../core/light';
import { filmTypes } from '../film';

/** JSON Schemas of what goes in and out: held to the Yup schemas by a test that asks both. */

type Schema = Readonly<Record<string, unknown>>;

const number = (minimum: number, maximum: number, description?: string): Schema => ({
	type: 'number',
	minimum,
	maximum,
	...(description ? { description } : {})
});
const above = (exclusiveMinimum: number, maximum: number, description?: string): Schema => ({
	type: 'number',
	exclusiveMinimum,
	maximum,
	...(description ? { description } : {})
});
const text = (maxLength: number): Schema => ({ type: 'string', maxLength });
const name: Schema = { type: 'string', minLength: 1, maxLength: 80, pattern: '\\S' };
const flag: Schema = { type: 'boolean' };
const one = (value: string): Schema => ({ type: 'string', const: value });
const oneOf = (...values: readonly string[]): Schema => ({ type: 'string', enum: values });
const list = (items: Schema, minItems = 0, more: Schema = {}): Schema => ({
	type: 'array',
	items,
	minItems,
	maxItems: 64,
	...more
});
const object = (properties: Record<string, Schema>, required: readonly string[] = []): Schema => ({
	type: 'object',
	properties,
	required
});
const orNull = (schema: Schema): Schema => ({ anyOf: [schema, { type: 'null' }] });
const ref = (schema: string): Schema => ({ $ref: `#/components/schemas/${schema}` });

const fNumber = number(0.5, 1000, 'f-number');
const seconds = number(1e-6, 86_400, 's');
const metres = number(0.01, 100_000, 'm');
const speed = number(0.1, 1_000_000, 'ISO, arithmetic');
const stops = (most: number) => number(-most, most, 'stops');
const doubt = number(0, 10, 'one standard deviation, stops');
const ev = number(-20, 30, 'EV at ISO 100');
const marks = (items: Schema) => list(items, 1, { uniqueItems: true });
const pair = (items: Schema): Schema => ({ type: 'array', items, minItems: 2, maxItems: 2 });
const kinds = (...variants: Schema[]): Schema => ({ oneOf: variants });
const extras = { sd: doubt, meterEv: ev };

const aperture = kinds(
	object({ kind: one('fixed'), f: fNumber }, ['kind', 'f']),
	object({ kind: one('stops'), f: marks(fNumber), labels: list(text(40)) }, ['kind', 'f']),
	object({ kind: one('range'), widest: fNumber, smallest: fNumber }, ['kind', 'widest', 'smallest'])
);
const shutter = kinds(
	object({ kind: one('fixed'), seconds }, ['kind', 'seconds']),
	object({ kind: one('speeds'), seconds: marks(seconds) }, ['kind', 'seconds']),
	object({ kind: one('range'), fastest: seconds, slowest: seconds }, ['kind', 'fastest', 'slowest'])
);
const focus = kinds(
	object({ kind: one('fixed'), distance: orNull(metres) }, ['kind', 'distance']),
	object({ kind: one('zones'), distances: list(orNull(metres), 1), labels: list(text(40)) }, [
		'kind',
		'distances'
	]),
	object({ kind: one('continuous'), nearest: metres }, ['kind', 'nearest'])
);
const exposure = kinds(
	object({ mode: one('manual') }, ['mode']),
	object(
		{
			mode: one('auto'),
			sets: oneOf('time', 'aperture', 'both'),
			iso: marks(speed),
			compensation: object({ darken: number(-10, 0), lighten: number(0, 10), step: number(0.05, 10) }, [
				'darken',
				'lighten',
				'step'
			]),
			meterBehindFilter: flag,
			scatter: doubt
		},
		['mode', 'sets', 'iso']
	)
);

const camera = object(
	{
		name,
		kind: text(40),
		frame: object({ width: above(0, 1000, 'mm'), height: above(0, 1000, 'mm') }, ['width', 'height']),
		focalLength: above(0, 3000, 'mm'),
		focus,
		circleOfConfusion: above(0, 10, 'mm'),
		aperture,
		shutter,
		positions: list(object({ label: text(40), f: fNumber, seconds, iso: speed }, ['label'])),
		bulb: { anyOf: [flag, object({ longest: number(0.5, 86_400, 's') }, ['longest'])] },
		handHold: seconds,
		exposure,
		flash: object(
			{ guideNumber: above(0, 1000, 'm at ISO 100'), nearest: metres, farthest: metres, sync: seconds },
			['guideNumber']
		),
		framesPerSecond: above(0, 1000),
		offset: object({ stops: stops(10), sd: doubt }, ['stops', 'sd'])
	},
	['name', 'frame', 'focalLength', 'focus', 'aperture', 'shutter', 'exposure']
);

const film = object(
	{
		name,
		type: oneOf(...filmTypes),
		iso: speed,
		processStops: stops(10),
		pushRange: pair(stops(10)),
		speedSd: doubt,
		latitude: object({ good: pair(stops(10)), usable: pair(stops(10)) }, ['good', 'usable']),
		reciprocity: object({ from: seconds, exponent: number(1, 3) }, ['from', 'exponent']),
		balance: number(1000, 40_000, 'K')
	},
	['name', 'type', 'iso']
);

const shadows = Object.entries(schools).map(([school, { conditions }]) =>
	object(
		{
			method: one('shadows'),
			school: one(school),
			condition: oneOf(...Object.keys(conditions)),
			backlit: flag,
			sidelit: flag,
			...extras
		},
		['method', 'school', 'condition']
	)
);
const meterWay = { method: one('meter'), kind: oneOf('incident', 'reflected'), tone: stops(10), ...extras };
const light = {
	description: 'Plain numbers, or any way of reading light; EV is at ISO 100.',
	anyOf: [
		object(
			{
				ev,
				...extras,
				meterSd: doubt,
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
		object({ method: one('eye'), ev, sd: doubt, meterEv: ev }, ['method', 'ev', 'sd']),
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

const filter = object(
	{
		name,
		stops: number(-5, 20, 'light it takes, stops'),
		kind: oneOf('neutral', 'contrast', 'conversion', 'close-up'),
		mired: number(-1000, 1000),
		overMeter: flag
	},
	['name', 'stops']
);
const intent = object({
	aperture: fNumber,
	seconds: pair(orNull(seconds)),
	subjectDistance: metres,
	subjectSpeed: number(0, 10_000, 'm/s'),
	handheld: flag,
	compensation: stops(10),
	iso: speed,
	exposures: { type: 'integer', minimum: 1, maximum: 99 },
	filters: list(ref('Filter'))
});
const bag = object({
	filters: list(ref('Filter')),
	films: list(ref('Film')),
	flash: object({ guideNumber: above(0, 1000, 'm at ISO 100'), powers: list(number(0.0001, 1), 1) }, [
		'guideNumber',
		'powers'
	]),
	tripod: flag
});

const chances = object({ good: number(0, 1), usable: number(0, 1) }, ['good', 'usable']);
const outcomeFields = {
	f: fNumber,
	seconds,
	compensation: orNull(stops(20)),
	iso: orNull(speed),
	position: orNull(text(40)),
	error: number(-60, 60, 'stops, + = too much light on the film'),
	verdict: oneOf('just-enough', 'usable', 'too-dark', 'too-light'),
	chances,
	clamped: orNull(oneOf('fastest', 'slowest', 'widest', 'smallest')),
	secondsRange: pair(seconds),
	spoilers: list(oneOf('shake', 'motion', 'near')),
	focus: orNull(object({ distance: orNull({ type: 'number' }), label: orNull(text(40)) })),
	sharp: object({ from: { type: 'number' }, to: orNull({ type: 'number' }) })
};
const change = object(
	{
		kind: { type: 'string' },
		name: { type: 'string' },
		stops: { type: 'number', description: 'what it does to error' }
	},
	['kind', 'name', 'stops']
);
const remedy = object({ changes: list(change, 1), effort: { type: 'integer' }, outcome: ref('Outcome') }, [
	'changes',
	'effort',
	'outcome'
]);
const answerLight = object({ ev, sd: doubt, meterEv: { type: 'number' }, meterSd: doubt }, [
	'ev',
	'sd',
	'meterEv',
	'meterSd'
]);
const match = object(
	{
		light: answerLight,
		best: ref('Outcome'),
		settings: { type: 'array', items: ref('Outcome'), description: 'best first' },
		unmet: list(oneOf('aperture', 'seconds')),
		remedies: { type: 'array', items: ref('Remedy'), maxItems: 8 }
	},
	['light', 'best', 'settings', 'unmet', 'remedies']
);
const intervals: Schema = {
	type: 'array',
	items: pair({ type: 'number' }),
	description: '[from, to], EV at ISO 100'
};
const lane = object(
	{ name: { type: 'string' }, settings: { type: 'object' }, good: intervals, usable: intervals },
	['name', 'settings', 'good', 'usable']
);

export const schemas = {
	Camera: camera,
	Film: film,
	Light: light,
	Filter: filter,
	Intent: intent,
	Bag: bag,
	Outcome: object(outcomeFields, Object.keys(outcomeFields)),
	Remedy: remedy,
	Match: match,
	MatchRequest: object(
		{ camera: ref('Camera'), film: ref('Film'), light: ref('Light'), bag: ref('Bag'), intent: ref('Intent') },
		['camera', 'film', 'light']
	),
	Reach: object({ good: intervals, usable: intervals, lanes: { type: 'array', items: lane } }, [
		'good',
		'usable',
		'lanes'
	]),
	ReachRequest: object(
		{ camera: ref('Camera'), film: ref('Film'), filters: list(ref('Filter')), meterDifference: stops(40) },
		['camera', 'film']
	),
	Problem: object(
		{
			message: { type: 'string' },
			issues: {
				type: 'array',
				items: object({ path: { type: 'string' }, message: { type: 'string' } }, ['path', 'message'])
			}
		},
		['message']
	)
};
