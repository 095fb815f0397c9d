import { Dexie, type Table } from 'dexie';
import type { ChangedKind } from '$contract/changes';
import type { OwnedPicture } from '$contract/pictures';
import type { Records, Stored } from '$contract/records';
import type { WaitingFile } from './files';
import type { Notice, Write } from './writes';
import type { FrameRow, LoadRow, Row, TimedRow } from './rows';

/** What is known of the copy as a whole, each by its name. */
export interface Meta {
	/** How far it is the same as the server's records. */
	together: {
		/** Whose numbers they are. */
		of: string;
		/** The last change that is here. */
		since: number;
		/** Whether all was here once: from then on it is complete, if not new. */
		whole: boolean;
		/** How many changes there were when it was last asked. */
		last: number;
		/** When the server was last asked, ms. */
		at: number;
	};
	/** Counts the writes that may change what frames teach. */
	taught: number;
	/** What was worked out of it, and what of: it is known at once when the program is opened again. */
	worked: { of: string; known: Record<string, unknown> };
	/** What a person should know of their changes. */
	notices: Notice[];
}

export type RowOf<K extends ChangedKind> = K extends 'frames'
	? FrameRow
	: K extends 'loads'
		? LoadRow
		: K extends 'pictures'
			? Row<OwnedPicture & Stored>
			: K extends 'exercises' | 'readings'
				? TimedRow<Records[K] & Stored>
				: K extends keyof Records
					? Row<Records[K] & Stored>
					: never;

/** The person's records in the browser: one table a kind, by what views ask of it. */
export type Replica = Dexie & { [K in ChangedKind]: Table<RowOf<K>, string> } & {
	meta: Table<{ key: keyof Meta; value: Meta[keyof Meta] }, string>;
	writes: Table<Write, number>;
	files: Table<WaitingFile, number>;
};

export const NAME = 'just-enough';

/**
 * Opens the copy; nothing in it is counted or gone through as a whole, so that it is as quick with the frames of
 * decades. What a field is not said of is in no index of it.
 */
export function openReplica(name: string = NAME): Replica {
	const replica = new Dexie(name) as Replica;
	replica.version(1).stores({
		cameras: 'id',
		films: 'id',
		gear: 'id',
		places: 'id',
		recipes: 'id',
		outings: 'id',
		readings: 'id, [at+id], named',
		exercises: 'id, [at+id], [kind+at]',
		measurements: 'id, camera',
		loads: 'id, [at+id], [camera+at], [film+at], open, [waits+id], developed, counts',
		frames: 'id, [load+number], [at+id], [told+id], [lit+id], [load+told+id], outing',
		pictures: 'id, owned',
		meta: 'key',
		writes: '++n, &[kind+id]'
	});
	replica.version(2).stores({ files: '++n, &id' });
	replica.version(3).stores({ settings: 'id' });
	return replica;
}
