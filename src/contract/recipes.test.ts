import { describe, expect, it } from 'vitest';
import { usualRecipes } from '../core/develop';
import { frameRecordSchema, loadRecordSchema, recipeRecordSchema } from './records';
import { check } from './validate';

type Schema = Parameters<typeof check>[0];
const problemsOf = (schema: unknown, record: unknown) => {
	const checked = check(schema as Schema, record);
	return checked.ok ? [] : [...new Set(checked.issues.map(({ path }) => path))].sort();
};

const bath = { name: 'Brown bath', kind: 'staining-developer', parts: [{ name: 'A', parts: 1 }] };

describe('a recipe', () => {
	it('may be any of the usual ones', () => {
		for (const recipe of usualRecipes)
			expect(problemsOf(recipeRecordSchema, recipe), recipe.name).toEqual([]);
	});

	it('is made of something, unless it is a pack that develops itself', () => {
		expect(problemsOf(recipeRecordSchema, { ...bath, parts: undefined })).toEqual(['parts']);
		expect(problemsOf(recipeRecordSchema, { name: 'Pack', kind: 'peel-apart-pack' })).toEqual([]);
	});

	it('is told all that is wrong with its stock and its powders', () => {
		expect(
			problemsOf(recipeRecordSchema, { ...bath, mixedOn: '2026-02-30', keepsDays: 0, speedStops: 'fast' })
		).toEqual(['keepsDays', 'mixedOn', 'speedStops']);
		const powders = [{ name: 'Bromide', grams: 2, percent: 0 }];
		expect(problemsOf(recipeRecordSchema, { ...bath, powders })).toEqual(['powders.0.percent']);
	});

	it('has each temperature once at each dilution, and a replenisher that is a volume', () => {
		const times = [
			{ celsius: 20, seconds: 600 },
			{ celsius: 20, seconds: 840, water: 14 }
		];
		expect(problemsOf(recipeRecordSchema, { ...bath, times, replenish: 22, replenisherLeft: 0 })).toEqual([]);
		const wrong = { times: [...times, times[1]], replenish: 0, replenisherLeft: -1 };
		expect(problemsOf(recipeRecordSchema, { ...bath, ...wrong })).toEqual([
			'replenish',
			'replenisherLeft',
			'times'
		]);
		expect(problemsOf(recipeRecordSchema, { ...bath, times: [{ ...times[0], water: -1 }] })).toEqual([
			'times.0.water'
		]);
	});

	it('weighs or pours each of its powders, and says how its tank is moved as one thing', () => {
		const powders = [
			{ name: 'Water', millilitres: 750 },
			{ name: 'Soda', grams: 20 }
		];
		expect(problemsOf(recipeRecordSchema, { ...bath, powders })).toEqual([]);
		const wrong = [{ name: 'Soda' }, { name: 'Salt', grams: 1, millilitres: 1 }];
		expect(problemsOf(recipeRecordSchema, { ...bath, powders: wrong })).toEqual([
			'powders.0.grams',
			'powders.1.grams'
		]);
		const agitation = { first: 10, inversions: 2, gentle: true };
		expect(problemsOf(recipeRecordSchema, { ...bath, agitation, rollsDone: 3, stockLeft: 0 })).toEqual([]);
		expect(
			problemsOf(recipeRecordSchema, { ...bath, agitation: { first: 10, inversions: 2.5 }, rollsDone: -1 })
		).toEqual(['agitation.inversions', 'rollsDone']);
	});
});

describe('a load that knows its process', () => {
	const load = {
		cameraId: '6f1d3c6e-3a53-4b8e-9a51-0d7f3b6d2c11',
		filmId: '0c7a5b60-51f5-4a8e-8d0b-93a1c2a7f322',
		frames: 24,
		loadedAt: '2026-05-02T10:00:00Z'
	};

	it('says in what, and what that does to the film’s speed', () => {
		expect(problemsOf(loadRecordSchema, { ...load, process: { name: 'Brown bath', stops: -1 } })).toEqual([]);
		expect(
			problemsOf(loadRecordSchema, { ...load, process: { name: '', recipeId: 'mine', stops: 99, push: 9 } })
		).toEqual(['process.name', 'process.push', 'process.recipeId', 'process.stops']);
		expect(problemsOf(loadRecordSchema, { ...load, process: {} })).toEqual(['process.name', 'process.stops']);
	});
});

describe('how a negative looks', () => {
	it('is said to either side, with the grade of its print as a few words', () => {
		const judged = { stops: 0, sd: 0.5, by: 'eye', judgedAt: '2026-05-02T10:00:00Z' };
		const lookAt = (look: unknown) =>
			problemsOf(frameRecordSchema, { judged: { ...judged, look } }).filter((path) =>
				path.startsWith('judged')
			);
		expect(lookAt({ density: -1, contrast: 1, coarse: true, streaks: false, grade: 'grade 2½' })).toEqual([]);
		expect(lookAt(undefined)).toEqual([]);
		expect(lookAt({ density: 2, contrast: 'harsh', grade: 'x'.repeat(61) })).toEqual([
			'judged.look.contrast',
			'judged.look.density',
			'judged.look.grade'
		]);
	});
});
