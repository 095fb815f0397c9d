import { describe, expect, it } from 'vitest';
import { colourNegative400, fixedCamera } from '../../tests/fixtures/bag';
import { match } from '../core/match';
import { frameSearchSchema } from './frame-search';
import { frameRecordSchema } from './frames';
import { learnRequestSchema } from './learn';
import { loadRecordSchema } from './loads';
import { check } from './validate';

const ID = '0b9f3a52-6a0e-4f6e-9d7e-2f1c9d3b7a10';
const frame = (changes: object = {}) => ({
	loadId: ID,
	number: 3,
	takenAt: '2026-05-02T10:30:00+01:00',
	light: { ev: 12 },
	settings: { f: 11, seconds: 0.01, compensation: null, iso: null },
	predicted: match(fixedCamera(), colourNegative400, { ev: 12 }).best,
	...changes
});
const judged = { stops: -2 / 3, sd: 0.33, by: 'prints', judgedAt: '2026-05-03T09:00:00Z' };
const load = (changes: object = {}) => ({
	cameraId: ID,
	filmId: ID,
	frames: 8,
	loadedAt: '2026-05-02T10:00:00+01:00',
	...changes
});
const paths = (schema: Parameters<typeof check>[0], value: unknown) => {
	const checked = check(schema, value, 'refuse');
	return checked.ok ? [] : checked.issues.map(({ path }) => path).sort();
};

describe('a frame', () => {
	it('keeps how it came out, what it is of, where, and how long it ran', () => {
		const whole = frame({
			judged: { ...judged, lost: ['shadows'], faults: ['blur', 'framing'], kept: false },
			subject: 'Capstan',
			distance: 3,
			where: { latitude: 54.6, longitude: -4.2, name: 'the quay' },
			ran: 7.5
		});
		expect(paths(frameRecordSchema, whole)).toEqual([]);
	});

	it('has no light, no promise and perhaps no settings where nobody read it', () => {
		const settings = { f: null, seconds: null, compensation: 0, iso: 160 };
		expect(paths(frameRecordSchema, frame({ light: null, predicted: null, settings }))).toEqual([]);
		expect(paths(frameRecordSchema, frame({ light: null, predicted: null }))).toEqual([]);
		expect(paths(frameRecordSchema, frame({ light: null }))).toEqual(['predicted']);
		expect(paths(frameRecordSchema, frame({ predicted: null }))).toEqual(['predicted']);
		expect(paths(frameRecordSchema, frame({ settings }))).toEqual(['settings.f', 'settings.seconds']);
		expect(paths(frameRecordSchema, frame({ light: undefined, predicted: null }))).toContain('light');
	});

	it.each([
		[{ judged: { ...judged, stops: 11 } }, ['judged.stops']],
		[{ judged: { ...judged, sd: 0 } }, ['judged.sd']],
		[{ judged: { ...judged, by: 'guess', faults: ['ugly'] } }, ['judged.by', 'judged.faults.0']],
		[{ judged: { stops: 0 } }, ['judged.by', 'judged.judgedAt', 'judged.sd']],
		[{ distance: -1, ran: 0 }, ['distance', 'ran']],
		[{ where: { latitude: 100, longitude: 0 } }, ['where.latitude']]
	])('is refused at the field that is wrong: %j', (changes, expected) => {
		expect(paths(frameRecordSchema, frame(changes))).toEqual(expected);
	});
});

describe('a load', () => {
	it('keeps its price, its counter, what was not noted, its list and its spool', () => {
		const whole = load({
			price: 16,
			counter: 'down',
			unknown: [3, 4],
			checked: ['In the shade'],
			spool: { feet: 25, sides: 2, framesPerSecond: 16 }
		});
		expect(paths(loadRecordSchema, whole)).toEqual([]);
	});

	it.each([
		[{ price: -1 }, ['price']],
		[{ counter: 'sideways' }, ['counter']],
		[{ unknown: [0, 1.5] }, ['unknown.0', 'unknown.1']],
		[{ spool: { feet: 0, sides: 3, framesPerSecond: 16 } }, ['spool.feet', 'spool.sides']]
	])('is refused at the field that is wrong: %j', (changes, expected) => {
		expect(paths(loadRecordSchema, load(changes))).toEqual(expected);
	});
});

describe('what is asked of learning and of a search', () => {
	it('is limited in what it tells apart', () => {
		const prior = { stops: 0, sd: 0.3 };
		const many = Array.from({ length: 70 }, (_, at) => ({
			predicted: 0,
			judged: 0,
			sd: 0.4,
			pack: `pack ${at}`
		}));
		expect(paths(learnRequestSchema, { prior, frames: many })).toEqual(['frames']);
		expect(paths(learnRequestSchema, { prior, frames: many.slice(0, 20) })).toEqual([]);
		expect(paths(learnRequestSchema, { prior, frames: [null] })).toEqual(['frames.0']);
	});

	it('names states and orders that there are', () => {
		expect(paths(frameSearchSchema, { state: 'any', order: 'newest', page: 1 })).toEqual([]);
		expect(paths(frameSearchSchema, { state: 'odd', order: 'sideways', page: 0, camera: 'x' })).toEqual([
			'camera',
			'order',
			'page',
			'state'
		]);
	});
});
