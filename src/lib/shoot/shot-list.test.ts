import { describe, expect, it } from 'vitest';
import { filmOf, fixedCamera } from '../../../tests/fixtures/bag';
import { noRecords } from '../../../tests/fixtures/records';
import type { OutingRecord } from '$contract/records';
import type { BagRecords, KnownFrame } from './bag';
import { nextShot } from './shot-list.svelte';
import { isOn, shotsOf } from './shots-of';

const where = { latitude: 54.62, longitude: -4.21 };
const outing = (changes: Partial<OutingRecord> = {}) => ({
	id: 'o',
	version: 1,
	name: 'Walk',
	date: '2026-05-02',
	where,
	scenes: [
		{ id: 'late', name: 'Embers', at: '00:10', nextDay: true, light: { by: 'ev', ev: 2, sd: 1 }, frames: 1 },
		{
			id: 'early',
			name: 'Lanterns',
			at: '19:40',
			light: { by: 'place', place: 'bright-street' },
			frames: 2,
			take: { cameraId: 'c', filmId: 'f', handheld: false }
		}
	] satisfies OutingRecord['scenes'],
	...changes
});
const bag = (outings: BagRecords['outings']): BagRecords => ({
	...noRecords,
	cameras: [{ ...fixedCamera({ bulb: true }), id: 'c', version: 1 }],
	films: [{ ...filmOf('colour-negative', 400), id: 'f', version: 1 }],
	outings
});
const frame = (scene: string, id = 'o') => ({ outing: { id, scene } }) as KnownFrame;
const noon = Date.parse('2026-05-02T12:00:00+01:00');

describe('an outing on Shoot', () => {
	it('is there on its day, by the clock of its place', () => {
		expect(isOn(outing(), noon)).toBe(true);
		expect(isOn(outing(), noon + 24 * 3_600_000)).toBe(false);
		// The day has begun on the far side of the date line when it is still the first of May here.
		const far = outing({ where: { latitude: -17.7, longitude: 178.1 } });
		expect(isOn(far, Date.parse('2026-05-01T13:00:00Z'))).toBe(true);
		expect(isOn(outing(), Date.parse('2026-05-01T13:00:00Z'))).toBe(false);
	});

	it('is there when it was taken along, and not when it was put away', () => {
		expect(isOn(outing({ along: true, date: '2020-01-01' }), noon)).toBe(true);
		expect(isOn(outing({ along: false }), noon)).toBe(false);
	});
});

describe('the list of the day', () => {
	it('has the scenes by their time, with the frames spent on each and how it was packed', () => {
		const shots = shotsOf(
			bag([outing()]),
			[frame('early'), frame('early', 'other'), frame('late', 'o')],
			noon
		);
		expect(shots.map(({ scene, spent }) => [scene.id, spent])).toEqual([
			['early', 1],
			['late', 1]
		]);
		expect(shots[0].plan?.camera.id).toBe('c');
		expect(shots[1].plan).toBeNull();
		expect(shotsOf(bag([outing({ along: false })]), [], noon)).toEqual([]);
	});

	it('goes on with the first scene that has frames left', () => {
		const next = (...frames: KnownFrame[]) => nextShot(shotsOf(bag([outing()]), frames, noon))?.scene.id;
		expect(next()).toBe('early');
		expect(next(frame('early'), frame('early'))).toBe('late');
		expect(next(frame('late'))).toBe('early');
		expect(next(frame('early'), frame('early'), frame('late'))).toBeUndefined();
	});
});
