import { filmTypes } from '../film';
import {
	number,
	above,
	text,
	name,
	flag,
	one,
	oneOf,
	list,
	object,
	orNull,
	ref,
	fNumber,
	seconds,
	metres,
	speed,
	stops,
	doubt,
	ev,
	marks,
	pair,
	kinds,
	type Schema
} from './building-blocks';
import { learnRequest, learnt } from './learn-schemas';
import { light, lightAnswer, place, reading } from './light-schemas';
import { outing } from './outing-schemas';
import { dayPlan, planRequest, yearPlan, yearRequest } from './plan-schemas';

/** JSON Schemas of what goes in and out: held to the Yup schemas by a test that asks both. */

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
	flash: object(
		{
			guideNumber: above(0, 1000, 'm at ISO 100'),
			powers: list(number(0.0001, 1), 1),
			loss: number(0, 20, 'what is before it takes, stops')
		},
		['guideNumber', 'powers']
	),
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
	Place: place,
	Reading: reading,
	LightAnswer: lightAnswer,
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
	Opening: object(
		{
			focalLength: above(0, 3000, 'mm'),
			opening: above(0, 1000, 'mm'),
			rulerSd: number(0, 100, 'mm; default 0.5'),
			focalSd: number(0, 1000, 'mm')
		},
		['focalLength', 'opening']
	),
	FNumber: object({ f: { type: 'number' }, sd: doubt }, ['f', 'sd']),
	ShutterMeasurement: object(
		{
			kind: oneOf('light', 'sound'),
			sampleRate: { type: 'number', description: 'Hz' },
			firings: list(
				object(
					{
						at: { type: 'number', description: 's from the start' },
						seconds: { type: 'number', description: 'effective exposure time, s' },
						opening: { type: 'number', description: 's; by light alone' },
						closing: { type: 'number', description: 's; by light alone' }
					},
					['at', 'seconds']
				)
			),
			seconds: { type: 'number', description: 'mean, s' },
			sd: { type: 'number', description: 'spread, s' },
			notes: list(text(400))
		},
		['kind', 'sampleRate', 'firings', 'seconds', 'sd', 'notes']
	),
	PlanRequest: planRequest,
	DayPlan: dayPlan,
	Outing: outing,
	YearRequest: yearRequest,
	YearPlan: yearPlan,
	LearnRequest: learnRequest,
	Learnt: learnt,
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
