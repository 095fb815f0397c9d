import { join } from 'node:path';
import Database from 'better-sqlite3';
import { DATABASE_FILE } from '../database/open';
import { readTables, type ReadTables } from '../database/tables';

/**
 * Reads beside the server, where nobody waits for it. The database is opened for each task: what was restored
 * meanwhile is another file.
 *
 * @param folder the data folder
 */
export function reading<T>(folder: string, work: (from: ReadTables) => T): T {
	const database = new Database(join(folder, DATABASE_FILE), { readonly: true });
	try {
		return work(readTables(database));
	} finally {
		database.close();
	}
}
