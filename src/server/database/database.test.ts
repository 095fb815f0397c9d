import Database from 'better-sqlite3';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { v4 as uuid } from 'uuid';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { FrameRecord, LoadRecord } from '$contract/records';
import { match } from '$core/match';
import { colourNegative400, fixedCamera } from '../../../tests/fixtures/bag';
import { migrate } from './migrate';
import { DATABASE_FILE, openDatabase } from './open';
import { tablesOf, type Tables } from './tables';

let folder: string;
let database: Database.Database;
let tables: Tables;

beforeEach(() => {
	folder = mkdtempSync(join(tmpdir(), 'just-enough-database-'));
	database = openDatabase(folder);
	tables = tablesOf(database);
});

afterEach(() => {
	database.close();
	rmSync(folder, { recursive: true, force: true });
});

const loadOf = (cameraId: string, filmId: string, changes: Partial<LoadRecord> = {}): LoadRecord => ({
	cameraId,
	filmId,
	frames: 12,
	loadedAt: '2026-05-02T10:00:00+01:00',
	...changes
});

const frameOf = (loadId: string, number: number): FrameRecord => ({
	loadId,
	number,
	takenAt: '2026-05-02T10:30:00+01:00',
	light: { ev: 12 },
	settings: { f: 11, seconds: 0.01, compensation: null, iso: null, position: null },
	predicted: match(fixedCamera(), colourNegative400, { ev: 12 }).best
});

function aLoad(): { cameraId: string; filmId: string; loadId: string } {
	const [cameraId, filmId, loadId] = [uuid(), uuid(), uuid()];
	tables.cameras.create(cameraId, fixedCamera());
	tables.films.create(filmId, colourNegative400);
	tables.loads.create(loadId, loadOf(cameraId, filmId));
	return { cameraId, filmId, loadId };
}

describe('creating', () => {
	it('keeps a record and gives it version 1', () => {
		const id = uuid();
		expect(tables.cameras.create(id, fixedCamera()).result).toBe('created');
		expect(tables.cameras.get(id)).toEqual({ ...fixedCamera(), id, version: 1 });
	});

	it('the same twice is harmless; another content under the id is refused', () => {
		const id = uuid();
		tables.cameras.create(id, fixedCamera());
		expect(tables.cameras.create(id, fixedCamera()).result).toBe('same');
		const other = tables.cameras.create(id, fixedCamera({ name: 'Other' }));
		expect(other).toMatchObject({ result: 'conflict', record: { name: 'One setting' } });
		expect(tables.cameras.list(10, 0).total).toBe(1);
	});

	it('refuses a load of a camera and a film that are not there, at both fields', () => {
		const creation = tables.loads.create(uuid(), loadOf(uuid(), uuid()));
		expect(creation).toEqual({
			result: 'invalid',
			issues: [
				{ path: 'cameraId', message: 'there is no such camera' },
				{ path: 'filmId', message: 'there is no such film' }
			]
		});
		expect(tables.loads.list(10, 0).total).toBe(0);
	});

	it('refuses a second load in a camera until the first is taken out', () => {
		const { cameraId, filmId, loadId } = aLoad();
		const second = loadOf(cameraId, filmId);
		expect(tables.loads.create(uuid(), second)).toMatchObject({
			result: 'invalid',
			issues: [{ path: 'cameraId' }]
		});
		tables.loads.replace(loadId, 1, loadOf(cameraId, filmId, { unloadedAt: '2026-05-03T10:00:00+01:00' }));
		expect(tables.loads.create(uuid(), second).result).toBe('created');
	});

	it('refuses the same frame number twice in a load', () => {
		const { loadId } = aLoad();
		expect(tables.frames.create(uuid(), frameOf(loadId, 1)).result).toBe('created');
		expect(tables.frames.create(uuid(), frameOf(loadId, 1))).toEqual({
			result: 'invalid',
			issues: [{ path: 'number', message: 'frame 1 of this load is already logged' }]
		});
	});
});

