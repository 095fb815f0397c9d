import Database from 'better-sqlite3';
import { closeSync, fsyncSync, openSync, renameSync, rmSync } from 'node:fs';
import { dirname } from 'node:path';
import { UNFINISHED } from './folder';

/** More pages than any database has: all of them in one step, so that nobody's writing begins it anew. */
const ALL_PAGES = 0x7fff_ffff;

/** How many rows each table has. */
export type Counts = Record<string, number>;

function countsOf(database: Database.Database): Counts {
	const tables = database.prepare<[], { name: string }>(
		`SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite!_%' ESCAPE '!' ORDER BY name`
	);
	const count = (name: string) =>
		(database.prepare(`SELECT count(*) AS n FROM "${name}"`).get() as { n: number }).n;
	return Object.fromEntries(tables.all().map(({ name }) => [name, count(name)]));
}

/** Sees to it that a file is on the disk. */
export function settled(path: string): void {
	const handle = openSync(path, 'r+');
	try {
		fsyncSync(handle);
	} finally {
		closeSync(handle);
	}
}

/** Sees to it that what a folder lists is on the disk, where a system has such a thing. */
export function settledList(folder: string): void {
	try {
		const handle = openSync(folder, 'r');
		fsyncSync(handle);
		closeSync(handle);
	} catch {
		// Some systems open no folders: they keep their lists in order themselves.
	}
}

/** Makes a copy one file that stands alone, and looks through all of it. */
function checked(file: string, wanted: Counts): void {
	const copy = new Database(file);
	try {
		copy.pragma('journal_mode = DELETE');
		const found = copy.pragma('integrity_check(1)', { simple: true }) as string;
		if (found !== 'ok') throw new Error(`The copy is damaged: ${found}`);
		const counts = countsOf(copy);
		const other = Object.keys(wanted).find((table) => counts[table] !== wanted[table]);
		if (other) throw new Error(`The copy has ${counts[other]} rows of ${other}, not ${wanted[other]}.`);
	} finally {
		copy.close();
	}
}

/**
 * Copies a database by SQLite's own online backup, whoever writes to it meanwhile, and looks through the copy: the file
 * has its name only when it is whole and on the disk.
 *
 * @param source a database file, open elsewhere or not
 * @param target the copy; replaced where it is there
 * @throws Error in words where it cannot be read, written or trusted; then there is no new file
 */
export async function copyChecked(source: string, target: string): Promise<Counts> {
	const unfinished = `${target}${UNFINISHED}`;
	rmSync(unfinished, { force: true });
	const from = new Database(source, { fileMustExist: true });
	try {
		// One look at the source: what is counted is what is copied.
		from.exec('BEGIN');
		const counts = countsOf(from);
		await from.backup(unfinished, { progress: () => ALL_PAGES });
		from.exec('COMMIT');
		checked(unfinished, counts);
		settled(unfinished);
		renameSync(unfinished, target);
		settledList(dirname(target));
		return counts;
	} catch (error) {
		rmSync(unfinished, { force: true });
		throw error;
	} finally {
		from.close();
	}
}
