import { describe, expect, it } from 'vitest';
import type { Process } from '$core/film';
import { fixedCamera, filmOf } from '../../../tests/fixtures/bag';
import { tanksOf, timeOf, type Waits } from './tanks';

/** Film that waits, put into tanks. */

const fine = {
	id: 'fine',
	version: 1,
	name: 'Fine grain',
	kind: 'fine-grain-developer' as const,
	times: [
		{ celsius: 18, seconds: 720 },
		{ celsius: 22, seconds: 480 }
	]
};

function waits(
	name: string,
	daysOut: number,
	process?: Process,
	type: 'bw-negative' | 'reversal' = 'bw-negative'
) {
	const unloadedAt = new Date(Date.UTC(2026, 4, 20 - daysOut)).toISOString();
	const load = {
		id: name,
		version: 1,
		cameraId: 'c',
		filmId: 'f',
		frames: 12,
		loadedAt: unloadedAt,
		unloadedAt
	};
	return {
		name,
		load: { ...load, ...(process ? { process } : {}) },
		camera: { id: 'c', version: 1, ...fixedCamera({ name: 'Quay Box' }) },
		film: { id: 'f', version: 1, ...filmOf(type, 100), name: 'Samphire' },
		taken: 12
	} as Waits;
}

const inFine = { name: 'Fine grain', recipeId: 'fine', stops: 0 };
const names = (tank: { loads: readonly Waits[] }) => tank.loads.map(({ name }) => name);

describe('film that waits', () => {
	it('goes together where the bath and the time are the same, and the longest waiting first', () => {
		const tanks = tanksOf(
			[
				waits('new', 1, inFine),
				waits('pushed', 3, { ...inFine, stops: 1, push: 1 }),
				waits('old', 9, inFine),
				waits('undecided', 5)
			],
			[fine]
		);
		expect(tanks.map(names)).toEqual([['old', 'new'], ['undecided'], ['pushed']]);
		expect(tanks.map(({ recipe }) => recipe?.name)).toEqual(['Fine grain', undefined, 'Fine grain']);
	});

	it('that no bath was chosen for is not put together with film of another type', () => {
		expect(tanksOf([waits('a', 1), waits('b', 2, undefined, 'reversal')], []).map(names)).toEqual([
			['b'],
			['a']
		]);
	});

	it('that is only pushed, in whatever developer, has none chosen', () => {
		const [tank] = tanksOf([waits('a', 1, { name: 'the usual developer', stops: 1, push: 1 })], [fine]);
		expect([tank.recipe, tank.wanted, tank.push]).toEqual([null, '', 1]);
	});

	it('keeps what it was shot for where the recipe is gone', () => {
		const [tank] = tanksOf([waits('a', 1, inFine)], []);
		expect([tank.recipe, tank.wanted]).toEqual([null, 'Fine grain']);
	});

	// Source: half way in the logarithm between 12 and 8 minutes is √96 = 9.8 minutes; a push of a stop takes 1.4 of it.
	it('takes the time of the table at the temperature, pushed or not', () => {
		const [plain] = tanksOf([waits('a', 1, inFine)], [fine]);
		const [pushed] = tanksOf([waits('a', 1, { ...inFine, push: 1, stops: 1 })], [fine]);
		expect(timeOf(plain, 20, [])!.seconds).toBeCloseTo(588, 0);
		expect(timeOf(pushed, 20, [])!.seconds).toBeCloseTo(823, 0);
		expect(timeOf(plain, 30, [])).toBeNull();
		expect(timeOf({ ...plain, recipe: null }, 20, [])).toBeNull();
	});

	it('goes by the person’s own negatives where all of the tank is that film', () => {
		const [tank] = tanksOf([waits('a', 1, inFine), waits('b', 2, inFine)], [fine]);
		const own = { recipeId: 'fine', filmId: 'f', factor: 1.1, sd: 0.06, negatives: 6, rolls: 2 };
		// A tenth more than 9.8 minutes.
		expect(timeOf(tank, 20, [own])!.seconds).toBeCloseTo(646.7, 0);
		expect(timeOf(tank, 20, [{ ...own, filmId: 'g' }])!.seconds).toBeCloseTo(588, 0);
		const other = { ...tank.loads[1], load: { ...tank.loads[1].load, filmId: 'g' } };
		expect(timeOf({ ...tank, loads: [tank.loads[0], other] }, 20, [own])!.seconds).toBeCloseTo(588, 0);
	});
});