describe('replacing', () => {
	it('counts the version up and keeps the new content', () => {
		const id = uuid();
		tables.cameras.create(id, fixedCamera());
		expect(tables.cameras.replace(id, 1, fixedCamera({ name: 'New' }))).toMatchObject({
			result: 'replaced',
			record: { name: 'New', version: 2 }
		});
	});

	it('refuses a stale edit, shows what stands there, and changes nothing', () => {
		const id = uuid();
		tables.cameras.create(id, fixedCamera());
		tables.cameras.replace(id, 1, fixedCamera({ name: 'Theirs' }));
		expect(tables.cameras.replace(id, 1, fixedCamera({ name: 'Mine' }))).toMatchObject({
			result: 'stale',
			record: { name: 'Theirs', version: 2 }
		});
		expect(tables.cameras.get(id)?.name).toBe('Theirs');
	});

	it('knows nothing of a record that is not there', () => {
		expect(tables.cameras.replace(uuid(), 1, fixedCamera()).result).toBe('missing');
	});
});

describe('removing', () => {
	it('refuses what other records refer to, and takes the rest away', () => {
		const { cameraId, filmId, loadId } = aLoad();
		expect(tables.cameras.remove(cameraId).result).toBe('in-use');
		expect(tables.films.remove(filmId).result).toBe('in-use');
		expect(tables.loads.remove(loadId).result).toBe('removed');
		expect(tables.cameras.remove(cameraId).result).toBe('removed');
		expect(tables.cameras.remove(cameraId).result).toBe('missing');
	});
});

describe('listing', () => {
	it('pages in order and counts all', () => {
		for (const name of ['Cockle', 'anchor', 'Buoy'])
			tables.films.create(uuid(), { ...colourNegative400, name });
		const names = (limit: number, offset: number) =>
			tables.films.list(limit, offset).items.map((film) => film.name);
		expect(names(10, 0)).toEqual(['anchor', 'Buoy', 'Cockle']);
		expect(names(1, 1)).toEqual(['Buoy']);
		expect(tables.films.list(1, 2)).toMatchObject({ total: 3 });
	});

	it('finds the frames of one load in order', () => {
		const { loadId } = aLoad();
		for (const number of [3, 1, 2]) tables.frames.create(uuid(), frameOf(loadId, number));
		expect(tables.frames.where('load_id', loadId).map((frame) => frame.number)).toEqual([1, 2, 3]);
	});
});

describe('the database', () => {
	it('is there again when it is opened again', () => {
		const id = uuid();
		tables.cameras.create(id, fixedCamera());
		database.close();
		database = openDatabase(folder);
		expect(tablesOf(database).cameras.get(id)?.name).toBe('One setting');
	});

	it('holds to foreign keys and writes ahead', () => {
		expect(database.pragma('foreign_keys', { simple: true })).toBe(1);
		expect(database.pragma('journal_mode', { simple: true })).toBe('wal');
	});

	it('is brought up to date once, and refused when it is from a newer program', () => {
		expect(database.pragma('user_version', { simple: true })).toBeGreaterThanOrEqual(1);
		expect(() => migrate(database)).not.toThrow();
		database.pragma('user_version = 9999');
		expect(() => migrate(database)).toThrow(/newer version/);
	});

	it('stays as it was when a migration fails half way', () => {
		const other = new Database(join(folder, 'half.sqlite'));
		other.exec('CREATE TABLE frames (id TEXT)');
		expect(() => migrate(other)).toThrow(/frames/);
		const tablesLeft = other.prepare("SELECT name FROM sqlite_master WHERE type = 'table'").all();
		expect(tablesLeft).toEqual([{ name: 'frames' }]);
		expect(other.pragma('user_version', { simple: true })).toBe(0);
		other.close();
	});

	it('lies in the folder that was named', () => {
		const direct = new Database(join(folder, DATABASE_FILE), { readonly: true });
		expect(direct.prepare('SELECT count(*) AS n FROM cameras').get()).toEqual({ n: 0 });
		direct.close();
	});
});

