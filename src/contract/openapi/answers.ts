import { eyeCurve } from './eye-answers';
import { filmTypes } from '../../core/film';
import { pictureTypes } from '../pictures';
import { componentOf } from './component-of';
import { dayPlan, yearPlan } from './plan-answers';
import { learnt, learntSoFar } from './learn-answers';
import { lightAnswer } from './light-answers';
import { compared } from './compare-answers';
import { whatIf } from './what-if-answers';
import { doubt, ev, list, object, oneOf, orNull, pair, ref, text, type Schema } from './building-blocks';

const picture: Record<string, Schema> = {
	id: { type: 'string', format: 'uuid' },
	name: text(200),
	type: { type: 'string', enum: pictureTypes },
	width: { type: 'integer', description: 'pixels, upright' },
	height: { type: 'integer' },
	addedAt: { type: 'string', format: 'date-time' }
};
const ownedPicture: Record<string, Schema> = {
	...picture,
	owner: oneOf('frame', 'camera'),
	ownerId: { type: 'string', format: 'uuid' }
};

/** JSON Schemas of what the program answers: held to what it really does by a test. */

const change = object(
	{
		kind: { type: 'string' },
		name: { type: 'string' },
		stops: { type: 'number', description: 'by how much it changes `error`' },
		missing: { type: 'boolean', description: 'not in the bag' },
		wish: { type: 'boolean', description: 'gives up something you asked for' },
		instead: object({ id: text(36), name: text(80) }, ['name'])
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
		typical: list(oneOf('offset', 'scatter', 'latitude', 'reciprocity', 'speedSd')),
		remedies: { type: 'array', items: ref('Remedy'), maxItems: 8 }
	},
	['light', 'best', 'settings', 'unmet', 'typical', 'remedies']
);
const intervals: Schema = {
	type: 'array',
	items: pair({ type: 'number' }),
	description: '[from, to], EV at ISO 100'
};
const span: Schema = { anyOf: [{ type: 'number' }, pair({ type: 'number' })] };
const lane = object(
	{
		name: { type: 'string' },
		settings: object(
			{
				f: span,
				seconds: span,
				compensation: orNull({ type: 'number' }),
				iso: orNull({ type: 'number' }),
				position: orNull(text(40))
			},
			['f', 'seconds', 'compensation', 'iso', 'position']
		),
		handTimed: { type: 'boolean' },
		good: intervals,
		usable: intervals
	},
	['name', 'settings', 'handTimed', 'good', 'usable']
);

const instant: Schema = { type: 'string', format: 'date-time' };
const backup = object({ name: { type: 'string' }, at: instant, bytes: { type: 'integer', minimum: 0 } }, [
	'name',
	'at',
	'bytes'
]);

const whole: Schema = { type: 'integer', minimum: 0 };
const tally = object({ new: whole, same: whole, conflicting: whole, unreadable: whole }, [
	'new',
	'same',
	'conflicting',
	'unreadable'
]);

const speed: Schema = { type: 'number', exclusiveMinimum: 0, description: 'ISO' };
const speedsAbout = orNull({
	...pair(speed),
	description: 'ISO, from the slowest to the fastest; null: none does'
});
const filmOfSpeed = object(
	{ type: oneOf(...filmTypes), iso: speed, verdict: oneOf('just-enough', 'usable') },
	['type', 'iso', 'verdict']
);

export const answers = {
	LightAnswer: lightAnswer,
	Remedy: remedy,
	Match: match,
	Reach: object({ good: intervals, usable: intervals, lanes: { type: 'array', items: lane } }, [
		'good',
		'usable',
		'lanes'
	]),
	Speed: object(
		{
			iso: {
				...speed,
				description: 'ISO at which a frame comes out just right; on a day, in the most of its light'
			},
			good: speedsAbout,
			usable: speedsAbout,
			films: {
				type: 'array',
				items: filmOfSpeed,
				description: 'what is sold of such a speed, by type, the nearest to being right first'
			}
		},
		['iso', 'good', 'usable', 'films']
	),
	WhatIf: whatIf,
	Compared: compared,
	EyeCurve: eyeCurve,
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
						opening: { type: 'number', description: 's; measured by light only' },
						closing: { type: 'number', description: 's; measured by light only' }
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
	DayPlan: dayPlan,
	YearPlan: yearPlan,
	Learnt: learnt,
	LearntSoFar: learntSoFar,
	Changes: object(
		{
			of: text(64),
			changes: list({
				type: 'object',
				properties: {
					seq: { type: 'integer' },
					kind: { type: 'string', enum: [...Object.keys(componentOf), 'pictures'] },
					id: { type: 'string', format: 'uuid' },
					record: {
						anyOf: [...Object.values(componentOf), 'OwnedPicture'].map(ref),
						description: 'as it is now'
					},
					deleted: { const: true }
				},
				required: ['seq', 'kind', 'id']
			}),
			next: { type: 'integer', description: 'pass it as `since` to get later changes' },
			last: { type: 'integer', description: 'number of the latest change' }
		},
		['of', 'changes', 'next', 'last']
	),
	Picture: object(picture, Object.keys(picture)),
	OwnedPicture: object(ownedPicture, Object.keys(ownedPicture)),
	Formats: object(
		{
			items: list(
				object({ name: text(40), holder: oneOf('spool', 'instant-pack', 'peel-apart-pack') }, [
					'name',
					'holder'
				])
			),
			total: { type: 'integer' },
			next: { type: 'null' }
		},
		['items', 'total', 'next']
	),
	Backup: backup,
	Backups: object(
		{
			folder: { type: 'string' },
			second: { type: ['string', 'null'], description: 'another folder that gets a copy of each' },
			failed: orNull(object({ at: instant, why: { type: 'string' } }, ['at', 'why'])),
			items: { type: 'array', items: ref('Backup'), description: 'the newest first' }
		},
		['folder', 'second', 'failed', 'items']
	),
	Import: object(
		{
			id: { type: 'string', format: 'uuid' },
			report: object(
				{
					made: instant,
					kinds: { type: 'object', additionalProperties: tally },
					problems: {
						type: 'array',
						items: object({ kind: { type: 'string' }, id: { type: 'string' }, why: { type: 'string' } }, [
							'kind',
							'id',
							'why'
						])
					}
				},
				['made', 'kinds', 'problems']
			)
		},
		['report']
	),
	Health: object({ ok: { type: 'boolean' } }, ['ok']),
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
