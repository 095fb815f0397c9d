import type Database from 'better-sqlite3';
import type { ChangedKind } from '$contract/changes';

/** Which record changed, and when among all changes. */
export interface ChangedRow {
	seq: number;
	kind: ChangedKind;
	id: string;
	deleted: 0 | 1;
}

/** What changed since: kept by the tables themselves, in the same transaction as what is written. */
export function changesOf(database: Database.Database) {
	const after = database.prepare<[number, number], ChangedRow>(
		'SELECT seq, kind, record_id AS id, deleted FROM changes WHERE seq > ? ORDER BY seq LIMIT ?'
	);
	const newest = database.prepare<[], { seq: number }>(
		"SELECT seq FROM sqlite_sequence WHERE name = 'changes'"
	);
	const lineage = database.prepare<[], { id: string }>('SELECT id FROM lineage');
	const renew = database.prepare('UPDATE lineage SET id = lower(hex(randomblob(16)))');
	return {
		/** Changes after one of them, so many at most. */
		after: (seq: number, limit: number): ChangedRow[] => after.all(seq, limit),
		/** The number of the last change that there was. */
		last: (): number => newest.get()?.seq ?? 0,
		/** Whose numbers they are. */
		lineage: (): string => lineage.get()!.id,
		/** The database is another one from now on: it was restored, and numbers that were given are given again. */
		beginAnew: (): void => void renew.run()
	};
}
