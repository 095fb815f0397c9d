import Database from 'better-sqlite3';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { migrate } from './migrate';

const first = {
	number: 1,
	sql: `CREATE TABLE owners (id TEXT PRIMARY KEY, name TEXT NOT NULL);
		CREATE TABLE things (id TEXT PRIMARY KEY, owner_id TEXT NOT NULL REFERENCES owners (id) ON DELETE RESTRICT);
		INSERT INTO owners VALUES ('a', 'Ada'), ('b', 'Bea');
		INSERT INTO things VALUES ('x', 'a'), ('y', 'b');`
};
/** A table that others refer to is made anew, the way SQLite's documentation of ALTER TABLE describes. */
const rebuilding = {
	number: 2,
	sql: `CREATE TABLE new_owners (n INTEGER PRIMARY KEY, id TEXT NOT NULL UNIQUE, name TEXT NOT NULL) STRICT;
		INSERT INTO new_owners (id, name) SELECT id, name FROM owners;
		DROP TABLE owners;
		ALTER TABLE new_owners RENAME TO owners;`
};
const losing = { number: 2, sql: rebuilding.sql.replace('FROM owners', "FROM owners WHERE id = 'a'") };

let database: Database.Database;
beforeEach(() => {
	database = new Database(':memory:');
	database.pragma('foreign_keys = ON');
	migrate(database, 1, [first]);
});
afterEach(() => database.close());

describe('a migration', () => {
	it('can rebuild a table that others refer to', () => {
		migrate(database, 2, [first, rebuilding]);
		expect(database.prepare('SELECT * FROM owners').all()).toHaveLength(2);
		expect(() => database.exec("DELETE FROM owners WHERE id = 'a'")).toThrow(/FOREIGN KEY/);
		expect(() => database.exec("INSERT INTO things VALUES ('z', 'nobody')")).toThrow(/FOREIGN KEY/);
	});

	it('that leaves rows without what they refer to is taken back whole', () => {
		expect(() => migrate(database, 2, [first, losing])).toThrow(/1 rows of things/);
		expect(database.prepare('SELECT * FROM owners').all()).toHaveLength(2);
		expect(database.pragma('user_version', { simple: true })).toBe(1);
		expect(database.pragma('foreign_keys', { simple: true })).toBe(1);
	});
});
