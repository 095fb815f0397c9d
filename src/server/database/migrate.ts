import type Database from 'better-sqlite3';
import { zoneAt } from '$core/light';

const files = import.meta.glob<string>('./migrations/*.sql', {
	query: '?raw',
	import: 'default',
	eager: true
});

/** One step from a form of the tables to the next. */
export interface Migration {
	number: number;
	sql: string;
}

/** The migrations in order. */
const migrations: readonly Migration[] = Object.entries(files)
	.map(([path, sql]) => ({ number: Number(/(\d+)-[^/]*\.sql$/.exec(path)?.[1]), sql }))
	.sort((a, b) => a.number - b.number);

/** Rows that refer to nothing, in words. */
function refuseDangling(database: Database.Database): void {
	const dangling = database.pragma('foreign_key_check') as { table: string; parent: string }[];
	if (dangling.length === 0) return;
	const [{ table, parent }] = dangling;
	throw new Error(`A change of the tables left ${dangling.length} rows of ${table} without their ${parent}.`);
}

/** Whether a database is older than this program, and has something in it. */
export function willMigrate(database: Database.Database): boolean {
	const seen = database.pragma('user_version', { simple: true }) as number;
	return seen > 0 && seen < migrations.at(-1)!.number;
}

/** In words, that a database is of a newer version than this program; an empty text where it is not. */
export function newerInWords(database: Database.Database, known = migrations): string {
	const newest = known.at(-1)?.number ?? 0;
	const seen = database.pragma('user_version', { simple: true }) as number;
	return seen > newest ? `made by a newer version (tables ${seen}; this program knows ${newest})` : '';
}

/**
 * Applies the numbered migrations that a database has not seen yet, all in one transaction. A migration may rebuild a
 * table that others refer to: references are looked at when all is done, and not on the way.
 *
 * @param upTo the last one that is applied; the newest if not given
 * @param known the migrations there are
 * @throws Error when the database was made by a newer version of the program
 */
export function migrate(database: Database.Database, upTo = Infinity, known = migrations): void {
	const newer = newerInWords(database, known);
	if (newer) throw new Error(`This database was ${newer}.`);
	const seen = database.pragma('user_version', { simple: true }) as number;
	const missing = known.filter(({ number }) => number > seen && number <= upTo);
	if (missing.length === 0) return;
	database.function('zone_at', { deterministic: true }, (latitude, longitude) =>
		zoneAt(Number(latitude), Number(longitude))
	);
	// Inside a transaction this could not be switched any more.
	const checked = database.pragma('foreign_keys', { simple: true }) as number;
	database.pragma('foreign_keys = OFF');
	try {
		database.transaction(() => {
			for (const { number, sql } of missing) {
				database.exec(sql);
				database.pragma(`user_version = ${number}`);
			}
			refuseDangling(database);
		})();
	} finally {
		database.pragma(`foreign_keys = ${checked}`);
	}
}
