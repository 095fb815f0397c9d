import { afterEach, describe, expect, it, vi } from 'vitest';
import { create, replace } from './api';

const record = { name: 'Kite sands', latitude: 54.6, longitude: -4.2 };
const id = 'a';

/** The network gives one answer. */
function answering(status: number, body: unknown): void {
	const text = typeof body === 'string' ? body : JSON.stringify(body);
	vi.stubGlobal('fetch', async () => new Response(text, { status }));
}
afterEach(() => vi.unstubAllGlobals());

describe('an answer', () => {
	it('that is the record says that it is saved', async () => {
		answering(201, { ...record, id, version: 1 });
		expect(await create('places', id, record)).toMatchObject({ result: 'saved', record: { version: 1 } });
	});

	it.each([
		['nothing but ok', { ok: true }],
		['a sign-in page', '<html>Welcome to the café</html>'],
		['null', null],
		['an id alone', { id }]
	])('that is %s saves nothing', async (_, body) => {
		answering(200, body);
		expect(await create('places', id, record)).toEqual({ result: 'unreachable', answered: false });
	});

	it('of a conflict whose record is the same says that it is there already', async () => {
		answering(409, { message: 'Another place has this id', current: { ...record, id, version: 3 } });
		expect(await create('places', id, record)).toMatchObject({ result: 'saved', record: { version: 3 } });
		answering(409, {
			message: 'Another place has this id',
			current: { ...record, name: 'Else', id, version: 3 }
		});
		expect(await create('places', id, record)).toMatchObject({ result: 'stale' });
		// A replacement that is stale is one, whatever is there.
		answering(409, { message: 'changed', current: { ...record, id, version: 3 } });
		expect(await replace('places', { ...record, id, version: 2 })).toMatchObject({ result: 'stale' });
	});

	it('of a server in trouble is one, of a refusal is its reason', async () => {
		answering(500, { message: 'Something went wrong' });
		expect(await create('places', id, record)).toEqual({ result: 'unreachable', answered: true });
		answering(422, { message: 'One thing', issues: [{ path: 'name', message: 'is needed' }] });
		expect(await create('places', id, record)).toMatchObject({ result: 'invalid' });
		answering(421, { message: 'This server is not called that' });
		expect(await create('places', id, record)).toMatchObject({ result: 'refused' });
	});

	it('that never comes says so', async () => {
		vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no network')));
		expect(await create('places', id, record)).toEqual({ result: 'unreachable', answered: false });
	});
});
