import Ajv from 'ajv/dist/2020';
import fc from 'fast-check';
import { strFromU8, unzipSync } from 'fflate';
import { execFileSync } from 'node:child_process';
import { readdirSync, readFileSync, readlinkSync } from 'node:fs';
import { v4 as uuid } from 'uuid';
import { describe, expect, it } from 'vitest';
import { archiveSchema } from '$contract/openapi/archive';
import type { FrameRecord, LoadRecord } from '$contract/records';
import { anyCameras, films } from '../../../tests/fixtures/arbitraries';
import { fixedCamera, filmOf } from '../../../tests/fixtures/bag';
import { draws } from '../../../tests/fixtures/few';
import {
	contentOf,
	folder,
	grey,
	NOW,
	on,
	packed,
	tableOf,
	talliesOf
} from '../../../tests/fixtures/folders';
import { soundRecords } from '../../../tests/fixtures/hostile';
import type { Tables } from '../database/tables';
import { kinds } from './form';
import { lookThrough, takeArchive } from './task';
import { archiveOf } from './write';

/** Kinds that name no other, as they are kept. */
const plain = ['gear', 'places', 'recipes', 'readings', 'exercises', 'outings'] as const;
const texts = fc
	.string({ unit: 'grapheme', minLength: 1, maxLength: 20 })
	.map((text) => text.replace(/\p{C}/gu, 'x'));
const offsets = fc.constantFrom('Z', '+09:00', '-05:30', '+12:45');
const instants = fc
	.tuple(fc.date({ min: new Date('1990-01-01'), max: new Date('2089-12-31'), noInvalidDate: true }), offsets)
	.map(([date, offset]) => `${date.toISOString().slice(0, 19)}${offset}`);

const logbooks = fc.record({
	cameras: fc.array(anyCameras, { minLength: 1, maxLength: 3 }),
	films: fc.array(films, { minLength: 1, maxLength: 2 }),
	loads: fc.array(
		fc.record({ camera: fc.nat(), film: fc.nat(), loadedAt: instants, note: texts, rig: fc.boolean() }),
		{ maxLength: 4 }
	),
	frames: fc.array(
		fc.record({ load: fc.nat(), takenAt: instants, note: texts, subject: texts, again: fc.boolean() }),
		{ maxLength: 8 }
	),
	plain: fc.subarray([...plain]),
	pictures: fc.array(fc.nat(), { maxLength: 3 })
});
type Logbook = typeof logbooks extends fc.Arbitrary<infer T> ? T : never;

const [frameLike] = soundRecords.frames as FrameRecord[];

