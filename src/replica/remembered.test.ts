import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { openReplica, type Replica } from './database';
import { keepOwn } from './keep';
import { remembered } from './remembered';

let replica: Replica;
beforeEach(() => {
	replica = openReplica(crypto.randomUUID());
	vi.useFakeTimers({ toFake: ['Date'], now: Date.UTC(2026, 4, 2, 10) });
});
afterEach(async () => {
	vi.useRealTimers();
	await replica.delete();
});

const frame = { id: 'f', loadId: 'l', number: 1, takenAt: '2026-05-02T10:00:00Z' };

describe('what frames taught', () => {
	it('is worked out once, and again after anything that it is made of, or a day', async () => {
		let times = 0;
		const asked = (key = 'a') => remembered(replica, key, () => Promise.resolve({ times: ++times }));
		expect(await asked()).toEqual({ times: 1 });
		expect(await asked()).toEqual({ times: 1 });
		expect(await asked('b')).toEqual({ times: 2 });
		// A frame that nobody judged teaches nothing.
		await keepOwn(replica, 'frames', 'f', { ...frame, version: 1 });
		expect(await asked()).toEqual({ times: 1 });
		const judged = { stops: 0, sd: 0.3 };
		await keepOwn(replica, 'frames', 'f', { ...frame, judged, version: 2 } as never);
		expect(await asked()).toEqual({ times: 3 });
		// It was judged before, and is not any more.
		await keepOwn(replica, 'frames', 'f', { ...frame, version: 3 });
		expect(await asked()).toEqual({ times: 4 });
		await keepOwn(replica, 'frames', 'f', null);
		expect(await asked()).toEqual({ times: 5 });
		await keepOwn(replica, 'cameras', 'c', { id: 'c', version: 1 });
		expect(await asked()).toEqual({ times: 6 });
		await keepOwn(replica, 'places', 'p', { id: 'p', version: 1 });
		expect(await asked()).toEqual({ times: 6 });
		vi.setSystemTime(Date.UTC(2026, 4, 3, 10));
		expect(await asked()).toEqual({ times: 7 });
	});

	it('is asked again where it could not be worked out', async () => {
		const fails = () => Promise.reject(new Error('no'));
		await expect(remembered(replica, 'a', fails)).rejects.toThrow('no');
		expect(await remembered(replica, 'a', () => Promise.resolve(1))).toBe(1);
	});
});
