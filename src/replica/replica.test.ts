import 'fake-indexeddb/auto';
import fc from 'fast-check';
import type { RequestEvent } from '@sveltejs/kit';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { ViewRecords } from '$views/records';
import { views, type ViewName } from '$views/views';
import { onTheDemo } from '../../tests/fixtures/store-of-demo';
import { draws } from '../../tests/fixtures/few';
import { changesHandlers } from '../server/api/changes';
import { store } from '../server/store';
import { viewRecords } from '../server/views/records';
import { openReplica, type Replica } from './database';
import { forget, keepOwn, metaOf } from './keep';
import { pull } from './pull';
import { replicaRecords } from './records';
import { workingOn } from './working';

/** The copy in the browser, held against the server's own answers: SQLite and IndexedDB know nothing of each other. */

onTheDemo();

/** A body wanders with time: both are asked in one instant. */
const NOW = Date.now();

let replica: Replica;
let here: ViewRecords;
beforeEach(() => {
	vi.useFakeTimers({ toFake: ['Date'], now: NOW });
	replica = openReplica(crypto.randomUUID());
	here = replicaRecords(replica, workingOn(replica));
});
afterEach(async () => {
	await replica.delete();
	vi.useRealTimers();
});

/** The server's own answers, without a network between. */
const served: typeof fetch = async (input) => {
	const url = new URL(String(input), 'http://here');
	return (await changesHandlers.GET({ url, request: new Request(url) } as RequestEvent)) as Response;
};
const together = () => pull(replica, served);

/** What every view may be asked with, of all that there is. */
function everyQuestion(): [ViewName, Record<string, string>][] {
	const { cameras, films, loads, frames, outings, recipes } = store();
	const ids = (table: { list(limit: number, offset: number): { items: { id: string }[] } }) =>
		table.list(1000, 0).items.map(({ id }) => id);
	const each = (names: ViewName[], all: string[]) =>
		names.flatMap((name) => all.map((id): [ViewName, Record<string, string>] => [name, { id }]));
	const plain = Object.keys(views).map((name): [ViewName, Record<string, string>] => [name as ViewName, {}]);
	const ofOne = [
		...each(['reach', 'camera', 'give', 'bench'], ids(cameras)),
		...each(['film', 'film-cameras'], ids(films)),
		...each(['load', 'sheet', 'scans', 'track'], ids(loads)),
		...each(['frame'], ids(frames)),
		...each(['outing', 'outing-sheet'], ids(outings)),
		...each(['recipe', 'edit-recipe'], ids(recipes))
	];
	const named = new Set(ofOne.map(([name]) => name));
	const loaded = loads.list(1000, 0).items;
	return [
		...plain.filter(([name]) => !named.has(name) && name !== 'card'),
		...ofOne,
		...ids(loads).flatMap((load): [ViewName, Record<string, string>][] => [
			['frames', { load }],
			['what-if', { load }]
		]),
		...loaded.map(({ cameraId, filmId }): [ViewName, Record<string, string>] => [
			'card',
			{ camera: cameraId, film: filmId }
		]),
		...ids(cameras).flatMap((camera): [ViewName, Record<string, string>][] => [
			['honest', { camera }],
			['what-if', { camera }],
			['compare', { camera }]
		])
	];
}

/** What the server alone knows: its backups. */
const apart = new Set<ViewName>(['settings', 'around']);
/** As it is shown: what is not there is not told from what is said to be nothing. */
const shown = (value: unknown) => JSON.parse(JSON.stringify(value)) as unknown;

async function alike(name: ViewName, query: Record<string, string>) {
	const asked = new URLSearchParams(query);
	const [there, copied] = [
		await views[name](viewRecords(), asked),
		await views[name](here, new URLSearchParams(query))
	];
	expect(shown(copied), `${name} ${asked.toString()}`).toEqual(shown(there));
}

