import Database from 'better-sqlite3';
import { createHash } from 'node:crypto';
import { chmodSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { closeDatabase, DATABASE_FILE, openDatabase } from './open';

let folder: string;
let file: string;
beforeEach(() => {
	folder = mkdtempSync(join(tmpdir(), 'just-enough-whose-'));
	file = join(folder, DATABASE_FILE);
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

/** What there is of a folder, to the byte. */
const everything = () =>
	Object.fromEntries(
		readdirSync(folder).map((name) => [
			name,
			createHash('sha256')
				.update(readFileSync(join(folder, name)))
				.digest('hex')
		])
	);

function refused(saying: RegExp): void {
	const before = everything();
	let message = '';
	try {
		closeDatabase(openDatabase(folder));
	} catch (error) {
		message = (error as Error).message;
	}
	expect(message).toContain(file);
	expect(message).toMatch(saying);
	expect(everything()).toEqual(before);
}

describe('a database file', () => {
	it('is made where there is none, says whose it is, and alone is all of it when it is closed', () => {
		closeDatabase(openDatabase(folder));
		expect(readdirSync(folder)).toEqual([DATABASE_FILE]);
		// Source: the SQLite file format, 1.3: the application's id stands at byte 68.
		expect(readFileSync(file).toString('latin1', 68, 72)).toBe('JEnf');
		closeDatabase(openDatabase(folder));
	});

	it('of another program is refused and not touched', () => {
		const other = new Database(file);
		other.exec('CREATE TABLE songs (title TEXT); INSERT INTO songs VALUES (1)');
		other.close();
		refused(/another program/);
	});

	it('of another program that writes ahead is refused and not touched', () => {
		const other = new Database(file);
		other.pragma('journal_mode = WAL');
		other.exec('CREATE TABLE songs (title TEXT)');
		other.close();
		refused(/another program/);
	});

	it('with the mark of another program is refused by its mark', () => {
		const other = new Database(file);
		other.pragma('application_id = 252006674');
		other.exec('CREATE TABLE loads (id TEXT)');
		other.pragma('user_version = 3');
		other.close();
		refused(/another program/);
	});

	it('that is none is refused', () => {
		writeFileSync(file, 'Dear diary, today I took my camera to the sands and it rained all day long.');
		refused(/no SQLite database/);
	});

	it('that is damaged is refused with what is wrong', () => {
		const database = openDatabase(folder);
		for (let row = 0; row < 200; row++)
			database
				.prepare('INSERT INTO places (id, version, name, body) VALUES (?, 1, ?, ?)')
				.run(`id${row}`, 'x'.repeat(200), '{}');
		closeDatabase(database);
		const bytes = readFileSync(file);
		// Pages beyond the first are overwritten, as a failing disk would.
		bytes.fill(0x5a, 4096 * 3, bytes.length - 4096);
		writeFileSync(file, bytes);
		refused(/damaged .*backup/s);
	});

	it('that may not be written is refused', () => {
		closeDatabase(openDatabase(folder));
		chmodSync(file, 0o444);
		refused(/may not be written/);
	});
});
