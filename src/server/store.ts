import { env } from 'node:process';
import type Database from 'better-sqlite3';
import { closeDatabase, isOlder, openDatabase } from './database/open';
import { tablesOf, type Tables } from './database/tables';
import { plantDemo } from './demo/plant';
import { inOwnThread } from './heavy/pool';
import { forgetIncoming, NotRestored, putInPlace } from './safekeeping/restore';
import { safekeeper, type Safekeeper } from './safekeeping/safekeeper';

const DEFAULT_FOLDER = 'data';
/** How often it is looked whether a day has passed since the last backup, ms. */
const LOOK_MS = 900_000;

/** Where the person's data lie. */
export const dataFolder = () => env.JUST_ENOUGH_DATA ?? DEFAULT_FOLDER;
const secondFolder = () => env.JUST_ENOUGH_SECOND || null;

let opened: { database: Database.Database; tables: Tables } | undefined;
let keeper: Safekeeper | undefined;
/** One after the other. */
let restoring: Promise<unknown> = Promise.resolve();

/**
 * Opens the database; with the demo asked for, fills an empty one.
 *
 * @param looked whether its file was looked through just now
 */
export function openStore(looked = false): void {
	const database = openDatabase(dataFolder(), looked);
	const tables = tablesOf(database);
	if (env.JUST_ENOUGH_DEMO === '1') database.transaction(() => plantDemo(tables, new Date()))();
	opened = { database, tables };
}

/**
 * Looks a backup through and copies it to where it can be put in place, beside the server.
 *
 * @throws NotRestored where it cannot be
 */
async function bringIn(file: string): Promise<void> {
	const refused = await inOwnThread('bringIn', dataFolder(), file);
	if (refused) throw new NotRestored(refused);
}

/**
 * What is to be done once, at start: a backup that is to be restored is put in place, a database of an earlier version is
 * backed up before its tables are changed, and from then on once a day.
 */
export async function startStore(): Promise<void> {
	const data = dataFolder();
	forgetIncoming(data);
	const file = env.JUST_ENOUGH_RESTORE;
	if (file) {
		await bringIn(file);
		const aside = putInPlace(data);
		console.log(`${file} is restored.${aside ? ` The database before it is kept as ${aside}` : ''}`);
	}
	const older = isOlder(data);
	const { backUp, daily, failed } = safekeeping();
	if (older && !(await backUp()))
		throw new Error(
			`Its tables are to be changed, and no backup could be made before: ${failed()!.why} Nothing was changed.`
		);
	openStore(true);
	if (file) store().changes.beginAnew();
	if (older === false) void daily();
	setInterval(() => void daily(), LOOK_MS).unref();
}

/** The tables of the opened database. */
export function store(): Tables {
	if (!opened) openStore();
	return opened!.tables;
}

/** Several writes that are all done, or none where one throws. */
export function allOrNone<T>(writes: () => T): T {
	store();
	return opened!.database.transaction(writes).immediate();
}

/** What keeps backups of it. */
export function safekeeping(): Safekeeper {
	return (keeper ??= safekeeper(dataFolder(), secondFolder(), (asked) => inOwnThread('makeBackup', asked)));
}

/**
 * Puts a backup in the database's place while the program runs.
 *
 * @throws NotRestored where it cannot be
 */
export function restoreStore(file: string): Promise<string | null> {
	const now = restoring.then(async () => {
		await bringIn(file);
		closeStore();
		let restored = false;
		try {
			const aside = putInPlace(dataFolder());
			restored = true;
			return aside;
		} finally {
			openStore(true);
			// What was counted before holds for nothing now.
			if (restored) store().changes.beginAnew();
		}
	});
	restoring = now.catch(() => null);
	return now;
}

/** Closes the database, when nothing asks any more: its file alone is then all of it. */
export function closeStore(): void {
	if (opened) closeDatabase(opened.database);
	opened = undefined;
}

/** Whether the database answers. */
export function storeAnswers(): boolean {
	store();
	return opened!.database.prepare('SELECT 1').get() !== undefined;
}