describe('the copy in the browser', () => {
	it('shows in every view what the server shows, of everything that there is', async () => {
		expect(await together()).toBe('together');
		const questions = everyQuestion().filter(([name]) => !apart.has(name));
		expect(questions.length).toBeGreaterThan(100);
		for (const [name, query] of questions) await alike(name, query);
	});

	it('has no backups, which are the server’s', async () => {
		await together();
		expect(await views.settings(here)).toEqual({ backups: null });
		expect(await views.around(here)).toEqual({ backupFailed: null, settings: null });
	});

	it('finds the frames that the server finds, in its order, whatever is asked', async () => {
		await together();
		const { cameras, films, loads } = store();
		const id = (table: { list(limit: number, offset: number): { items: { id: string }[] } }) =>
			fc.constantFrom('', ...table.list(1000, 0).items.map(({ id }) => id));
		const word = fc.constantFrom(
			'wedge',
			'WE',
			'Peb',
			'no',
			'1',
			'12',
			'ti',
			'slip',
			'zzz',
			'f/8',
			'é',
			'…',
			''
		);
		await fc.assert(
			fc.asyncProperty(
				fc.record({
					q: fc.array(word, { maxLength: 2 }).map((words) => words.join(' ')),
					camera: id(cameras),
					film: id(films),
					load: id(loads),
					state: fc.constantFrom('any', 'to-judge', 'judged', 'kept', 'not-kept', 'nonsense'),
					out: fc.constantFrom('', 'dark', 'right', 'light'),
					order: fc.constantFrom('newest', 'oldest', 'darkest', 'lightest'),
					page: fc.constantFrom('', '1', '2')
				}),
				(query) => alike('all-frames', query)
			),
			{ numRuns: draws(60) }
		);
	});

	it('lists loads page by page by the server’s own tokens', async () => {
		const { loads, cameras, films } = store();
		const [cameraId, filmId] = [cameras.list(1, 0).items[0].id, films.list(1, 0).items[0].id];
		for (let at = 0; at < 95; at++) {
			// Many of one instant: their ids decide.
			const loadedAt = new Date(Date.UTC(2001, 0, 1 + Math.floor(at / 45))).toISOString();
			loads.create(crypto.randomUUID(), { cameraId, filmId, frames: 8, loadedAt, unloadedAt: loadedAt });
		}
		await together();
		let after: string | null = null;
		let pages = 0;
		do {
			const query: Record<string, string> = after === null ? {} : { after };
			await alike('frames', query);
			after = (await here.loads.page(40, after))!.next;
			pages += 1;
		} while (after !== null);
		expect(pages).toBeGreaterThan(2);
		await alike('frames', { after: 'none of ours' });
	});

	it('follows what is changed and deleted, and begins anew where a backup was restored', async () => {
		await together();
		const { frames, cameras, places, changes } = store();
		const { id, version, ...frame } = frames.list(1, 0).items[0];
		frames.replace(id, version, { ...frame, note: 'seen again' });
		const [camera] = cameras.list(1, 0).items;
		cameras.replace(camera.id, camera.version, { ...camera, name: 'Another' });
		const place = crypto.randomUUID();
		places.create(place, { name: 'Slip', latitude: 50, longitude: 1 });
		await together();
		expect((await here.frames.get(id))?.note).toBe('seen again');
		for (const name of ['shoot', 'frames', 'all-frames', 'learnt'] as const) await alike(name, {});
		places.remove(place);
		await together();
		expect(await here.places.get(place)).toBeUndefined();
		// What is here and not there is forgotten with the others' numbers.
		await keepOwn(replica, 'places', 'only here', {
			id: 'only here',
			version: 0,
			...{ name: 'Here', latitude: 1, longitude: 1 }
		});
		changes.beginAnew();
		await together();
		expect(await here.places.get('only here')).toBeUndefined();
		await alike('shoot', {});
	});

	it('says where nothing answers, or something else does, and goes on where it was broken off', async () => {
		const answers = [
			() => Promise.reject(new TypeError('no network')),
			() => Promise.resolve(new Response('<html>Sign in</html>')),
			() => Promise.resolve(Response.json({ ok: true })),
			() => Promise.resolve(Response.json({ message: 'in trouble' }, { status: 500 }))
		];
		for (const answer of answers) expect(await pull(replica, answer)).toBe('unreachable');
		expect(await metaOf(replica, 'together')).toBeUndefined();
		// Two pages come, then the network goes.
		let left = 2;
		const asked: string[] = [];
		const short: typeof fetch = (input) => {
			asked.push(String(input));
			if (left-- === 0) return Promise.reject(new TypeError('no network'));
			return served(String(input).replace('limit=1000', 'limit=20'));
		};
		expect(await pull(replica, short)).toBe('unreachable');
		expect(await metaOf(replica, 'together')).toMatchObject({ whole: false });
		expect(await together()).toBe('together');
		expect(asked[1]).toMatch(/since=2\d&/);
		expect(await metaOf(replica, 'together')).toMatchObject({ whole: true });
		await alike('shoot', {});
		await forget(replica);
		expect(await metaOf(replica, 'together')).toBeUndefined();
		expect(await here.cameras.all()).toEqual([]);
	});
});