/** Writes a drawn logbook; how many of each kind there are. */
function written(data: string, book: Logbook): void {
	on(data, (tables) => {
		const ids = (count: number) => Array.from({ length: count }, () => uuid());
		const [cameras, film, loads] = [ids(book.cameras.length), ids(book.films.length), ids(book.loads.length)];
		const created = (result: { result: string }) => expect(result).toMatchObject({ result: 'created' });
		book.cameras.forEach((camera, at) => created(tables.cameras.create(cameras[at], camera)));
		book.films.forEach((each, at) => created(tables.films.create(film[at], each)));
		for (const kind of book.plain)
			for (const record of soundRecords[kind]) created(tableOf(tables, kind).create(uuid(), record));
		book.loads.forEach(({ camera, film: which, loadedAt, note, rig }, at) => {
			const cameraId = cameras[camera % cameras.length];
			const load: LoadRecord = { cameraId, filmId: film[which % film.length], frames: 20, loadedAt, note };
			created(
				tables.loads.create(loads[at], {
					...load,
					unloadedAt: loadedAt,
					...(rig ? { rig: { support: true } } : {})
				})
			);
		});
		const owners = [...cameras];
		book.frames.forEach(({ load, again, ...said }, at) => {
			if (loads.length === 0) return;
			const frame = { ...frameLike, ...said, loadId: loads[load % loads.length], number: at + 1 };
			const id = uuid();
			owners.push(id);
			created(tables.frames.create(id, frame));
			if (again) tables.frames.replace(id, 1, { ...frame, note: `${said.note}!` });
		});
		book.pictures.forEach((which) => {
			const at = which % owners.length;
			const owner = at < cameras.length ? ('camera' as const) : ('frame' as const);
			const told = { name: 'a.png', type: 'image/png', width: 8, height: 6, addedAt: NOW.toISOString() };
			tables.pictures.add({
				...told,
				id: uuid(),
				owner,
				ownerId: owners[at],
				original: grey,
				thumbnail: grey
			});
		});
	});
}
const withoutThumbnails = (content: ReturnType<typeof contentOf>) => ({
	...content,
	pictures: content.pictures.map((picture) => ({ ...(picture as object), thumbnail: null }))
});
describe('an archive', () => {
	it('brings everything back record by record, and changes nothing the second time', async () => {
		await fc.assert(
			fc.asyncProperty(logbooks, async (book) => {
				const [from, to] = [folder(), folder()];
				written(from, book);
				on(to, () => undefined);
				const zip = await packed(from);
				const looked = talliesOf(await lookThrough(zip, to));
				expect(looked).toMatchObject({ same: 0, conflicting: 0, unreadable: 0 });
				expect(looked.new).toBeGreaterThan(0);
				expect(talliesOf(await takeArchive(zip, to, 'keep'))).toEqual(looked);
				const [there, here] = [from, to].map((data) => withoutThumbnails(contentOf(data)));
				expect(here).toEqual(there);
				expect(talliesOf(await lookThrough(zip, to))).toEqual({
					new: 0,
					same: looked.new,
					conflicting: 0,
					unreadable: 0
				});
				expect(talliesOf(await takeArchive(zip, to, 'take')).new).toBe(0);
				expect(withoutThumbnails(contentOf(to))).toEqual(there);
			}),
			{ numRuns: draws(15) }
		);
	}, 60_000);

	it('is a zip for other programs, with a table, a schema that holds and a word for whoever finds it', async () => {
		const from = folder();
		const [cameraId, filmId, loadId] = [uuid(), uuid(), uuid()];
		on(from, (tables) => {
			tables.cameras.create(cameraId, fixedCamera({ name: '写ルン/です?' }));
			tables.films.create(filmId, filmOf('bw-negative', 125));
			tables.loads.create(loadId, { cameraId, filmId, frames: 8, loadedAt: '2026-05-02T10:00:00Z' });
			for (const number of [1, 2]) {
				const id = uuid();
				tables.frames.create(id, {
					...frameLike,
					loadId,
					number,
					subject: ' =SUM(A1:A9)',
					note: 'said "so",\nand left'
				});
				const told = { name: 'a.png', type: 'image/png', width: 8, height: 6, addedAt: NOW.toISOString() };
				tables.pictures.add({
					...told,
					id: uuid(),
					owner: 'frame',
					ownerId: id,
					original: grey,
					thumbnail: grey
				});
			}
		});
		const zip = await packed(from);
		// Read by Python's zipfile and csv.
		const script = `import csv, io, json, sys, zipfile
z = zipfile.ZipFile(sys.argv[1]); assert z.testzip() is None
rows = list(csv.DictReader(io.StringIO(z.read('frames.csv').decode('utf-8'), newline='')))
print(json.dumps({'names': z.namelist(), 'rows': rows}))`;
		const { names, rows } = JSON.parse(execFileSync('python3', ['-c', script, zip], { encoding: 'utf8' }));
		expect(names).toEqual([
			...['README.txt', 'records.schema.json', 'records.json', 'frames.csv'],
			'pictures/2026-05-02 写ルン です, Film 125/01 =SUM(A1 A9).png',
			'pictures/2026-05-02 写ルン です, Film 125/02 =SUM(A1 A9).png'
		]);
		expect(rows).toHaveLength(2);
		expect(rows[0]).toMatchObject({
			Camera: '写ルン/です?',
			Frame: '1',
			Subject: "' =SUM(A1:A9)",
			Note: 'said "so",\nand left'
		});
		const files = unzipSync(readFileSync(zip));
		const valid = new Ajv({ strict: false, logger: false }).compile(
			JSON.parse(strFromU8(files['records.schema.json']))
		);
		expect(valid(JSON.parse(strFromU8(files['records.json']))), JSON.stringify(valid.errors)).toBe(true);
		expect(archiveSchema.properties.records.required).toEqual([...kinds]);
		expect(strFromU8(files['README.txt'])).toContain('2 frames');
	});

	it('merges: what is here stays or gives way as one says, and what cannot stand beside it finds room', async () => {
		const [from, to] = [folder(), folder()];
		const [cameraId, filmId] = [uuid(), uuid()];
		const [theirs, mine, shared] = [uuid(), uuid(), uuid()];
		const bag = (tables: Tables) => {
			tables.cameras.create(cameraId, fixedCamera({ name: 'Shared' }));
			tables.films.create(filmId, filmOf('bw-negative', 125));
		};
		const load = { cameraId, filmId, frames: 8, loadedAt: '2026-05-02T10:00:00Z' };
		on(from, (tables) => {
			bag(tables);
			tables.loads.create(theirs, load);
			tables.frames.create(uuid(), {
				...frameLike,
				loadId: theirs,
				number: 1,
				takenAt: '2026-05-04T10:00:00Z'
			});
			tables.places.create(shared, { name: 'Theirs', latitude: 1, longitude: 2 });
		});
		on(to, (tables) => {
			bag(tables);
			tables.loads.create(mine, load);
			tables.places.create(shared, { name: 'Mine', latitude: 1, longitude: 2 });
		});
		const zip = await packed(from);
		expect(talliesOf(await lookThrough(zip, to))).toEqual({ new: 2, same: 2, conflicting: 1, unreadable: 0 });
		await takeArchive(zip, to, 'keep');
		on(to, (tables) => {
			expect(tables.places.get(shared)).toMatchObject({ name: 'Mine', version: 1 });
			expect(tables.loads.get(theirs)).toMatchObject({ unloadedAt: '2026-05-04T10:00:00Z' });
			expect(tables.loads.get(mine)?.unloadedAt).toBeUndefined();
		});
		await takeArchive(zip, to, 'take');
		const taken = () =>
			on(to, (tables) => expect(tables.places.get(shared)).toMatchObject({ name: 'Theirs', version: 2 }));
		taken();
		const before = contentOf(to);
		await takeArchive(zip, to, 'take');
		taken();
		expect(contentOf(to)).toEqual(before);
	});
});

describe('an archive that nobody takes to its end', () => {
	/** Files of a folder that this process holds open. Source: Linux, proc(5). */
	const heldOpen = (data: string) =>
		readdirSync('/proc/self/fd').filter((handle) => {
			try {
				return readlinkSync(`/proc/self/fd/${handle}`).startsWith(data);
			} catch {
				return false;
			}
		}).length;

	it('is given up without a word, wherever it is left, and lets go of the database', async () => {
		const data = folder();
		on(data, ({ places }) => {
			// More than are read at once, so that it is left while more of them is being read.
			for (let at = 0; at < 900; at++)
				places.create(uuid(), { name: `Place ${at} ${uuid()}`, latitude: 50, longitude: at / 10 });
		});
		for (let chunks = 1; chunks <= 12; chunks++) {
			let left = chunks;
			for await (const { length } of archiveOf(data, NOW)) if (length > 0 && --left === 0) break;
		}
		await expect.poll(() => heldOpen(data)).toBe(0);
	});
});
