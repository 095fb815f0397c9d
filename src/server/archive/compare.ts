import { isDeepStrictEqual } from 'node:util';
import { number, object, string } from 'yup';
import { recordSchemas, type RecordKind, type Stored } from '$contract/records';
import { check } from '$contract/validate';
import type { RecordTable } from '../database/record-table';
import type { Tables } from '../database/tables';
import { kinds, type Archive } from './form';

/** How a record of an archive stands to what is here. */
export type Standing = 'new' | 'same' | 'conflicting' | 'unreadable';
export type Tally = Record<Standing, number>;
export const noTally = (): Tally => ({ new: 0, same: 0, conflicting: 0, unreadable: 0 });

/** A record that was looked at. */
export interface Compared {
	kind: RecordKind;
	id: string;
	version: number;
	record: object;
	standing: Standing;
	/** Of the unreadable: why. */
	why?: string;
}

const stored = object({
	id: string().uuid().required(),
	version: number().integer().min(1).max(1e9).required()
});

/** Fields that name a record of another kind, which must be here or come along. */
const named: Readonly<Partial<Record<RecordKind, Readonly<Record<string, RecordKind>>>>> = {
	loads: { cameraId: 'cameras', filmId: 'films' },
	measurements: { cameraId: 'cameras' },
	frames: { loadId: 'loads' }
};

const tableOf = (tables: Tables, kind: RecordKind) => tables[kind] as unknown as RecordTable<object>;

/** What is wrong with a record by itself; an empty text where nothing is. */
function wrongWith(kind: RecordKind, given: object): string {
	const { id, version, ...record } = given as Stored;
	const found = [check(stored, { id, version }), check(recordSchemas[kind], record, 'refuse')];
	const issues = found.flatMap((each) => (each.ok ? [] : each.issues));
	return issues.map(({ path, message }) => `${path} ${message}`.trim()).join('; ');
}

/** Whether a record that is here says the same, however often it was replaced. */
export function sameAs(here: object, record: object): boolean {
	const { id: _, version: __, ...own } = here as Stored;
	return isDeepStrictEqual(own, record);
}

/** Compares the records of an archive with those that are here, one after the other. */
export function* compared(tables: Tables, { records }: Archive): Generator<Compared> {
	const coming = new Map<RecordKind, Set<string>>(kinds.map((kind) => [kind, new Set()]));
	const isThere = (kind: RecordKind, id: string) =>
		coming.get(kind)!.has(id) || tableOf(tables, kind).get(id) !== undefined;

	function standingOf(kind: RecordKind, given: object): Pick<Compared, 'standing' | 'why'> {
		const wrong = wrongWith(kind, given);
		if (wrong) return { standing: 'unreadable', why: wrong };
		const { id, version: _, ...record } = given as Stored & Record<string, string>;
		if (coming.get(kind)!.has(id)) return { standing: 'unreadable', why: 'its id is in the archive twice' };
		const missing = Object.entries(named[kind] ?? {}).find(
			([field, other]) => !isThere(other, record[field])
		);
		if (missing) return { standing: 'unreadable', why: `${missing[0]} points to nothing that exists` };
		const here = tableOf(tables, kind).get(id);
		if (!here) return { standing: 'new' };
		return { standing: sameAs(here, record) ? 'same' : 'conflicting' };
	}

	for (const kind of kinds) {
		for (const given of records[kind]) {
			const { id, version, ...record } = given;
			const lower = typeof id === 'string' ? id.toLowerCase() : '';
			const found = standingOf(kind, { ...given, id: lower });
			if (found.standing !== 'unreadable') coming.get(kind)!.add(lower);
			yield { kind, id: lower, version, record, ...found };
		}
	}
}
