import Database from 'better-sqlite3';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { cameraRecordSchema, frameRecordSchema, outingRecordSchema } from '$contract/records';
import { check } from '$contract/validate';
import type { Camera } from '$core/camera';
import { foldingInstant } from '../../../tests/fixtures/automatic';
import { colourNegative400, fixedCamera, steppedCamera } from '../../../tests/fixtures/bag';
import { migrate } from './migrate';
import { tablesOf, type Tables } from './tables';

/** The last version of the tables before frames said whose their time was. */
const BEFORE = 9;

const ids = {
	nd: '5f0e4b1c-0d5a-4a77-9f3e-2b1c9d8e7f60',
	twin: '5f0e4b1c-0d5a-4a77-9f3e-2b1c9d8e7f61',
	otherTwin: '5f0e4b1c-0d5a-4a77-9f3e-2b1c9d8e7f62',
	torch: '5f0e4b1c-0d5a-4a77-9f3e-2b1c9d8e7f63',
	film: '5f0e4b1c-0d5a-4a77-9f3e-2b1c9d8e7f64',
	outing: '5f0e4b1c-0d5a-4a77-9f3e-2b1c9d8e7f65',
	scene: '5f0e4b1c-0d5a-4a77-9f3e-2b1c9d8e7f66'
};
const idOf = (kind: 'a' | 'b' | 'c', number: number) =>
	`00000000-0000-4000-${kind}000-${String(number).padStart(12, '0')}`;

let database: Database.Database;
let tables: Tables;
let made = 0;

const insert = (table: string, row: Record<string, string | number | null>) => {
	const names = Object.keys(row);
	database
		.prepare(
			`INSERT INTO ${table} (${names.join(', ')}) VALUES (${names.map((name) => `@${name}`).join(', ')})`
		)
		.run(row);
};

beforeEach(() => {
	database = new Database(':memory:');
	migrate(database, BEFORE);
	const gear = (id: string, record: { type: string; name: string; [more: string]: unknown }) =>
		insert('gear', { id, version: 1, kind: record.type, name: record.name, body: JSON.stringify(record) });
	gear(ids.nd, { type: 'filter', name: 'ND 0.6', stops: 2, kind: 'neutral' });
	gear(ids.twin, { type: 'filter', name: 'Yellow', stops: 1 });
	gear(ids.otherTwin, { type: 'filter', name: 'Yellow', stops: 1.5 });
	gear(ids.torch, { type: 'flash', name: 'Torch', guideNumber: 20, powers: [1] });
	const film = JSON.stringify(colourNegative400);
	insert('films', { id: ids.film, version: 1, name: 'Film 400', archived: 0, body: film });
});

afterEach(() => database.close());

/** A frame as it was kept then, of a camera of its own; with how it was kept, its id. */
function olderFrame(camera: Camera, seconds: number, more: object = {}, spoilers: string[] = []): string {
	made += 1;
	const [cameraId, loadId, id] = [idOf('a', made), idOf('b', made), idOf('c', made)];
	const body = (record: object) => JSON.stringify(record);
	insert('cameras', { id: cameraId, version: 1, name: camera.name, archived: 0, body: body(camera) });
	const load = { cameraId, filmId: ids.film, frames: 12, loadedAt: '2026-05-02T10:00:00+01:00' };
	insert('loads', {
		id: loadId,
		version: 1,
		camera_id: cameraId,
		film_id: ids.film,
		loaded_at: load.loadedAt,
		in_camera: 1,
		body: body(load)
	});
	const set = { f: 8, seconds, compensation: null, iso: null, position: null };
	const frame = {
		loadId,
		number: 1,
		takenAt: '2026-05-02T10:30:00+01:00',
		light: { ev: 12 },
		settings: set,
		predicted: {
			...set,
			error: 0.44,
			verdict: 'just-enough',
			chances: { good: 0.9, usable: 0.99 },
			clamped: null,
			secondsRange: [seconds, seconds],
			spoilers,
			focus: null,
			sharp: { from: 2, to: null }
		},
		...more
	};
	insert('frames', {
		id,
		version: 3,
		load_id: loadId,
		number: 1,
		taken_at: frame.takenAt,
		body: body(frame)
	});
	return id;
}

function migrated(): void {
	migrate(database);
	tables = tablesOf(database);
}

const recordOf = <T extends { id: string; version: number }>(kept: T | undefined) => {
	const { id: _, version: _version, ...record } = kept!;
	return record;
};

