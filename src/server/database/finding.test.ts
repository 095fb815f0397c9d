import Database from 'better-sqlite3';
import fc from 'fast-check';
import { v4 as uuid } from 'uuid';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { FrameRecord } from '$contract/records';
import type { FrameSearch } from '$contract/frame-search';
import { filmOf, fixedCamera } from '../../../tests/fixtures/bag';
import { draws } from '../../../tests/fixtures/few';
import { migrate } from './migrate';
import { tablesOf, type Tables } from './tables';

let database: Database.Database;
let tables: Tables;
let cameraId: string;
let filmId: string;
let loadId: string;

beforeEach(() => {
	database = new Database(':memory:');
	database.pragma('foreign_keys = ON');
	migrate(database);
	tables = tablesOf(database);
	[cameraId, filmId, loadId] = [uuid(), uuid(), uuid()];
	tables.cameras.create(cameraId, fixedCamera({ name: 'Old Box' }));
	tables.films.create(filmId, { ...filmOf('bw-negative', 125), name: 'Samphire 125' });
	tables.loads.create(loadId, {
		cameraId,
		filmId,
		frames: 40,
		loadedAt: '2026-05-02T10:00:00Z',
		countsFrom: 80
	});
});
afterEach(() => database.close());

/** Letters, numbers and signs of the scripts that Unicode 6.1 has, which is the one that SQLite knows. */
const words = fc.string({
	unit: fc.constantFrom(...'aAéÉßøzñ12⅓ αΩ жЙ 写ルン です ทะเล かな 한글 אב عم हिन "*%_!-.,()^'),
	minLength: 1,
	maxLength: 30
});

let number = 0;
function frame(said: Partial<FrameRecord>): string {
	const id = uuid();
	number += 1;
	const settings = { f: 11, seconds: 0.01, compensation: null, iso: null };
	const whole: FrameRecord = {
		loadId,
		number,
		takenAt: '2026-05-02T10:30:00Z',
		light: null,
		settings,
		predicted: null,
		...said
	};
	expect(tables.frames.create(id, whole)).toMatchObject({ result: 'created' });
	return id;
}
beforeEach(() => {
	number = 0;
});

const found = (q: string, more: Partial<FrameSearch> = {}) =>
	tables.search
		.page({ state: 'any', order: 'oldest', q, ...more }, 100, 0)
		.items.map((each) => each.number)
		.toSorted((a, b) => a - b);

describe('frames are found', () => {
	it('by words of the frame, its place, camera and film, whatever their marks and capitals', () => {
		frame({ subject: 'Zugbrücke im Nebel', where: { latitude: 1, longitude: 2, name: 'Far Quay' } });
		frame({ note: 'The gull left', caption: 'Tide, going', givenTo: 'the neighbour' });
		expect(found('zugbrucke')).toEqual([1]);
		expect(found('BRÜCKE nebel')).toEqual([1]);
		expect(found('quay')).toEqual([1]);
		expect(found('going, neighbour')).toEqual([2]);
		expect(found('gull quay')).toEqual([]);
		expect(found('old box samphire')).toEqual([1, 2]);
		expect(found('gu')).toEqual([2]);
		expect(found('...')).toEqual([1, 2]);
	});

	it('by their own running number and by no number that only begins like it', () => {
		for (let at = 0; at < 12; at++) frame({});
		expect(found('82')).toEqual([3]);
		expect(found('no. 82')).toEqual([3]);
		expect(found('8')).toEqual([8]);
	});

	it('in scripts that have no spaces, by one letter of them too', () => {
		frame({ subject: '写ルンです' });
		frame({ subject: 'ทะเลตอนเช้า' });
		expect(found('写')).toEqual([1]);
		expect(found('ルンで')).toEqual([1]);
		expect(found('ตอน')).toEqual([2]);
	});

	it('by what is true of them now', () => {
		const id = frame({ subject: 'heron' });
		tables.frames.replace(id, 1, { ...tables.frames.get(id)!, subject: 'egret' });
		expect(found('heron')).toEqual([]);
		expect(found('egret')).toEqual([1]);
		const { id: _, version, ...camera } = tables.cameras.get(cameraId)!;
		tables.cameras.replace(cameraId, version, { ...camera, name: 'Wedge' });
		expect(found('wedge')).toEqual([1]);
		expect(found('box')).toEqual([]);
		const { id: __, version: one, ...load } = tables.loads.get(loadId)!;
		tables.loads.replace(loadId, one, { ...load, countsFrom: 501 });
		expect(found('501')).toEqual([1]);
		tables.frames.remove(id);
		expect(found('egret')).toEqual([]);
		database.exec("INSERT INTO words_of_frames (words_of_frames, rank) VALUES ('integrity-check', 1)");
		database.exec("INSERT INTO parts_of_words (parts_of_words, rank) VALUES ('integrity-check', 1)");
	});

	it('in the order of time, by days and by how they came out, whatever the zone that was said', () => {
		const judged = (stops: number) => ({
			stops,
			sd: 0.3,
			by: 'eye' as const,
			judgedAt: '2026-06-01T10:00:00Z'
		});
		frame({ takenAt: '2026-05-02T16:00:00-05:00', judged: judged(-1) });
		frame({ takenAt: '2026-05-02T23:30:00+09:00', judged: judged(1 / 3) });
		const { items } = tables.search.page({ state: 'any', order: 'oldest' }, 10, 0);
		expect(items.map((each) => each.number)).toEqual([2, 1]);
		expect(found('', { from: '2026-05-02T15:00:00Z' })).toEqual([1]);
		expect(found('', { before: '2026-05-02T15:00:00Z' })).toEqual([2]);
		expect(found('', { out: 'dark' })).toEqual([1]);
		expect(found('', { out: 'right' })).toEqual([2]);
		expect(found('', { out: 'light' })).toEqual([]);
		const listed = tables.frames.page({ limit: 10, filters: { from: '2026-05-02T15:00:00+00:00' } })!;
		expect(listed.items.map((each) => each.number)).toEqual([1]);
	});

	it('by any word that they were given, and nothing that is typed is an error', () => {
		fc.assert(
			fc.property(words, fc.string({ maxLength: 60 }), (word, typed) => {
				database.exec('DELETE FROM frames');
				number = 0;
				frame({ note: `before ${word} behind` });
				expect(found(word)).toEqual([1]);
				expect(() => found(typed)).not.toThrow();
			}),
			{ numRuns: draws(100) }
		);
	});
});
