import Database from 'better-sqlite3';
import { copyFileSync, existsSync, linkSync, renameSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { DATABASE_FILE } from '../database/open';
import { newerInWords } from '../database/migrate';
import { whatIsWrong } from '../database/whose';
import { copyChecked, settled, settledList } from './copy';

const INCOMING = `incoming-${DATABASE_FILE}`;

/** A backup that cannot be put in the database's place, with a word for whoever asked for it. */
export class NotRestored extends Error {}

/** Writes everything into the one file, so that its helpers can go; what is damaged stays as it is. */
function madeOneFile(file: string): void {
	try {
		const database = new Database(file);
		database.pragma('wal_checkpoint(TRUNCATE)');
		database.close();
	} catch (error) {
		if (!(error instanceof Database.SqliteError)) throw error;
	}
}

/**
 * Copies a backup into the data folder, to be put in the database's place.
 *
 * @returns why it cannot be, in words: it is not there, not ours, damaged, or of a newer program; null where it was copied
 */
export async function bringIn(folder: string, file: string): Promise<string | null> {
	if (!existsSync(file)) return `There is no file ${file}.`;
	const wrong = whatIsWrong(file);
	if (wrong && wrong.what !== 'not to be written') return `${file} ${wrong.words}. Nothing was restored.`;
	await copyChecked(file, join(folder, INCOMING));
	const copy = new Database(join(folder, INCOMING), { readonly: true });
	const newer = newerInWords(copy);
	copy.close();
	if (newer) forgetIncoming(folder);
	return newer ? `${file} was ${newer}. Nothing was restored.` : null;
}

/** Gives a file a second name; a file system that has no such thing gets a copy. */
function alsoNamed(file: string, name: string): void {
	try {
		linkSync(file, name);
	} catch {
		copyFileSync(file, name);
		settled(name);
	}
}

/**
 * Puts what was brought in into the database's place; the present one is moved aside, never deleted. At no moment is there
 * no database. Nobody may have it open.
 *
 * @returns the file that was moved aside; null where there was none
 */
export function putInPlace(folder: string): string | null {
	const file = join(folder, DATABASE_FILE);
	let aside: string | null = null;
	if (existsSync(file)) {
		madeOneFile(file);
		aside = join(folder, `before-${new Date().toISOString().replace(/[:.]/g, '-')}-${DATABASE_FILE}`);
		alsoNamed(file, aside);
		for (const helper of ['-wal', '-shm']) {
			if (existsSync(file + helper)) renameSync(file + helper, aside + helper);
		}
	}
	renameSync(join(folder, INCOMING), file);
	settledList(folder);
	return aside;
}

/** Takes away what was brought in and not put in place, as when the program ended between. */
export const forgetIncoming = (folder: string): void => rmSync(join(folder, INCOMING), { force: true });
