import { describe, expect, it } from 'vitest';
import { filmOf, fixedCamera } from '../../tests/fixtures/bag';
import { onTheDemo } from '../../tests/fixtures/store-of-demo';
import { packingRecords } from '$views/bag';
import { developing, waiting } from '$views/developing';
import { framesView } from '$views/frames';
import { store } from './store';
import { viewRecords } from './views/records';

/** Pages of a logbook with more loads than one page holds. */

onTheDemo();

/** A camera with loads of a film, a day apart; the oldest first. */
function plant(many: number, more: (at: number) => object = () => ({})) {
	const { cameras, films, loads } = store();
	const [cameraId, filmId] = [crypto.randomUUID(), crypto.randomUUID()];
	cameras.create(cameraId, fixedCamera({ name: 'Old Box' }));
	films.create(filmId, { ...filmOf('bw-negative', 125), name: 'Old Samphire' });
	const ids = Array.from({ length: many }, (_, at): string => {
		const loadedAt = new Date(Date.UTC(2001, 0, 1 + at)).toISOString();
		const id = crypto.randomUUID();
		loads.create(id, { cameraId, filmId, frames: 8, loadedAt, unloadedAt: loadedAt, ...more(at) });
		return id;
	});
	return { cameraId, filmId, ids };
}

describe('many loads', () => {
	it('are listed page by page, none twice and none left out, and any is opened by its id', async () => {
		const { ids } = plant(100);
		const seen: string[] = [];
		let after: string | null = null;
		do {
			const page: NonNullable<Awaited<ReturnType<typeof framesView>>> = (await framesView(
				viewRecords(),
				null,
				after
			))!;
			seen.push(...page.loads.map(({ id }) => id));
			after = page.older;
		} while (after !== null);
		expect(new Set(seen).size).toBe(seen.length);
		expect(seen).toHaveLength(store().loads.list(1, 0).total);
		expect(seen.at(-1)).toBe(ids[0]);
		// The oldest is on no first page, and is opened all the same.
		expect((await framesView(viewRecords(), null))!.loads.some(({ id }) => id === ids[0])).toBe(false);
		expect((await framesView(viewRecords(), ids[0]))!.chosen!.load.id).toBe(ids[0]);
		expect(await framesView(viewRecords(), crypto.randomUUID())).toBeNull();
		expect((await framesView(viewRecords(), null, 'no page of ours'))!.loads).toEqual(
			(await framesView(viewRecords(), null))!.loads
		);
	});

	it('that wait to be developed are the last ones of such film, and what was developed is told last first', async () => {
		const developed = (at: number) => ({
			developed: {
				at: new Date(Date.UTC(2002, 0, 1 + at)).toISOString(),
				recipe: 'Brown bath',
				celsius: [20],
				steps: []
			}
		});
		const { ids, filmId } = plant(14, developed);
		const { done } = await developing(viewRecords());
		expect(done).toHaveLength(12);
		const times = done.map(({ developed: { at } }) => at);
		expect(times).toEqual(times.toSorted().toReversed());
		const open = await waiting(viewRecords(), true);
		expect(open.some(({ load }) => ids.includes(load.id))).toBe(false);
		expect(open.length).toBeLessThanOrEqual(60);
		expect(open.every(({ film: { type } }) => /negative|reversal/.test(type))).toBe(true);
		expect(
			(await waiting(viewRecords(), false)).every(({ film: { type } }) => /instant|peel/.test(type))
		).toBe(true);
		expect(open.some(({ film: { id } }) => id === filmId)).toBe(false);
	});

	it('tell which camera took what, and how the last load of a film was', async () => {
		const { cameraId, filmId } = plant(3, (at) => ({ frames: 8 + at, ...(at === 1 ? { price: 9 } : {}) }));
		expect(store().loadSearch.taken()).toContainEqual(
			expect.objectContaining({ camera: cameraId, film: filmId })
		);
		expect((await packingRecords(viewRecords())).usual[filmId]).toEqual({ frames: 10, price: 9 });
	});
});

describe('what may change what frames teach', () => {
	it('is counted: a judged frame, a camera, a film or a load, and no frame that nobody has judged', () => {
		const { frames } = store();
		// Before the count stands which database it is, behind it what SQLite says of other connections.
		const teachings = () => Number(store().teachings().split(' ')[1]);
		const { ids } = plant(1);
		const before = teachings();
		const id = crypto.randomUUID();
		const settings = { f: 11, seconds: 0.01, compensation: null, iso: null };
		const frame = {
			loadId: ids[0],
			number: 1,
			takenAt: '2001-01-01T10:00:00Z',
			light: null,
			settings,
			predicted: null
		};
		const { record } = frames.create(id, frame) as { record: { version: number } };
		expect(teachings()).toBe(before);
		const judged = { stops: 0, sd: 0.3, by: 'eye', judgedAt: '2001-01-02T10:00:00Z' } as const;
		expect(frames.replace(id, record.version, { ...frame, judged }).result).toBe('replaced');
		expect(teachings()).toBe(before + 1);
		// One that says nothing new is not written, nor counted.
		expect(frames.replace(id, record.version, { ...frame, judged }).result).toBe('stale');
		expect(teachings()).toBe(before + 1);
		expect(frames.remove(id).result).toBe('removed');
		expect(teachings()).toBe(before + 2);
	});
});
