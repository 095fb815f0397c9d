import isEqual from 'fast-deep-equal';
import type { Stored } from '$contract/records';

/** Written by itself, whoever wrote it last: no part of a record that is merged. */
const ASIDE = ['id', 'version', 'rig'];

type Fields = Readonly<Record<string, unknown>>;

/** What came of putting two changes of a record together. */
export interface Merged<T> {
	/** Both changes; of what both changed otherwise, mine. */
	record: T;
	/** What both changed, and not to the same. */
	both: string[];
}

/**
 * Puts two changes of one record together, field by field.
 *
 * @param base the record that both began from
 * @param mine as it was changed here
 * @param theirs as it was changed elsewhere; the result has its version
 * @example merge({ name: 'A', note: '' }, { name: 'B', note: '' }, { name: 'A', note: 'x' }) // { name: 'B', note: 'x' }
 */
export function merge<T extends object & Stored>(base: T, mine: T, theirs: T): Merged<T> {
	const [from, own, other] = [base, mine, theirs] as unknown as [Fields, Fields, Fields];
	const both: string[] = [];
	const record: Record<string, unknown> = { ...other };
	const fields = new Set([...Object.keys(from), ...Object.keys(own), ...Object.keys(other)]);
	for (const field of fields) {
		if (ASIDE.includes(field) || isEqual(own[field], from[field])) continue;
		if (!isEqual(other[field], from[field]) && !isEqual(own[field], other[field])) both.push(field);
		if (own[field] === undefined) delete record[field];
		else record[field] = own[field];
	}
	return { record: record as T, both: both.sort() };
}
