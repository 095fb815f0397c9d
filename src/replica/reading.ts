import type { Table } from 'dexie';
import type { Stored } from '$contract/records';
import type { Row, TimedRow } from './rows';

/** How rows are read: by an index, never as a whole where there may be many. */

/** Before and behind every id and date. */
export const [FIRST, LAST] = ['', '\uffff'];

export const recordsOf = <T>(rows: readonly Row<T>[]): T[] => rows.map(({ record }) => record);

export const compared = (a: string, b: string) => (a < b ? -1 : Number(a > b));

/** Texts as a database puts them in order: capitals of the plain alphabet like small letters. */
const plain = (text: string) => text.replace(/[A-Z]/g, (letter) => letter.toLowerCase());

type Named = { name: string } & Stored;
export const byName = (a: Named, b: Named) => compared(plain(a.name), plain(b.name)) || compared(a.id, b.id);

/** The newest first; of those of one instant by their ids. */
export const latest = (a: TimedRow<unknown>, b: TimedRow<unknown>) =>
	compared(b.at, a.at) || compared(a.id, b.id);

/**
 * The last rows by their time, the newest first.
 *
 * @param index one of time and id, or of a time that only some rows have, and id
 * @param upTo of this instant or before it; any if not given
 */
export async function newest<T extends TimedRow<unknown>>(
	table: Table<T, string>,
	index: string,
	most: number,
	upTo: string = LAST
): Promise<T[]> {
	let seen = 0;
	let before = '';
	// Ids of one instant come the other way round: all of it is read, then put right.
	const rows = await table
		.where(index)
		.between([FIRST, FIRST], [upTo, LAST], true, true)
		.reverse()
		.until(({ at }) => {
			const enough = seen >= most && at !== before;
			seen += 1;
			before = at;
			return enough;
		})
		.toArray();
	return rows.sort(latest).slice(0, most);
}
