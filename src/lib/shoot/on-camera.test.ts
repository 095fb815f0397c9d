import { describe, expect, it } from 'vitest';
import { twinLens } from '../../../tests/fixtures/automatic';
import { fixedCamera, steppedCamera } from '../../../tests/fixtures/bag';
import type { GearRecord } from '$contract/records';
import type { Rig } from '$contract/rigs';
import { fixedInWords, fixedOn, rigFrom, wishesFrom } from './on-camera';
import { freeCamera } from './wishes';

const kept = <T>(record: T, id: string) => ({ ...record, id, version: 1 });
const gear = [
	kept<GearRecord>({ type: 'filter', name: 'ND 0.6', stops: 2 }, 'nd'),
	kept<GearRecord>({ type: 'flash', name: 'Torch', guideNumber: 20, powers: [1, 0.5] }, 'torch'),
	kept<GearRecord>({ type: 'close-up', name: 'Close-up +2', dioptres: 2 }, 'near')
];
const camera = twinLens({ bulb: true });
const rig: Rig = {
	aperture: 8,
	compensation: -1,
	filters: ['nd'],
	flash: { id: 'torch', power: 0.5, ceiling: 1.5 },
	closeUp: 'near',
	support: true,
	meterDifference: -3,
	meterSd: 0.3
};

describe('what is on a camera', () => {
	it('comes back from what is kept of it, and is kept as it was', () => {
		const own = wishesFrom(rig, camera, gear);
		expect(own).toMatchObject({
			aperture: 8,
			filters: [{ id: 'nd', name: 'ND 0.6', stops: 2 }],
			closeUp: { dioptres: 2 },
			flash: true,
			flashed: { id: 'torch', power: 0.5 },
			support: true
		});
		expect(rigFrom(own, camera, gear)).toEqual(rig);
		expect(wishesFrom({}, camera, gear)).toBe(freeCamera);
		expect(rigFrom(freeCamera, camera, gear)).toEqual({});
	});

	it('lacks what is not in the bag, and what the camera does not have any more', () => {
		const own = wishesFrom({ ...rig, filters: ['sold', 'nd'], closeUp: 'sold' }, fixedCamera(), gear);
		expect(own.filters.map(({ id }) => id)).toEqual(['nd']);
		expect(own).not.toHaveProperty('closeUp');
		expect(own).not.toHaveProperty('compensation');
		expect(own).not.toHaveProperty('aperture');
		const other = steppedCamera({ aperture: { kind: 'stops', f: [8, 11] } });
		expect(wishesFrom({ aperture: 8, position: 'none' }, other, gear)).toMatchObject({ aperture: 8 });
	});

	it('names the flash that fires, also where nobody said which', () => {
		expect(rigFrom({ ...freeCamera, flash: true }, camera, gear).flash).toEqual({ id: 'torch' });
		expect(rigFrom({ ...freeCamera, flash: true }, camera, []).flash).toBeUndefined();
		const own = fixedCamera({ flash: { guideNumber: 12 } });
		expect(rigFrom({ ...freeCamera, flash: true }, own, []).flash).toEqual({ id: 'built in' });
	});

	it('is fixed for whatever else is asked, and said in a few words', () => {
		const own = wishesFrom(rig, camera, gear);
		expect(fixedOn(own)).toMatchObject({
			aperture: 8,
			compensation: -1,
			closeUp: 2,
			filters: [{ id: 'nd' }]
		});
		expect(fixedOn(own)).not.toHaveProperty('handheld');
		expect(fixedInWords(own)).toBe('f/8, wheel 1 toward darken, ND 0.6, Close-up +2');
		expect(fixedInWords({ ...freeCamera, handTimed: true, position: 'room', seconds: 4 })).toBe(
			'room, 4 s, B'
		);
		expect(fixedInWords(freeCamera)).toBe('');
	});
});
