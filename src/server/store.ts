import { AsyncLocalStorage } from 'node:async_hooks';
import { join, relative } from 'node:path';
import { env } from 'node:process';
import type { Tables } from './database/tables';
import { PersonStore } from './person-store';
import type { Safekeeper } from './safekeeping/safekeeper';

/**
 * Whose records are worked on: decided once for a request, before anything answers it, and the same for all that is done
 * for it. Everywhere else they are simply *the* records.
 */

const DEFAULT_FOLDER = 'data';
/** How often it is looked whether a day has passed since a last backup, ms. */
const LOOK_MS = 900_000;
/** A person's database that nobody asked for so long is closed, ms; and how often that is looked at. */
const IDLE_MS = 300_000;
const LOOK_IDLE_MS = 60_000;

/** Where the data of the program lie: the owner's, and in folders of their own those of others. */
export const rootFolder = () => env.JUST_ENOUGH_DATA ?? DEFAULT_FOLDER;
/** Where a copy of each backup goes: for each folder of records another one. */
const secondFor = (folder: string) =>
	env.JUST_ENOUGH_SECOND ? join(env.JUST_ENOUGH_SECOND, relative(rootFolder(), folder)) : null;

const stores = new Map<string, PersonStore>();
/** Who has not said who they are has none. */
const NOBODY = 'nobody';
const asked = new AsyncLocalStorage<PersonStore | typeof NOBODY>();

/** The records in a folder. */
function storeIn(folder: string): PersonStore {
	const known = stores.get(folder);
	if (known) return known;
	// The demo is the owner's: others begin with nothing.
	const demo = env.JUST_ENOUGH_DEMO === '1' && folder === rootFolder();
	const made = new PersonStore(folder, secondFor(folder), {
		demo,
		disk: env.JUST_ENOUGH_SECOND || undefined
	});
	stores.set(folder, made);
	return made;
}

/** The records that are worked on. */
function here(): PersonStore {
	const whose = asked.getStore() ?? storeIn(rootFolder());
	if (whose === NOBODY) throw new Error('Records were asked for, but nobody was signed in.');
	return whose;
}

/** Opens the records of the root folder. */
export const openStore = (): void => storeIn(rootFolder()).open();

/** What is to be done once, at start. */
export async function startStore(): Promise<void> {
	const root = storeIn(rootFolder());
	// Those of others are backed up one after the other, in their time.
	if (await root.begin(env.JUST_ENOUGH_RESTORE || undefined)) void root.daily();
	setInterval(() => {
		for (const store of stores.values()) void store.daily();
	}, LOOK_MS).unref();
	setInterval(() => {
		for (const store of stores.values()) if (store !== root) store.closeIdle(IDLE_MS);
	}, LOOK_IDLE_MS).unref();
}

/**
 * Does something for somebody: all of it works on the records in their folder.
 *
 * @throws Error in words where those cannot be opened
 */
export async function workingIn<T>(folder: string, work: () => T | Promise<T>): Promise<T> {
	const store = storeIn(folder);
	return store.during(async () => {
		await store.begin();
		return asked.run(store, work);
	});
}

/** Does something for who has not said who they are: there are no records for it. */
export const workingForNobody = <T>(work: () => T): T => asked.run(NOBODY, work);

/** Where the records lie that are worked on. */
export const dataFolder = (): string => here().folder;

/** Their tables. */
export const store = (): Tables => here().tables;

/** The tables of the records that are worked on now, for what goes on after the answer was begun. */
export function storeFromNowOn(): () => Tables {
	const kept = here();
	return () => kept.tables;
}

/** Several writes that are all done, or none where one throws. */
export const allOrNone = <T>(writes: () => T): T => here().allOrNone(writes);

/** What keeps backups of them. */
export const safekeeping = (): Safekeeper => here().safekeeping;

/**
 * Puts a backup in the database's place while the program runs.
 *
 * @throws NotRestored where it cannot be
 */
export const restoreStore = (file: string): Promise<string | null> => here().restore(file);

/** Whether the database answers. */
export const storeAnswers = (): boolean => here().answers();

/** Closes all databases, when nothing asks any more. */
export function closeStore(): void {
	for (const each of stores.values()) each.close();
}

/** Something that is kept beside somebody's records, and is made when it is first asked for. */
export function besideRecords<T>(make: (folder: string) => T): () => T {
	const kept = new WeakMap<PersonStore, T>();
	return () => {
		const whose = here();
		if (!kept.has(whose)) kept.set(whose, make(whose.folder));
		return kept.get(whose)!;
	};
}
