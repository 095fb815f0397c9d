import { describe, expect, it } from 'vitest';
import { colourNegative400, filmOf } from '../../../tests/fixtures/bag';
import type { Change } from '$core/match';
import type { GearRecord } from '$contract/records';
import { bagOf, flashesFor, flashSet, freeCamera, intentOf, keeping, lightFor } from './wishes';

const nd = { name: 'ND 2', stops: 2 };
const bag = { filters: [nd], films: [filmOf('colour-negative', 100)], tripod: true };
const change = (kind: Change['kind'], more: Partial<Change> = {}): Change => ({
	kind,
	name: '',
	stops: 0,
	...more
});
const kept = <T>(record: T, id = 'x') => ({ ...record, id, version: 1 });

describe('what is asked of a camera', () => {
	it('leaves free what is free', () => {
		expect(intentOf({}, freeCamera)).toEqual({ handheld: true });
		expect(intentOf({}, { ...freeCamera, support: true })).toEqual({ handheld: false });
		expect(intentOf({}, { ...freeCamera, compensation: 0, aperture: 8, filters: [nd] })).toEqual({
			handheld: true,
			compensation: 0,
			aperture: 8,
			filters: [nd]
		});
	});

	it('puts its eye beside the subject’s light only where it stands in another', () => {
		expect(lightFor({ ev: 12 }, freeCamera)).toEqual({ ev: 12 });
		expect(lightFor({ ev: 12 }, { ...freeCamera, meterDifference: -3 })).toEqual({ ev: 12, meterEv: 9 });
	});
});

describe('the bag for remedies', () => {
	const records: GearRecord[] = [
		{ type: 'filter', name: 'ND 2', stops: 2, kind: 'neutral' },
		{ type: 'flash', name: 'Flash', guideNumber: 14, powers: [1] },
		{ type: 'support', name: 'Tripod' }
	];
	const gear = records.map((record, at) => ({ ...record, id: `${at}`, version: 1 }));

	it('has filters with their ids, and only films that fit where one is loaded', () => {
		const films = [
			kept(colourNegative400, 'a'),
			kept(filmOf('instant', 160), 'b'),
			kept({ ...filmOf('reversal', 50), archived: true }, 'c')
		];
		const found = bagOf(
			gear,
			films,
			{ film: colourNegative400 },
			{ id: '1', name: 'Flash', guideNumber: 14, powers: [1] }
		);
		expect(found).toMatchObject({
			filters: [{ name: 'ND 2', stops: 2, kind: 'neutral' }],
			flash: { guideNumber: 14 },
			tripod: true
		});
		expect(found.films?.map(({ name }) => name)).toEqual(['Film 400']);
		expect(bagOf([], films, { film: filmOf('instant', 640) }, null).films?.map(({ iso }) => iso)).toEqual([
			160
		]);
	});

	it('has only flashes that go with the camera, and the one that is built in', () => {
		const [, flash] = gear;
		const names = (camera: Parameters<typeof flashesFor>[1]) =>
			flashesFor(gear, camera).map(({ name }) => name);
		expect(names({})).toEqual(['Flash']);
		expect(names({ flashes: [] })).toEqual([]);
		expect(names({ flashes: [flash.id] })).toEqual(['Flash']);
		expect(names({ flash: { guideNumber: 10 } })).toEqual(['Flash', 'built in']);
	});

	it('sets the flash that is wished for, its power and what is before it', () => {
		const all = flashesFor(gear, { flash: { guideNumber: 10 } });
		expect(flashSet(all)?.name).toBe('Flash');
		expect(flashSet(all, { id: 'built in', loss: 1 })).toEqual({
			id: 'built in',
			name: 'built in',
			guideNumber: 10,
			powers: [1],
			loss: 1
		});
		expect(flashSet(all, { power: 1 / 4 })?.powers).toEqual([1 / 4]);
		expect(flashSet([])).toBeNull();
		expect(bagOf([], [], undefined, flashSet(all))).toMatchObject({
			flash: { guideNumber: 14, powers: [1] }
		});
	});
});

describe('keeping a remedy', () => {
	const free = { scene: {}, camera: freeCamera };

	it('sets wheel, aperture, dial, support, distance and filters', () => {
		expect(keeping(free, [change('compensation', { to: -1 })], bag)?.camera.compensation).toBe(-1);
		expect(
			keeping(free, [change('aperture', { to: 8 }), change('iso-dial', { to: 400 })], bag)?.camera
		).toMatchObject({ aperture: 8, iso: 400 });
		expect(keeping(free, [change('tripod')], bag)?.camera.support).toBe(true);
		expect(keeping(free, [change('distance', { to: 2 })], bag)?.scene.subjectDistance).toBe(2);
		expect(keeping(free, [change('flash', { power: 1 })], bag)?.camera.flash).toBe(true);
		const on = keeping(free, [change('filter', { name: 'ND 2' })], bag)!;
		expect(on.camera.filters).toEqual([nd]);
		expect(keeping(on, [change('filter', { name: 'ND 2', off: true })], bag)?.camera.filters).toEqual([]);
	});

	it('is not possible for what is not done here and now', () => {
		expect(keeping(free, [change('film', { name: 'Film 100' })], bag)).toBeNull();
		expect(keeping(free, [change('tripod'), change('development', { to: 1 })], bag)).toBeNull();
	});
});
