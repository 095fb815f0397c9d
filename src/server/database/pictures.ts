import type Database from 'better-sqlite3';
import type { PictureOwner, PictureRecord } from '$contract/pictures';

/** A picture as it is put away. */
export interface NewPicture extends PictureRecord {
	owner: PictureOwner;
	ownerId: string;
	original: Buffer;
	thumbnail: Buffer;
}

type Row = Omit<PictureRecord, 'addedAt'> & { added_at: string };

const COLUMNS = 'id, name, type, width, height, added_at';
const record = ({ added_at, ...rest }: Row): PictureRecord => ({ ...rest, addedAt: added_at });

/** Pictures of frames and of cameras: what is asked of their table. */
export function pictureTable(database: Database.Database) {
	const insert = database.prepare(
		`INSERT INTO pictures (id, frame_id, camera_id, name, type, width, height, added_at, original, thumbnail)
		VALUES (@id, @frameId, @cameraId, @name, @type, @width, @height, @addedAt, @original, @thumbnail)`
	);
	const owners = {
		frame: database.prepare<[string], { found: 1 }>('SELECT 1 AS found FROM frames WHERE id = ?'),
		camera: database.prepare<[string], { found: 1 }>('SELECT 1 AS found FROM cameras WHERE id = ?')
	};
	const ofFrame = database.prepare<[string], Row>(
		`SELECT ${COLUMNS} FROM pictures WHERE frame_id = ? ORDER BY added_at, id`
	);
	const ofCamera = database.prepare<[string], Row>(
		`SELECT ${COLUMNS} FROM pictures WHERE camera_id = ? ORDER BY added_at, id`
	);
	const ofLoad = database.prepare<[string], { id: string; frame_id: string }>(
		`SELECT pictures.id, frame_id FROM pictures JOIN frames ON frames.id = frame_id
		WHERE load_id = ? ORDER BY pictures.added_at, pictures.id`
	);
	const newest = database.prepare<[], Row>(
		`SELECT ${COLUMNS} FROM pictures ORDER BY added_at DESC, id LIMIT 100`
	);
	const known = database.prepare<[string], Row>(`SELECT ${COLUMNS} FROM pictures WHERE id = ?`);
	const original = database.prepare<[string], { type: string; name: string; bytes: Buffer }>(
		'SELECT type, name, original AS bytes FROM pictures WHERE id = ?'
	);
	const thumbnail = database.prepare<[string], { bytes: Buffer }>(
		'SELECT thumbnail AS bytes FROM pictures WHERE id = ?'
	);
	const erase = database.prepare<[string]>('DELETE FROM pictures WHERE id = ?');

	const add = database.transaction(({ owner, ownerId, ...picture }: NewPicture): 'kept' | 'no-owner' => {
		if (known.get(picture.id)) return 'kept';
		if (!owners[owner].get(ownerId)) return 'no-owner';
		insert.run({
			...picture,
			frameId: owner === 'frame' ? ownerId : null,
			cameraId: owner === 'camera' ? ownerId : null
		});
		return 'kept';
	});

	return {
		add: (picture: NewPicture) => add.immediate(picture),
		of: (owner: PictureOwner, id: string): PictureRecord[] =>
			(owner === 'frame' ? ofFrame : ofCamera).all(id).map(record),
		/** The first picture of each frame of a load, by frame. */
		firstOfLoad: (loadId: string): Record<string, string> =>
			Object.fromEntries(
				ofLoad
					.all(loadId)
					.reverse()
					.map(({ id, frame_id }) => [frame_id, id])
			),
		/** The last that were added, whosever they are. */
		newest: (): PictureRecord[] => newest.all().map(record),
		original: (id: string) => original.get(id),
		thumbnail: (id: string) => thumbnail.get(id)?.bytes,
		remove: (id: string): boolean => erase.run(id).changes > 0
	};
}
