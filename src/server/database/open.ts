import Database from 'better-sqlite3';
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { migrate } from './migrate';

export const DATABASE_FILE = 'just-enough.sqlite';

/**
 * Opens the database of a data folder, creating both where they are missing, and brings its tables
 * up to date.
 *
 * @param folder where the person's data lies
 */
export function openDatabase(folder: string): Database.Database {
	mkdirSync(folder, { recursive: true });
	const database = new Database(join(folder, DATABASE_FILE));
	database.pragma('journal_mode = WAL');
	// "Saved" must survive a power cut, not only a crash: WAL with FULL syncs at every commit.
	database.pragma('synchronous = FULL');
	database.pragma('foreign_keys = ON');
	migrate(database);
	return database;
}
