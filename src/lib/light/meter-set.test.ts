import { beforeEach, describe, expect, it, vi } from 'vitest';
import { foldingInstant } from '../../../tests/fixtures/automatic';
import { filmOf, fixedCamera, steppedCamera } from '../../../tests/fixtures/bag';
import type { Camera } from '$core/camera';
import type { InHand } from './panel';

vi.mock('$app/environment', () => ({ browser: true }));
const shelf = new Map<string, string>();
vi.stubGlobal('localStorage', {
	getItem: (key: string) => shelf.get(key) ?? null,
	setItem: (key: string, value: string) => shelf.set(key, value),
	removeItem: (key: string) => shelf.delete(key)
});
const { keepMeterIso, meterIso, onlyTime } = await import('./meter-set');

const hand = (camera: Camera, film = filmOf('bw-negative', 400)): InHand => ({
	camera,
	film,
	own: { filters: [] },
	good: []
});

beforeEach(() => shelf.clear());

describe('what a meter is set to', () => {
	it('is what it was set to last, else the film in hand as it is developed', () => {
		expect(meterIso(null)).toBe(100);
		expect(meterIso(hand(fixedCamera()))).toBe(400);
		expect(meterIso(hand(fixedCamera(), filmOf('bw-negative', 400, { processStops: -1 })))).toBe(200);
		keepMeterIso(NaN);
		expect(meterIso(null)).toBe(100);
		keepMeterIso(250);
		expect(meterIso(hand(fixedCamera()))).toBe(250);
		expect(meterIso(hand(fixedCamera()), 'photo')).toBe(400);
		keepMeterIso(800, 'photo');
		expect(meterIso(null, 'photo')).toBe(800);
		expect(meterIso(null)).toBe(250);
	});

	it('has the time of a camera that has but one', () => {
		expect(onlyTime(hand(fixedCamera({ bulb: true })))).toBe(1 / 100);
		expect(onlyTime(hand(steppedCamera()))).toBeUndefined();
		expect(onlyTime(hand(foldingInstant()))).toBeUndefined();
		expect(onlyTime(null)).toBeUndefined();
	});
});
