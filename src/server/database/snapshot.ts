import Database from 'better-sqlite3';
import { join } from 'node:path';
import type { PictureOwner, PictureRecord } from '$contract/pictures';
import { DATABASE_FILE } from './open';
import { tablesOf, type Tables } from './tables';

/** A picture with what it is named after where it leaves. */
export interface PictureRow extends PictureRecord {
	owner: PictureOwner;
	ownerId: string;
	/** Of its frame, or null. */
	number: number | null;
	subject: string | null;
	loadedAt: string | null;
	camera: string;
	film: string | null;
}

type Row = Omit<PictureRow, 'addedAt' | 'ownerId' | 'loadedAt' | 'owner'> & {
	added_at: string;
	frame_id: string | null;
	camera_id: string | null;
	loaded_at: string | null;
};

/** All records as they are at one moment, whoever writes meanwhile. */
export interface Snapshot {
	tables: Tables;
	/** Without their pixels, load by load in the order of their frames. */
	pictures(): PictureRow[];
	original(id: string): Buffer;
	close(): void;
}

/** Looks at the database of a data folder as it is now, until it is closed. */
export function snapshotOf(folder: string): Snapshot {
	const database = new Database(join(folder, DATABASE_FILE), { readonly: true });
	database.exec('BEGIN');
	const tables = tablesOf(database);
	const pictures = database.prepare<[], Row>(
		`SELECT pictures.id, pictures.name, type, width, height, added_at, frame_id, pictures.camera_id, frames.number,
			json_extract(frames.body, '$.subject') AS subject, loads.loaded_at,
			coalesce(own.name, cameras.name) AS camera, films.name AS film
		FROM pictures
		LEFT JOIN frames ON frames.id = frame_id
		LEFT JOIN loads ON loads.id = frames.load_id
		LEFT JOIN cameras ON cameras.id = loads.camera_id
		LEFT JOIN films ON films.id = loads.film_id
		LEFT JOIN cameras AS own ON own.id = pictures.camera_id
		ORDER BY loads.loaded_at, loads.id, frames.number, added_at, pictures.id`
	);
	return {
		tables,
		pictures: () =>
			pictures.all().map(({ added_at, frame_id, camera_id, loaded_at, ...rest }) => ({
				...rest,
				addedAt: added_at,
				loadedAt: loaded_at,
				owner: frame_id === null ? 'camera' : 'frame',
				ownerId: (frame_id ?? camera_id)!
			})),
		original: (id) => tables.pictures.original(id)!.bytes,
		close: () => void database.close()
	};
}
