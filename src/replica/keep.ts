import type { Table } from 'dexie';
import type { Change, ChangedKind, Changes } from '$contract/changes';
import type { Stored } from '$contract/records';
import type { Meta, Replica } from './database';
import { rowOf, type Row } from './rows';

/** Every kind that there is a table of. */
export const kinds: readonly ChangedKind[] = [
	'cameras',
	'films',
	'gear',
	'places',
	'recipes',
	'readings',
	'exercises',
	'settings',
	'outings',
	'loads',
	'measurements',
	'frames',
	'pictures'
];

/** What frames teach is made of these. */
const teaching: ReadonlySet<ChangedKind> = new Set(['cameras', 'films', 'gear', 'loads', 'frames']);

/** Whether a record may change what frames teach; null: it is gone. A frame that is new and was not judged does not. */
function teaches(kind: ChangedKind, record: (object & Stored) | null): boolean {
	if (kind !== 'frames' || !record) return teaching.has(kind);
	return 'judged' in record || record.version > 1;
}

export const tableOf = (replica: Replica, kind: ChangedKind) =>
	replica[kind] as unknown as Table<Row<object & Stored>, string>;

/** What is known of the copy as a whole, by its name. */
export async function metaOf<K extends keyof Meta>(replica: Replica, key: K): Promise<Meta[K] | undefined> {
	return (await replica.meta.get(key))?.value as Meta[K] | undefined;
}

async function countTaught(replica: Replica): Promise<void> {
	const taught = (await metaOf(replica, 'taught')) ?? 0;
	await replica.meta.put({ key: 'taught', value: taught + 1 });
}

/** Writes what changed, one kind after the other; what was changed here, too, stays until that has arrived. */
async function write(replica: Replica, changes: readonly Change[]): Promise<void> {
	const waiting = new Set((await replica.writes.toArray()).map(({ kind, id }) => `${kind} ${id}`));
	for (const kind of kinds) {
		const own = changes.filter((change) => change.kind === kind && !waiting.has(`${kind} ${change.id}`));
		if (own.length === 0) continue;
		const gone = own.filter((change) => 'deleted' in change).map(({ id }) => id);
		const there = own.flatMap((change) => ('record' in change ? [rowOf(kind, change.record)] : []));
		const table = tableOf(replica, kind);
		if (gone.length > 0) await table.bulkDelete(gone);
		if (there.length > 0) await table.bulkPut(there);
	}
	if (changes.some((change) => teaches(change.kind, 'record' in change ? change.record : null)))
		await countTaught(replica);
}

/** The ids of what changed and is not here as it is there. */
export async function newsIn(replica: Replica, { changes }: Changes): Promise<string[]> {
	const here = await Promise.all(changes.map(({ kind, id }) => tableOf(replica, kind).get(id)));
	const news = changes.filter((change, at) => {
		const version = here[at]?.record.version;
		return 'record' in change ? version !== change.record.version : version !== undefined;
	});
	return news.map(({ id }) => id);
}

/**
 * Takes in what changed on the server, and how far the copy is the same by it: all of it, or nothing.
 *
 * @param at when the server said so, ms
 */
export function takeIn(replica: Replica, { of, changes, next, last }: Changes, at: number): Promise<void> {
	return replica.transaction('rw', replica.tables, async () => {
		const before = await metaOf(replica, 'together');
		await write(replica, changes);
		const whole = (before?.whole ?? false) || next >= last;
		await replica.meta.put({ key: 'together', value: { of, since: next, whole, last, at } });
	});
}

/** Forgets all records, because those there are others; what was changed here waits on, and stands among them again. */
export function forget(replica: Replica): Promise<void> {
	return replica.transaction('rw', replica.tables, async () => {
		for (const kind of kinds) await tableOf(replica, kind).clear();
		await replica.meta.delete('together');
		for (const { kind, id, record } of await replica.writes.toArray())
			await putRow(replica, kind, id, record);
	});
}

/** Puts a record among the others, or takes it away where there is none; within what is being written. */
export async function putRow(
	replica: Replica,
	kind: ChangedKind,
	id: string,
	record: (object & Stored) | null
): Promise<void> {
	if (record) await tableOf(replica, kind).put(rowOf(kind, record));
	else await tableOf(replica, kind).delete(id);
	if (teaches(kind, record)) await countTaught(replica);
}

/** Puts a record of this device among the others, or takes it away where there is none. */
export const keepOwn = (
	replica: Replica,
	kind: ChangedKind,
	id: string,
	record: (object & Stored) | null
): Promise<void> => replica.transaction('rw', replica.tables, () => putRow(replica, kind, id, record));
