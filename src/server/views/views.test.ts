import { parse } from 'devalue';
import { describe, expect, it } from 'vitest';
import type { RequestEvent } from '@sveltejs/kit';
import { onTheDemo } from '../../../tests/fixtures/store-of-demo';
import { store } from '../store';
import { viewHandlers } from './answer';
import { views } from '$views/views';
import { viewRecords } from './records';

onTheDemo();

async function asked(name: string, query: Record<string, string> = {}) {
	const url = new URL(`http://here/api/views/${name}?${new URLSearchParams(query)}`);
	const response = (await viewHandlers.GET({ params: { name }, url } as unknown as RequestEvent)) as Response;
	return { status: response.status, text: await response.text() };
}

/** What each view that is of one thing is asked with, from the demo. */
function ofOne(): Record<string, Record<string, string>> {
	const { cameras, films, loads, frames, outings, recipes } = store();
	const first = (table: { list(limit: number, offset: number): { items: { id: string }[] } }) =>
		table.list(1, 0).items[0].id;
	const [camera, film, load, frame] = [first(cameras), first(films), first(loads), first(frames)];
	const byId = (id: string, ...names: string[]) => names.map((name) => [name, { id }] as const);
	return Object.fromEntries([
		...byId(camera, 'reach', 'camera', 'give', 'bench'),
		...byId(film, 'film', 'film-cameras'),
		...byId(load, 'load', 'sheet', 'scans', 'track'),
		...byId(frame, 'frame'),
		...byId(first(outings), 'outing', 'outing-sheet'),
		...byId(first(recipes), 'recipe', 'edit-recipe'),
		['card', { camera, film }] as const
	]);
}

describe('what a view shows', () => {
	it('is answered for every view, and no value is another one on the way', async () => {
		const ids = ofOne();
		for (const name of Object.keys(views) as (keyof typeof views)[]) {
			const query = Object.hasOwn(ids, name) ? ids[name] : {};
			const { status, text } = await asked(name, query);
			expect(status, name).toBe(200);
			const here: unknown = await views[name](viewRecords(), new URLSearchParams(query));
			expect(parse(text), name).toEqual(here);
		}
	});

	it('is a word where there is nothing, for every view of one thing', async () => {
		for (const name of Object.keys(ofOne())) {
			const { status, text } = await asked(name, { id: crypto.randomUUID(), camera: 'none', film: 'none' });
			expect([name, status]).toEqual([name, 404]);
			expect(JSON.parse(text)).toEqual({
				message: expect.stringMatching(/^There is no such \w+$/) as unknown
			});
		}
		for (const name of ['nothing', 'constructor', '__proto__', ''])
			expect((await asked(name)).status, name).toBe(404);
	});

	it('is an empty form for something new', async () => {
		for (const [name, of] of [
			['camera', 'camera'],
			['film', 'film'],
			['outing', 'outing'],
			['edit-recipe', 'recipe']
		] as const)
			expect(parse((await asked(name, { id: 'new' })).text), name).toMatchObject({ [of]: null });
	});
});
