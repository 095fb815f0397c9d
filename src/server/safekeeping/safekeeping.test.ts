import Database from 'better-sqlite3';
import fc from 'fast-check';
import {
	chmodSync,
	copyFileSync,
	existsSync,
	mkdirSync,
	mkdtempSync,
	readdirSync,
	readFileSync,
	rmSync,
	writeFileSync
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { fixedCamera } from '../../../tests/fixtures/bag';
import { draws } from '../../../tests/fixtures/few';
import { closeDatabase, DATABASE_FILE, openDatabase } from '../database/open';
import { tablesOf } from '../database/tables';
import { backupsIn, madeAt, nameOf } from './folder';
import { makeBackup } from './make';
import { bringIn, putInPlace } from './restore';
import { safekeeper } from './safekeeper';
import { whichStay } from './which-stay';

const DAY = 86_400_000;
const NOON = Date.UTC(2026, 10, 28, 12);

describe('which backups stay', () => {
	it('is one of each of 7 days, 4 weeks and 12 months that have one, the newest of each', () => {
		const daily = Array.from({ length: 800 }, (_, day) => NOON - day * DAY);
		const stay = whichStay([...daily, NOON - 3600_000]);
		const days = stay.map((at) => new Date(at).toISOString().slice(0, 10));
		// By the calendar: a Saturday; weeks end on Sundays, months on their last day.
		expect(days).toEqual([
			...['2026-11-28', '2026-11-27', '2026-11-26', '2026-11-25', '2026-11-24', '2026-11-23', '2026-11-22'],
			...['2026-11-15', '2026-11-08', '2026-10-31', '2026-09-30', '2026-08-31', '2026-07-31', '2026-06-30'],
			...['2026-05-31', '2026-04-30', '2026-03-31', '2026-02-28', '2026-01-31', '2025-12-31']
		]);
		expect(stay[0]).toBe(NOON);
	});

	it('always has the newest, never more than 23, and is the same asked again', () => {
		const times = fc.array(fc.integer({ min: 0, max: 4e12 }), { minLength: 1, maxLength: 60 });
		fc.assert(
			fc.property(times, (made) => {
				const stay = whichStay(made);
				expect(stay[0]).toBe(Math.max(...made));
				expect(stay.length).toBeLessThanOrEqual(23);
				expect(whichStay(stay)).toEqual(stay);
			}),
			{ numRuns: draws(200) }
		);
	});
});

it('a backup has its time for a name', () => {
	fc.assert(
		fc.property(fc.integer({ min: 0, max: 4e12 }), (at) => {
			expect(madeAt(nameOf(at))).toBe(at);
			expect(nameOf(at)).toMatch(/^[-\w.]+$/);
		})
	);
	expect(madeAt('just-enough.sqlite')).toBeNull();
	expect(madeAt(`${nameOf(0)}.part`)).toBeNull();
});

describe('backups of a database', () => {
	let data: string;
	let database: Database.Database;
	beforeEach(() => {
		data = mkdtempSync(join(tmpdir(), 'safekeeping-'));
		database = openDatabase(data);
	});
	afterEach(() => {
		if (database.open) database.close();
		rmSync(data, { recursive: true, force: true });
	});
	const add = (name: string) => {
		const id = crypto.randomUUID();
		tablesOf(database).cameras.create(id, fixedCamera({ name }));
		return id;
	};
	const namesIn = (file: string) => {
		const other = new Database(file, { readonly: true });
		const rows = other.prepare<[], { name: string }>('SELECT name FROM cameras ORDER BY name').all();
		other.close();
		return rows.map(({ name }) => name);
	};
	const keep = (second: string | null = null) => safekeeper(data, second, makeBackup);

	it('are whole while it is written, stand alone, and are found by the newest first', async () => {
		add('Before');
		const keeper = keep();
		const going = keeper.backUp();
		const writing = setInterval(() => add('Meanwhile'), 0);
		const made = await going;
		clearInterval(writing);
		expect(keeper.failed()).toBeNull();
		expect(namesIn(keeper.fileOf(made!.name)!)).toContain('Before');
		expect(readdirSync(join(data, 'backups'))).toEqual([made!.name]);
		const second = await keeper.backUp();
		expect(keeper.state().backups.map(({ name }) => name)).toEqual([second!.name]);
		expect(namesIn(keeper.fileOf(second!.name)!)).toEqual(namesIn(join(data, DATABASE_FILE)));
		expect(keeper.fileOf('../just-enough.sqlite')).toBeNull();
	});

	it('are made once a day, and what was half done goes', async () => {
		const folder = join(data, 'backups');
		mkdirSync(folder);
		writeFileSync(join(folder, `${nameOf(5)}.part`), 'half');
		writeFileSync(join(folder, 'notes.txt'), 'mine');
		const keeper = keep();
		await keeper.daily();
		await keeper.daily();
		expect(readdirSync(folder).filter((name) => name !== 'notes.txt')).toHaveLength(1);
		expect(existsSync(join(folder, 'notes.txt'))).toBe(true);
	});

	it('go to a second folder, the same to the byte; one that is not there is said, and tried again', async () => {
		const other = join(data, 'other-disk');
		const keeper = keep(other);
		const made = await keeper.backUp();
		expect(keeper.failed()?.why).toContain(other);
		mkdirSync(other);
		await keeper.daily();
		expect(keeper.failed()).toBeNull();
		const [copy] = backupsIn(other);
		expect(copy.at).toBeGreaterThanOrEqual(made!.at);
		expect(readFileSync(join(other, copy.name))).toEqual(readFileSync(keeper.fileOf(copy.name)!));
	});

	it('that cannot be made are said in words, and leave nothing half', async () => {
		writeFileSync(join(data, 'backups'), 'a file where the folder should be');
		const keeper = keep();
		expect(await keeper.backUp()).toBeNull();
		expect(keeper.failed()?.why).toBe('The backup folder can’t be used (EEXIST).');
	});

	it('are put in its place, and what was there is kept aside', async () => {
		add('Then');
		const keeper = keep();
		const { name } = (await keeper.backUp())!;
		add('Later');
		expect(await bringIn(data, keeper.fileOf(name)!)).toBeNull();
		closeDatabase(database);
		const aside = putInPlace(data)!;
		expect(namesIn(join(data, DATABASE_FILE))).toEqual(['Then']);
		expect(namesIn(aside)).toEqual(['Later', 'Then']);
		database = openDatabase(data);
		add('Written again');
	});

	it('are not put in its place where they are damaged, foreign, of a newer program or not there', async () => {
		add('Kept');
		const file = join(data, 'other.sqlite');
		expect(await bringIn(data, file)).toMatch(/There is no file/);
		writeFileSync(file, 'a text');
		expect(await bringIn(data, file)).toMatch(/no SQLite database/);
		const keeper = keep();
		const { name } = (await keeper.backUp())!;
		const whole = readFileSync(keeper.fileOf(name)!);
		whole.fill(0xff, 4096, 12_288);
		writeFileSync(file, whole);
		expect(await bringIn(data, file)).toMatch(/damaged/);
		copyFileSync(keeper.fileOf(name)!, file);
		const newer = new Database(file);
		newer.pragma('user_version = 9999');
		newer.close();
		expect(await bringIn(data, file)).toMatch(/newer version/);
		chmodSync(file, 0o444);
		expect(readdirSync(data).filter((name) => name.startsWith('incoming'))).toEqual([]);
		expect(namesIn(join(data, DATABASE_FILE))).toEqual(['Kept']);
	});
});
