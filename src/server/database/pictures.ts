import type Database from 'better-sqlite3';
import type { OwnedPicture, PictureOwner, PictureRecord } from '$contract/pictures';
import { pagesOf, type PageAsked } from './pages';

/** A picture as it is put away. */
export interface NewPicture extends OwnedPicture {
	original: Buffer;
	thumbnail: Buffer;
}

type Row = Omit<PictureRecord, 'addedAt'> & { added_at: string };

const COLUMNS = 'id, name, type, width, height, added_at';
const record = ({ added_at, ...rest }: Row): PictureRecord => ({ ...rest, addedAt: added_at });

type OwnedRow = Row & { frame_id: string | null; camera_id: string | null };
const owned = ({ id, name, type, width, height, added_at, ...of }: OwnedRow): OwnedPicture => ({
	...record({ id, name, type, width, height, added_at }),
	...(of.frame_id === null
		? { owner: 'camera', ownerId: of.camera_id! }
		: { owner: 'frame', ownerId: of.frame_id })
});

/** Reads all pictures page by page, the last that were added first; null where `after` is not what a page gave. */
function pagesOfAll(database: Database.Database) {
	const pages = pagesOf<OwnedRow>(database, {
		table: 'pictures',
		order: [{ column: 'added_at', falling: true }, { column: 'id' }],
		conditions: { frame: 'frame_id = ?', camera: 'camera_id = ?' },
		columns: [COLUMNS, 'frame_id', 'camera_id']
	});
	return (asked: PageAsked): { items: OwnedPicture[]; total: number; next: string | null } | null => {
		const found = pages(asked);
		return found && { items: found.rows.map(owned), total: found.total, next: found.next };
	};
}

/** Reads one as lists have it; it is never another one under the same id. */
function oneOfAll(database: Database.Database) {
	const one = database.prepare<[string], OwnedRow>(
		`SELECT ${COLUMNS}, frame_id, camera_id FROM pictures WHERE id = ?`
	);
	return (id: string): (OwnedPicture & { version: 1 }) | undefined => {
		const row = one.get(id);
		return row && { ...owned(row), version: 1 };
	};
}

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
		get: oneOfAll(database),
		page: pagesOfAll(database),
		original: (id: string) => original.get(id),
		thumbnail: (id: string) => thumbnail.get(id)?.bytes,
		remove: (id: string): boolean => erase.run(id).changes > 0
	};
}
