import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Rig } from '$contract/rigs';
import type { Kept } from './api';
import type { LoadRecord } from '$contract/records';

/** What the server holds, and how it answers. */
const server = vi.hoisted(() => ({
	rig: {} as Rig,
	answer: 'saved' as 'saved' | 'invalid' | 'unreachable',
	writes: [] as Rig[],
	/** Ends what is being written. */
	free: [] as (() => void)[],
	slow: false
}));
vi.mock('$app/environment', () => ({ browser: true }));
vi.mock('./refresh', () => ({ refresh: () => Promise.resolve(), refreshed: () => Promise.resolve() }));
vi.mock('./api', () => ({
	writeRig: async (_: string, rig: Rig) => {
		if (server.slow) await new Promise<void>((resolve) => server.free.push(resolve));
		server.writes.push(rig);
		if (server.answer === 'saved') server.rig = rig;
		return { result: server.answer };
	}
}));
const shelf = new Map<string, string>();
vi.stubGlobal('localStorage', {
	getItem: (key: string) => shelf.get(key) ?? null,
	setItem: (key: string, value: string) => shelf.set(key, value),
	removeItem: (key: string) => shelf.delete(key)
});
vi.stubGlobal('addEventListener', () => undefined);
vi.stubGlobal('removeEventListener', () => undefined);

const { Rigs } = await import('./rigs.svelte');
/** The load as a page has it that was told of it now. */
const load = (rig: Rig | undefined = server.rig) => ({ id: 'l', version: 1, rig }) as Kept<LoadRecord>;
const settled = () => vi.waitFor(() => expect(shelf.size).toBe(0));

beforeEach(() => {
	Object.assign(server, { rig: {}, answer: 'saved', writes: [], free: [], slow: false });
	shelf.clear();
});

describe('what is on a camera', () => {
	it('is shown at once, sent, and then whatever the server says', async () => {
		const rigs = new Rigs();
		rigs.put(load(), { aperture: 8 });
		expect(rigs.of(load({}))).toEqual({ aperture: 8 });
		await settled();
		expect(server.writes).toEqual([{ aperture: 8 }]);
		await vi.waitFor(() => expect(rigs.of(load({}))).toEqual({}));
		expect(rigs.of(load())).toEqual({ aperture: 8 });
		expect(rigs.of(load({ aperture: 22 }))).toEqual({ aperture: 22 });
	});

	it('is not turned back by what the page is told of an earlier step', async () => {
		server.slow = true;
		const rigs = new Rigs();
		rigs.put(load({}), { aperture: 8 });
		rigs.put(load({}), { aperture: 8, support: true });
		expect(rigs.of(load({ aperture: 8 }))).toEqual({ aperture: 8, support: true });
		rigs.put(load({ aperture: 8 }), { aperture: 11 });
		expect(rigs.of(load({}))).toEqual({ aperture: 11 });
		expect(rigs.of(load({ aperture: 8, support: true }))).toEqual({ aperture: 11 });
		// Another device set something that this page never knew.
		expect(rigs.of(load({ iso: 400 }))).toEqual({ iso: 400 });
		server.slow = false;
		server.free.forEach((free) => free());
		await settled();
		expect(server.writes.at(-1)).toEqual({ aperture: 11 });
		expect(server.rig).toEqual({ aperture: 11 });
	});

	it('waits in the browser while the server is away, and goes with the next page', async () => {
		server.answer = 'unreachable';
		const gone = new Rigs();
		gone.put(load(), { aperture: 8 });
		await vi.waitFor(() => expect(server.writes).toHaveLength(1));
		expect(shelf.size).toBe(1);
		expect(gone.of(load())).toEqual({ aperture: 8 });
		server.answer = 'saved';
		const next = new Rigs();
		expect(next.of(load())).toEqual({ aperture: 8 });
		next.open();
		await settled();
		expect(server.rig).toEqual({ aperture: 8 });
	});

	it('that the camera does not have is let go', async () => {
		server.answer = 'invalid';
		const rigs = new Rigs();
		rigs.put(load(), { aperture: 8 });
		await settled();
		expect(rigs.of(load())).toEqual({});
		expect(server.writes).toHaveLength(1);
	});
});
