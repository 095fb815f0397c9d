import { describe, expect, it } from 'vitest';
import { drillKinds, skills } from '../core/practice';
import { exerciseRecordSchema } from './records';
import { check } from './validate';

const at = '2026-05-02T10:30:00+01:00';
const day = '2026-05-02';
const seeing = {
	kind: 'seeing',
	at,
	day,
	clock: '09:40',
	named: { method: 'shadows', school: 'sky-cover', condition: 'clear', sidelit: true },
	ev: 14.33,
	read: { ev: 14.1, sd: 0.33, by: 'meter' }
};
const problemsOf = (record: unknown) => {
	const checked = check(exerciseRecordSchema, record, 'refuse');
	return checked.ok ? [] : checked.issues.map(({ path }) => path).sort();
};

describe('an exercise', () => {
	it('is taken in all its kinds', () => {
		expect(problemsOf(seeing)).toEqual([]);
		for (const skill of skills)
			expect(
				problemsOf({ ...seeing, read: { ev: 14, sd: 0, by: 'drawn' }, drawn: { skill, seed: 648_240_001 } })
			).toEqual([]);
		for (const card of drillKinds)
			expect(problemsOf({ kind: 'drill', at, day, card, right: false })).toEqual([]);
		expect(problemsOf({ kind: 'doubt', at, agreed: true })).toEqual([]);
		expect(problemsOf({ kind: 'habit', at, way: 'the meter', habit: { stops: 0.3, sd: 0.2 } })).toEqual([]);
		expect(problemsOf({ kind: 'habit', at, way: 'the meter', habit: null })).toEqual([]);
	});

	it('is told everything that is wrong with it, where it is wrong', () => {
		expect(problemsOf({ kind: 'game' })).toEqual(['kind']);
		expect(
			problemsOf({
				...seeing,
				day: '2026-02-30',
				clock: '25:00',
				ev: 99,
				read: { ev: 14, sd: -1, by: 'hearsay' },
				drawn: { skill: 'sharp', seed: 1.5 }
			})
		).toEqual(['clock', 'day', 'drawn.seed', 'ev', 'read.by', 'read.sd']);
		expect(problemsOf({ ...seeing, named: { ...seeing.named, condition: 'sharp' } })).toEqual([
			'named.condition'
		]);
		expect(problemsOf({ ...seeing, named: { ...seeing.named, method: 'meter' } })).toEqual(['named.method']);
		expect(problemsOf({ kind: 'drill', at, day, card: 'poker' })).toEqual(['card', 'right']);
		expect(problemsOf({ kind: 'habit', at, habit: { stops: 9 } })).toEqual([
			'habit.sd',
			'habit.stops',
			'way'
		]);
	});
});