describe('searching through all frames', () => {
	const judged = (stops: number, kept?: boolean) => ({
		stops,
		sd: 0.4,
		by: 'eye' as const,
		judgedAt: '2026-05-03T10:00:00Z',
		...(kept === undefined ? {} : { kept })
	});

	it('finds by state, camera and verdict, in the order that is asked for, page by page', () => {
		const { cameraId, loadId } = aLoad();
		const results = [judged(1, true), undefined, judged(-1, false), judged(0)];
		results.forEach((result, at) => {
			const frame = frameOf(loadId, at + 1);
			tables.frames.create(uuid(), { ...frame, ...(result ? { judged: result } : {}) });
		});
		const numbers = (asked: object, limit = 10, offset = 0) =>
			tables.search
				.page({ state: 'any', order: 'darkest', ...asked }, limit, offset)
				.items.map(({ number }) => number);
		expect(numbers({})).toEqual([3, 4, 1, 2]);
		expect(numbers({ order: 'lightest' })).toEqual([1, 4, 3, 2]);
		expect(numbers({ state: 'to-judge' })).toEqual([2]);
		expect(numbers({ state: 'kept' })).toEqual([1]);
		expect(numbers({ state: 'not-kept' })).toEqual([3]);
		expect(numbers({ camera: uuid() })).toEqual([]);
		expect(numbers({ camera: cameraId, state: 'judged' }, 2, 1)).toEqual([4, 1]);
		expect(numbers({ verdict: 'too-light' })).toEqual([]);
		expect(tables.search.page({ state: 'judged', order: 'newest' }, 1, 0).total).toBe(3);
		expect(tables.search.judgedKeys({}, 9)).toHaveLength(3);
	});

	it('follows a frame that is judged later', () => {
		const { loadId } = aLoad();
		const id = uuid();
		tables.frames.create(id, frameOf(loadId, 1));
		expect(tables.search.judgedKeys({}, 9)).toEqual([]);
		tables.frames.replace(id, 1, { ...frameOf(loadId, 1), judged: judged(0.5) });
		const found = tables.search.framesOf(tables.search.judgedKeys({}, 9));
		expect(found.map(({ judged: result }) => result?.stops)).toEqual([0.5]);
	});
});

describe('pictures', () => {
	const pictureOf = (ownerId: string, id = uuid()) => ({
		id,
		owner: 'camera' as const,
		ownerId,
		name: 'front.png',
		type: 'image/png',
		width: 2,
		height: 1,
		addedAt: '2026-05-03T10:00:00Z',
		original: Buffer.from([1, 2, 3]),
		thumbnail: Buffer.from([4])
	});

	it('are one with their thumbnails, belong to something, and hold it', () => {
		const { cameraId } = aLoad();
		const picture = pictureOf(cameraId);
		expect(tables.pictures.add(picture)).toBe('kept');
		expect(tables.pictures.add(picture)).toBe('kept');
		expect(tables.pictures.of('camera', cameraId)).toHaveLength(1);
		expect(tables.pictures.original(picture.id)?.bytes).toEqual(picture.original);
		expect(tables.pictures.thumbnail(picture.id)).toEqual(picture.thumbnail);
		expect(tables.pictures.add(pictureOf(uuid()))).toBe('no-owner');
		const other = uuid();
		tables.cameras.create(other, fixedCamera());
		const last = { ...pictureOf(other), addedAt: '2026-05-04T10:00:00Z' };
		tables.pictures.add(last);
		// Page by page the last one first, with what it belongs to.
		const first = tables.pictures.page({ limit: 1 })!;
		expect(first).toMatchObject({ items: [{ id: last.id, owner: 'camera', ownerId: other }], total: 2 });
		const second = tables.pictures.page({ limit: 1, after: first.next! })!;
		expect(second).toMatchObject({ items: [{ id: picture.id, ownerId: cameraId }], next: null });
		expect(tables.pictures.page({ limit: 9, filters: { camera: other } })!.items).toHaveLength(1);
		expect(tables.pictures.page({ limit: 9, filters: { frame: other } })!.items).toEqual([]);
		expect(tables.pictures.page({ limit: 1, after: 'nonsense' })).toBeNull();
		expect(tables.cameras.remove(other).result).toBe('in-use');
		expect(tables.pictures.remove(picture.id)).toBe(true);
		expect(tables.pictures.remove(picture.id)).toBe(false);
		expect(tables.pictures.thumbnail(picture.id)).toBeUndefined();
	});
});
