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

/** Why a file cannot be taken for our database. */
export interface Wrong {
	what: 'foreign' | 'not to be written' | 'damaged';
	/** Behind the file's name. */
	words: string;
}

/** What is wrong inside a file that is a database; null where nothing is. */
function wrongInside(file: string, id: number): Wrong | null {
	const damaged = (found: string): Wrong => ({ what: 'damaged', words: `is damaged (${found})` });
	try {
		return readOnly(file, (database) => {
			if (id === 0 && !isOfBefore(database))
				return { what: 'foreign', words: 'is the database of another program' };
			const found = damageOf(database);
			return found === '' ? null : damaged(found);
		});
	} catch (error) {
		if (!(error instanceof Database.SqliteError)) throw error;
		return damaged(error.message);
	}
}

/** What is wrong with a file that should be a database of ours; null where nothing is. It is not touched. */
export function whatIsWrong(file: string): Wrong | null {
	const { mode, size } = statSync(file);
	const header = size === 0 ? Buffer.alloc(0) : headerOf(file);
	if (header.toString('latin1', 0, MAGIC.length) !== MAGIC)
		return { what: 'foreign', words: 'is no SQLite database' };
	const id = header.length >= HEADER ? header.readUInt32BE(APPLICATION_ID_AT) : 0;
	if (id !== 0 && id !== APPLICATION_ID)
		return { what: 'foreign', words: 'is the database of another program' };
	if ((mode & WRITABLE) === 0) return { what: 'not to be written', words: 'may not be written' };
	return wrongInside(file, id);
}

const cures: Readonly<Record<Wrong['what'], string>> = {
	foreign: 'It was not touched. Name another folder with --data, or move the file away.',
	'not to be written': 'Make it writable (chmod u+w), or copy it elsewhere.',
	damaged:
		'It was not touched. Put a backup in its place with --restore, or begin anew with --fresh, which moves it aside.'
};

/**
 * Looks at a database file before anything writes to it.
 *
 * @throws Error naming the file and what to do, where it is another program's, damaged, or not to be written
 */
export function lookedThrough(file: string): void {
	if (!existsSync(file) || statSync(file).size === 0) return;
	const wrong = whatIsWrong(file);
	if (wrong) throw new Error(`${file} ${wrong.words}. ${cures[wrong.what]}`);
}
