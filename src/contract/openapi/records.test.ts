import { describe, expect, it } from 'vitest';
import { accepts, described } from '../../../tests/fixtures/described';
import { nastyValues, pathsIn, soundRecords, spoiledAt } from '../../../tests/fixtures/hostile';
import { eyeSchema, openingSchema } from '../bench';
import { learnRequestSchema } from '../learn';
import { matchRequestSchema, reachRequestSchema } from '../match-request';
import { dayRequestSchema, yearRequestSchema } from '../plan';
import { recordSchemas } from '../records';
import { speedRequestSchema } from '../speed';
import { check } from '../validate';
import { compareSchema } from '../compare';
import { whatIfSchema } from '../what-if';

describe('the description of what is kept and asked', () => {
	const components = {
		match: 'MatchRequest',
		reach: 'ReachRequest',
		speed: 'SpeedRequest',
		whatIf: 'WhatIfRequest',
		compare: 'CompareRequest',
		plan: 'PlanRequest',
		year: 'YearRequest',
		opening: 'Opening',
		eye: 'EyeFirings',
		learn: 'LearnRequest',
		cameras: 'CameraRecord',
		films: 'FilmRecord',
		loads: 'Load',
		frames: 'Frame',
		gear: 'Gear',
		measurements: 'Measurement',
		outings: 'Outing',
		places: 'Place',
		readings: 'Reading',
		recipes: 'Recipe',
		exercises: 'Exercise'
	} as const;
	const requests = {
		match: matchRequestSchema,
		reach: reachRequestSchema,
		speed: speedRequestSchema,
		whatIf: whatIfSchema,
		compare: compareSchema,
		plan: dayRequestSchema,
		year: yearRequestSchema,
		opening: openingSchema,
		eye: eyeSchema,
		learn: learnRequestSchema
	};

	it.each(Object.entries(components))('takes as %s whatever the program takes', (kind, component) => {
		const schema = { ...requests, ...recordSchemas }[kind as keyof typeof components];
		let [taken, refused] = [0, 0];
		for (const record of soundRecords[kind]) {
			expect(accepts(component, record), JSON.stringify(described(component).errors)).toBe(true);
			for (const path of pathsIn(record).filter(({ length }) => length > 0))
				for (const value of nastyValues) {
					const spoiled = spoiledAt(record, path, value);
					if (check(schema, spoiled).ok) {
						taken += 1;
						expect(accepts(component, spoiled), JSON.stringify(spoiled)).toBe(true);
					} else if (!accepts(component, spoiled)) refused += 1;
				}
		}
		// What the description refuses is most of what the program refuses: the rest is what fields mean together.
		expect(taken).toBeGreaterThan(0);
		expect(refused).toBeGreaterThan(taken / 2);
	});
});
