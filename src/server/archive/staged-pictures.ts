import Database from 'better-sqlite3';
import type { NewPicture } from '../database/pictures';

/** Pictures that were looked through and wait to be taken: in a file of their own, so that nobody waits for them. */
export function stagedPictures(file: string) {
	const database = new Database(file);
	database.exec(
		'CREATE TABLE IF NOT EXISTS staged (id TEXT PRIMARY KEY, told TEXT NOT NULL, original BLOB NOT NULL, thumbnail BLOB NOT NULL)'
	);
	const insert = database.prepare('INSERT OR REPLACE INTO staged VALUES (?, ?, ?, ?)');
	const find = database.prepare<[string], { told: string; original: Buffer; thumbnail: Buffer }>(
		'SELECT told, original, thumbnail FROM staged WHERE id = ?'
	);
	return {
		put({ original, thumbnail, ...told }: NewPicture): void {
			insert.run(told.id, JSON.stringify(told), original, thumbnail);
		},
		get(id: string): NewPicture | undefined {
			const row = find.get(id);
			return row && { ...JSON.parse(row.told), original: row.original, thumbnail: row.thumbnail };
		},
		close: () => void database.close()
	};
}

export type StagedPictures = ReturnType<typeof stagedPictures>;
