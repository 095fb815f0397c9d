import Database from 'better-sqlite3';
import { closeSync, existsSync, openSync, readSync, rmSync, statSync } from 'node:fs';

/** How every SQLite file begins, and where it says whose it is. Source: the SQLite file format, section 1.3. */
const MAGIC = 'SQLite format 3\0';
const HEADER = 100;
const APPLICATION_ID_AT = 68;
/** "JEnf"; set by a migration, so that files of before have none. */
export const APPLICATION_ID = 0x4a456e66;
/** A table that every version of ours has had. */
const OWN_TABLE = 'loads';
const WRITABLE = 0o222;

function headerOf(file: string): Buffer {
	const header = Buffer.alloc(HEADER);
	const handle = openSync(file, 'r');
	try {
		return header.subarray(0, readSync(handle, header, 0, HEADER, 0));
	} finally {
		closeSync(handle);
	}
}

/** Whether a file without a mark was made by an earlier version of this program, or is still empty. */
function isOfBefore(database: Database.Database): boolean {
	const tables = database.prepare<[], { name: string }>(
		`SELECT name FROM sqlite_master WHERE type = 'table'`
	);
	const names = tables.all().map(({ name }) => name);
	const seen = database.pragma('user_version', { simple: true }) as number;
	return names.length === 0 ? seen === 0 : seen > 0 && names.includes(OWN_TABLE);
}

/**
 * Opens a database to be read, and leaves nothing beside it: SQLite makes its two helping files even for a
 * reader, and a reader does not take them away again.
 */
function readOnly<T>(file: string, look: (database: Database.Database) => T): T {
	const helpers = [`${file}-wal`, `${file}-shm`].filter((helper) => !existsSync(helper));
	const database = new Database(file, { readonly: true });
	try {
		return look(database);
	} finally {
		database.close();
		for (const helper of helpers) rmSync(helper, { force: true });
	}
}

/** What is wrong inside a database; an empty text where nothing is. */
function damageOf(database: Database.Database): string {
	const found = database.pragma('quick_check(1)', { simple: true }) as string;
	return found === 'ok' ? '' : found;
}

/**
 * Looks at a database file before anything writes to it.
 *
 * @throws Error naming the file and what to do, where it is another program's, damaged, or not to be written
 */
export function lookedThrough(file: string): void {
	if (!existsSync(file)) return;
	const { mode, size } = statSync(file);
	if (size === 0) return;
	const header = headerOf(file);
	const notOurs = (why: string) =>
		new Error(`${file} ${why} It was not touched. Name another folder with --data, or move the file away.`);
	if (header.toString('latin1', 0, MAGIC.length) !== MAGIC) throw notOurs('is no SQLite database.');
	const id = header.length >= HEADER ? header.readUInt32BE(APPLICATION_ID_AT) : 0;
	if (id !== 0 && id !== APPLICATION_ID) throw notOurs('is the database of another program.');
	if ((mode & WRITABLE) === 0)
		throw new Error(`${file} may not be written. Make it writable (chmod u+w), or copy it elsewhere.`);
	let damage: string;
	try {
		damage = readOnly(file, (database) => {
			if (id === 0 && !isOfBefore(database)) throw notOurs('is the database of another program.');
			return damageOf(database);
		});
	} catch (error) {
		if (!(error instanceof Database.SqliteError)) throw error;
		damage = error.message;
	}
	if (damage === '') return;
	throw new Error(
		`${file} is damaged (${damage}). It was not touched. Put a backup in its place, or begin anew with --fresh, which moves it aside.`
	);
}
