import type Database from 'better-sqlite3';

const files = import.meta.glob<string>('./migrations/*.sql', {
	query: '?raw',
	import: 'default',
	eager: true
});

/** The migrations in order: number and SQL. */
const migrations = Object.entries(files)
	.map(([path, sql]) => ({ number: Number(/(\d+)-[^/]*\.sql$/.exec(path)?.[1]), sql }))
	.sort((a, b) => a.number - b.number);

/**
 * Applies the numbered migrations that a database has not seen yet, all in one transaction.
 *
 * @param upTo the last one that is applied; the newest if not given
 * @throws Error when the database was made by a newer version of the program
 */
export function migrate(database: Database.Database, upTo = Infinity): void {
	const newest = migrations.at(-1)?.number ?? 0;
	const seen = database.pragma('user_version', { simple: true }) as number;
	if (seen > newest) {
		throw new Error(
			`This database was made by a newer version (tables ${seen}; this program knows ${newest}).`
		);
	}
	database.transaction(() => {
		for (const { number, sql } of migrations) {
			if (number <= seen || number > upTo) continue;
			database.exec(sql);
			database.pragma(`user_version = ${number}`);
		}
	})();
}
