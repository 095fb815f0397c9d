import type { Kept, RecordTable } from './database/record-table';

/** Many records as a stream of pieces, so that nobody else waits for them. */

/** Records that are read at once. */
const AT_ONCE = 200;

/** Gives way to whatever else is asked. */
const giveWay = () => new Promise<void>((resolve) => setImmediate(resolve));

/** What is found one by one, some at a time. */
export async function* piecesOf<T>(found: Iterable<T>): AsyncGenerator<T[]> {
	let piece: T[] = [];
	for (const each of found) {
		piece.push(each);
		if (piece.length < AT_ONCE) continue;
		yield piece;
		piece = [];
		await giveWay();
	}
	if (piece.length > 0) yield piece;
}

/** All records of a table, some at a time. */
export async function* recordsOf<T extends object>(table: RecordTable<T>): AsyncGenerator<Kept<T>[]> {
	let after: string | undefined;
	do {
		const page = table.page({ limit: AT_ONCE, after })!;
		if (page.items.length > 0) yield page.items;
		after = page.next ?? undefined;
		await giveWay();
	} while (after !== undefined);
}

/** A list as JSON, one line each, so that it can be compared and read by eye. */
export async function* jsonLines(pieces: AsyncIterable<readonly object[]>): AsyncGenerator<string> {
	let before = '[\n';
	for await (const piece of pieces) {
		yield `${before}${piece.map((each) => JSON.stringify(each)).join(',\n')}`;
		before = ',\n';
	}
	yield before === '[\n' ? '[]' : '\n]';
}
