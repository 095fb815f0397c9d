import Database from 'better-sqlite3';
import { existsSync, mkdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { migrate, willMigrate } from './migrate';
import { lookedThrough } from './whose';

const PATIENCE_MS = 100;

export const DATABASE_FILE = 'just-enough.sqlite';

/**
 * Opens the database of a data folder, creating both where they are missing, and brings its tables
 * up to date.
 *
 * @param folder where the person's data lies
 * @param looked whether the file was looked through just now: that takes seconds where there are years of frames
 * @throws Error in words where the file is another program's, damaged or not to be written; then nothing was
 */
export function openDatabase(folder: string, looked = false): Database.Database {
	mkdirSync(folder, { recursive: true });
	const file = join(folder, DATABASE_FILE);
	if (!looked) lookedThrough(file);
	// Whoever writes elsewhere is waited for this long and no longer: everybody else waits, too.
	const database = new Database(file, { timeout: PATIENCE_MS });
	database.pragma('journal_mode = WAL');
	// "Saved" must survive a power cut, not only a crash: WAL with FULL syncs at every commit.
	database.pragma('synchronous = FULL');
	database.pragma('foreign_keys = ON');
	migrate(database);
	return database;
}

/**
 * Whether the database of a data folder is of an earlier version, whose tables will be changed when it is opened.
 *
 * @returns null where there is none yet
 * @throws Error in words as `openDatabase`
 */
export function isOlder(folder: string): boolean | null {
	const file = join(folder, DATABASE_FILE);
	if (!existsSync(file) || statSync(file).size === 0) return null;
	lookedThrough(file);
	const database = new Database(file);
	try {
		return willMigrate(database);
	} finally {
		database.close();
	}
}

/** Closes a database so that its one file is all of it. */
export function closeDatabase(database: Database.Database): void {
	database.pragma('wal_checkpoint(TRUNCATE)');
	database.close();
}
