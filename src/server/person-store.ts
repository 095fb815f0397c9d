import { isHttpError } from '@sveltejs/kit';
import { rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import type Database from 'better-sqlite3';
import { closeDatabase, DATABASE_FILE, openDatabase } from './database/open';
import { tablesOf, type Tables } from './database/tables';
import { plantDemo } from './demo/plant';
import { inOwnThread, inThread } from './heavy/pool';
import { forgetIncoming, NotRestored, putInPlace } from './safekeeping/restore';
import { safekeeper, type Safekeeper } from './safekeeping/safekeeper';

/** Archives that were brought and not taken. */
export const IMPORTS = 'imports';

/** A file that is no larger is looked through in less than a second, bytes. */
const SOON_LOOKED_THROUGH = 100_000_000;

interface Opened {
	database: Database.Database;
	tables: Tables;
}

/** The records of one person: a folder with a database, its backups, and what is known of it while it is open. */
export class PersonStore {
	readonly folder: string;
	#demo: boolean;
	#keeper: Safekeeper;
	#opened: Opened | null = null;
	#begun: Promise<boolean> | null = null;
	/** One after the other. */
	#restoring: Promise<unknown> = Promise.resolve();
	#asks = 0;
	#used = Date.now();

	/**
	 * @param folder where the records lie
	 * @param second another folder for a copy of each backup, if one was named
	 * @param about whether an empty database is filled with the demo; the folder on the other disk that has to be there
	 */
	constructor(
		folder: string,
		second: string | null,
		{ demo = false, disk }: { demo?: boolean; disk?: string } = {}
	) {
		this.folder = folder;
		this.#demo = demo;
		this.#keeper = safekeeper(folder, second, (asked) => inOwnThread('makeBackup', { ...asked, disk }));
	}

	/** What keeps backups of it. */
	get safekeeping(): Safekeeper {
		return this.#keeper;
	}

	/** The tables, opened where they are not. */
	get tables(): Tables {
		this.#used = Date.now();
		return this.#open().tables;
	}

	/**
	 * Opens the database; with the demo asked for, fills an empty one.
	 *
	 * @param looked whether its file was looked through just now
	 */
	open(looked = false): void {
		const database = openDatabase(this.folder, looked);
		const tables = tablesOf(database);
		if (this.#demo) database.transaction(() => plantDemo(tables, new Date()))();
		this.#opened = { database, tables };
	}

	#open(): Opened {
		if (!this.#opened) this.open();
		return this.#opened!;
	}

	/**
	 * What is to be done once, before anything is asked: a backup that is to be restored is put in place, and a database of
	 * an earlier version is backed up before its tables are changed.
	 *
	 * @param restore a backup that is to be put in place first
	 * @returns whether there were records already, in their form of now
	 */
	begin(restore?: string): Promise<boolean> {
		return (this.#begun ??= this.#begin(restore).catch((error: unknown) => {
			// What went wrong may be mended by the next time.
			this.#begun = null;
			throw error;
		}));
	}

	async #begin(restore?: string): Promise<boolean> {
		forgetIncoming(this.folder);
		rmSync(join(this.folder, IMPORTS), { recursive: true, force: true });
		if (restore) {
			await this.#bringIn(restore);
			const aside = putInPlace(this.folder);
			console.log(`${restore} is restored.${aside ? ` The database before it is kept as ${aside}` : ''}`);
		}
		const older = await this.#isOlder();
		const { backUp, failed } = this.#keeper;
		if (older && !(await backUp()))
			throw new Error(
				`Its tables have to be changed, and no backup could be made first: ${failed()!.why} Nothing was changed.`
			);
		this.open(true);
		if (restore) this.tables.changes.beginAnew();
		return older === false;
	}

	/** Looks its file through: beside others where that is soon done and there is room, else one after the other. */
	async #isOlder(): Promise<boolean | null> {
		const file = this.#file();
		if (!file?.size) return null;
		const patiently = () => inOwnThread('isOlder', this.folder);
		if (file.size >= SOON_LOOKED_THROUGH) return patiently();
		return inThread('isOlder', this.folder).catch((error: unknown) => {
			if (isHttpError(error, 503)) return patiently();
			throw error;
		});
	}

	/**
	 * Looks a backup through and copies it to where it can be put in place, beside the server.
	 *
	 * @throws NotRestored where it cannot be
	 */
	async #bringIn(file: string): Promise<void> {
		const refused = await inOwnThread('bringIn', this.folder, file);
		if (refused) throw new NotRestored(refused);
	}

	/** Several writes that are all done, or none where one throws. */
	allOrNone<T>(writes: () => T): T {
		return this.#open().database.transaction(writes).immediate();
	}

	/**
	 * Puts a backup in the database's place while the program runs.
	 *
	 * @throws NotRestored where it cannot be
	 */
	restore(file: string): Promise<string | null> {
		const now = this.#restoring.then(async () => {
			await this.#bringIn(file);
			this.close();
			let restored = false;
			try {
				const aside = putInPlace(this.folder);
				restored = true;
				return aside;
			} finally {
				this.open(true);
				// What was counted before holds for nothing now.
				if (restored) this.tables.changes.beginAnew();
			}
		});
		this.#restoring = now.catch(() => null);
		return now;
	}

	/** Whether the database answers. */
	answers(): boolean {
		return this.#open().database.prepare('SELECT 1').get() !== undefined;
	}

	/** Does something that may ask it, and keeps it open meanwhile. */
	async during<T>(work: () => T | Promise<T>): Promise<T> {
		this.#asks++;
		try {
			return await work();
		} finally {
			this.#asks--;
			this.#used = Date.now();
		}
	}

	/** Closes the database where nobody has asked it for so long, ms. */
	closeIdle(after: number): void {
		if (this.#asks === 0 && Date.now() - this.#used >= after) this.close();
	}

	get isOpen(): boolean {
		return this.#opened !== null;
	}

	/** Makes a backup where a day has passed since the last, and something was written since. */
	async daily(): Promise<void> {
		const [last] = this.#keeper.state().backups;
		const written = this.#file()?.mtimeMs ?? 0;
		if (!this.isOpen && last && written < last.at) return;
		await this.#keeper.daily();
	}

	/** What is known of its file; nothing where there is none. */
	#file() {
		return statSync(join(this.folder, DATABASE_FILE), { throwIfNoEntry: false });
	}

	/** Closes the database, when nothing asks any more: its file alone is then all of it. */
	close(): void {
		if (this.#opened) closeDatabase(this.#opened.database);
		this.#opened = null;
	}
}
