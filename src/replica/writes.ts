import isEqual from 'fast-deep-equal';
import type { RecordKind, Stored } from '$contract/records';
import type { Replica } from './database';
import { metaOf, putRow, tableOf } from './keep';
import { FIRST, LAST } from './reading';

/** What was changed here and is on its way to the server: one entry a record, in the order in which they were begun. */

export type AnyRecord = object & Stored;

/** A change that no server has acknowledged. */
export type Write = {
	n: number;
	kind: RecordKind;
	id: string;
	/** When it was begun, ms. */
	at: number;
	/** Counts what was changed since it was begun: what is sent may be changed meanwhile. */
	turn: number;
	/** Why the server would not have it. */
	problem?: string;
	/** The record as it was changed elsewhere meanwhile, and what both changed. */
	conflict?: { theirs: AnyRecord; both: string[] };
} & (
	| { act: 'create'; base: null; record: AnyRecord }
	| { act: 'replace'; base: AnyRecord; record: AnyRecord }
	| { act: 'remove'; base: AnyRecord | null; record: null }
);

/** What is asked for here. */
export type Asked = { act: 'create' | 'replace'; record: AnyRecord } | { act: 'remove' };

/** What came of it. */
export type Kept =
	| { result: 'kept'; record: AnyRecord | null }
	| { result: 'stale'; current: AnyRecord }
	| { result: 'invalid'; path: string; message: string }
	| { result: 'refused'; message: string }
	| { result: 'missing' };

/** What names a record: as long as there is any, it cannot be deleted. */
const namedBy: Readonly<
	Partial<Record<RecordKind, (replica: Replica, id: string) => PromiseLike<number>[]>>
> = {
	cameras: ({ loads, measurements, pictures }, id) => [
		loads.where('[camera+at]').between([id, FIRST], [id, LAST]).limit(1).count(),
		measurements.where('camera').equals(id).limit(1).count(),
		pictures.where('owned').equals(`camera ${id}`).limit(1).count()
	],
	films: ({ loads }, id) => [loads.where('[film+at]').between([id, FIRST], [id, LAST]).limit(1).count()],
	loads: ({ frames }, id) => [
		frames.where('[load+number]').between([id, 0], [id, Infinity]).limit(1).count()
	],
	frames: ({ pictures }, id) => [pictures.where('owned').equals(`frame ${id}`).limit(1).count()]
};

/** What only one record may be: a load in a camera, a frame of a number. */
async function taken(replica: Replica, kind: RecordKind, record: AnyRecord): Promise<Kept | null> {
	const { id } = record;
	if (kind === 'loads' && !('unloadedAt' in record && record.unloadedAt !== undefined)) {
		const { cameraId } = record as unknown as { cameraId: string };
		const inside = await replica.loads.where('open').equals(1).toArray();
		if (inside.some((load) => load.camera === cameraId && load.id !== id))
			return {
				result: 'invalid',
				path: 'cameraId',
				message: 'this camera holds another load: take that one out first'
			};
	}
	if (kind === 'frames') {
		const { loadId, number } = record as unknown as { loadId: string; number: number };
		const other = await replica.frames.where('[load+number]').equals([loadId, number]).first();
		if (other && other.id !== id)
			return { result: 'invalid', path: 'number', message: `frame ${number} of this load is already logged` };
	}
	return null;
}

/** The entry of a record, after what is asked for now; null where nothing is left to be sent. */
function entryAfter(
	before: Write | undefined,
	local: AnyRecord | undefined,
	asked: Asked
): Pick<Write, 'act' | 'base' | 'record'> | null {
	if (asked.act === 'remove') {
		// What was never sent may have arrived all the same, its answer lost: it is deleted there, too.
		const known = local && local.version > 0 ? local : null;
		return { act: 'remove', base: before ? before.base : known, record: null };
	}
	const { record } = asked;
	if (!before) {
		if (asked.act === 'create') return { act: 'create', base: null, record: { ...record, version: 0 } };
		return { act: 'replace', base: local!, record };
	}
	if (before.base === null) return { act: 'create', base: null, record: { ...record, version: 0 } };
	const { base } = before;
	const next = { ...record, version: base.version };
	return isEqual(next, base) ? null : { act: 'replace', base, record: next };
}

/** Why it cannot be done here; null where it can. */
async function refusal(
	replica: Replica,
	kind: RecordKind,
	{ id, local }: { id: string; local: AnyRecord | undefined },
	asked: Asked
): Promise<Kept | null> {
	if (asked.act !== 'create' && !local) return { result: 'missing' };
	if (asked.act === 'replace' && local!.version !== asked.record.version)
		return { result: 'stale', current: local! };
	if (asked.act !== 'remove') return taken(replica, kind, asked.record);
	const named = await Promise.all(namedBy[kind]?.(replica, id) ?? []);
	if (named.every((count) => count === 0)) return null;
	return { result: 'refused', message: 'This is used by other records. Archive it instead.' };
}

/** Changes a record here, and has it wait to be sent: both, or nothing. */
export function change(
	replica: Replica,
	kind: RecordKind,
	id: string,
	asked: Asked,
	at: number
): Promise<Kept> {
	const { writes } = replica;
	return replica.transaction('rw', replica.tables, async (): Promise<Kept> => {
		const [before, row] = [await writes.get({ kind, id }), await tableOf(replica, kind).get(id)];
		const local = row?.record;
		const refused = await refusal(replica, kind, { id, local }, asked);
		if (refused) return refused;
		const entry = entryAfter(before, local, asked);
		const named = { kind, id, at: before?.at ?? at, turn: (before?.turn ?? 0) + 1 };
		if (!entry) await writes.delete(before!.n);
		else await writes.put({ ...(before && { n: before.n }), ...named, ...entry } as Write);
		const shown = entry ? entry.record : (before!.base as AnyRecord);
		await putRow(replica, kind, id, shown);
		return { result: 'kept', record: shown };
	});
}

/** All that waits, in the order in which it was begun. */
export const waitingWrites = ({ writes }: Replica): Promise<Write[]> => writes.orderBy('n').toArray();

/** Something that a person should know of what became of their changes. */
export interface Notice {
	id: string;
	kind: RecordKind;
	/** Its name or number. */
	name: string;
	what: 'came back' | 'stayed' | 'in use';
	at: number;
}

export const noticesOf = async (replica: Replica): Promise<Notice[]> =>
	(await metaOf(replica, 'notices')) ?? [];