describe('frames that were kept before', () => {
	const bulb = { longest: 60 };
	const lever = {
		positions: [
			{ label: 'sun', seconds: 1 / 100 },
			{ label: 'night', seconds: 2 }
		]
	};

	// By definition: bulb is the hand's, a shutter's own speed is not, and an eye within its range was the eye's.
	it.each<[string, Camera, number, boolean]>([
		['a box with bulb, held for 4 s', fixedCamera({ bulb: true }), 4, true],
		['the same at its own speed', fixedCamera({ bulb: true }), 1 / 100, false],
		['a camera without bulb', fixedCamera(), 4, false],
		['bulb beyond its longest', fixedCamera({ bulb }), 300, false],
		['marks and bulb, between the marks', steppedCamera({ bulb: true }), 2, true],
		['marks and bulb, at a mark', steppedCamera({ bulb: true }), 1 / 60, false],
		['an eye with bulb, within its range', foldingInstant({ bulb }), 2, false],
		['an eye with bulb, beyond its range', foldingInstant({ bulb }), 30, true],
		['an eye with bulb, at its end', foldingInstant({ bulb }), 14, false],
		['a lever that gives the time itself', fixedCamera({ bulb, ...lever }), 2, false],
		['a lever and bulb between', fixedCamera({ bulb, ...lever }), 3, true]
	])('say whose their time was: %s', (_, camera, seconds, byHand) => {
		const id = olderFrame(camera, seconds);
		migrated();
		const { settings, predicted } = tables.frames.get(id)!;
		expect([settings.handTimed, predicted!.handTimed]).toEqual([byHand, byHand]);
	});

	it('say what spoiled them, and that nobody knows how badly', () => {
		const id = olderFrame(fixedCamera(), 1 / 100, {}, ['shake', 'near']);
		const other = olderFrame(fixedCamera(), 1 / 100);
		migrated();
		expect(tables.frames.get(id)!.predicted!.spoilers).toEqual([
			{ kind: 'shake', by: null },
			{ kind: 'near', by: null }
		]);
		expect(tables.frames.get(other)!.predicted!.spoilers).toEqual([]);
	});

	it('name the records of their filters and flash, where it can be known which', () => {
		const filters = [
			{ name: 'ND 0.6', stops: 2 },
			{ name: 'Yellow', stops: 1 },
			{ name: 'sold long ago', stops: 3 }
		];
		const flash = { guideNumber: 18, power: 0.5, name: 'Torch' };
		const id = olderFrame(fixedCamera(), 1 / 100, { filters, flash });
		const plain = olderFrame(fixedCamera(), 1 / 100, { flash: true });
		migrated();
		expect(tables.frames.get(id)).toMatchObject({
			filters: [{ ...filters[0], id: ids.nd }, filters[1], filters[2]],
			flash: { ...flash, id: ids.torch }
		});
		expect(tables.frames.get(plain)!.flash).toBe(true);
	});

	it('are what today’s contract takes, with the version that they had', () => {
		const filters = [{ name: 'ND 0.6', stops: 2 }];
		const id = olderFrame(foldingInstant({ bulb }), 30, { filters }, ['motion']);
		migrated();
		const kept = tables.frames.get(id)!;
		expect(kept.version).toBe(3);
		expect(check(frameRecordSchema, recordOf(kept), 'refuse')).toMatchObject({ ok: true });
	});
});

describe('what was packed and what goes with a camera', () => {
	it('carries copies and ids instead of names', () => {
		const scene = {
			id: ids.scene,
			name: 'Lanterns',
			at: '21:00',
			light: { by: 'ev', ev: 4, sd: 1 },
			frames: 4
		};
		const take = { cameraId: idOf('a', 1), filmId: ids.film, handheld: false };
		const packed = { ...take, filters: ['ND 0.6', 'sold long ago'] };
		const outing = {
			name: 'Walk',
			date: '2026-05-02',
			where: { latitude: 54.62, longitude: -4.21 },
			scenes: [
				{ ...scene, take: packed },
				{ ...scene, id: ids.nd, take },
				{ ...scene, id: ids.twin }
			]
		};
		insert('outings', { id: ids.outing, version: 1, date: outing.date, body: JSON.stringify(outing) });
		const camera = { ...fixedCamera(), flashes: ['Torch', 'lent'] };
		insert('cameras', {
			id: idOf('a', 999),
			version: 1,
			name: 'One',
			archived: 0,
			body: JSON.stringify(camera)
		});
		migrated();
		const kept = recordOf(tables.outings.get(ids.outing));
		expect(kept.scenes.map((each) => each.take?.filters)).toEqual([
			[{ id: ids.nd, name: 'ND 0.6', stops: 2, kind: 'neutral' }],
			undefined,
			undefined
		]);
		expect(check(outingRecordSchema, kept, 'refuse')).toMatchObject({ ok: true });
		const body = recordOf(tables.cameras.get(idOf('a', 999)));
		expect(body.flashes).toEqual([ids.torch]);
		expect(check(cameraRecordSchema, body, 'refuse')).toMatchObject({ ok: true });
	});
});
