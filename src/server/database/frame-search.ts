import type Database from 'better-sqlite3';
import type { FrameRecord } from '$contract/records';
import type { FrameSearch } from '$contract/frame-search';
import { utc } from './instants';
import { conditionsFor } from './frame-words';
import type { Kept } from './record-table';
import type { FrameKey } from '$views/records';

type Row = { id: string; version: number; body: string };
const kept = ({ id, version, body }: Row): Kept<FrameRecord> => ({
	...(JSON.parse(body) as FrameRecord),
	id,
	version
});

const orders: Readonly<Record<FrameSearch['order'], string>> = {
	newest: 'frames.taken_at DESC, frames.id',
	oldest: 'frames.taken_at, frames.id',
	darkest: 'frames.judged IS NULL, frames.judged, frames.id',
	lightest: 'frames.judged IS NULL, frames.judged DESC, frames.id'
};

const states: Readonly<Record<FrameSearch['state'], string>> = {
	any: '1 = 1',
	'to-judge': 'frames.judged IS NULL',
	judged: 'frames.judged IS NOT NULL',
	kept: 'frames.kept = 1',
	'not-kept': 'frames.kept = 0'
};

/** A frame came out right that is no farther from it than this, stops. */
const RIGHT = 1 / 2;
const outcomes: Readonly<Record<NonNullable<FrameSearch['out']>, string>> = {
	dark: `frames.judged < ${-RIGHT}`,
	right: `frames.judged BETWEEN ${-RIGHT} AND ${RIGHT}`,
	light: `frames.judged > ${RIGHT}`
};

/** The part of a query that picks the frames; a join only where one is asked for. */
function picked({ load, camera, film, state, verdict, out, q, from, before }: FrameSearch): {
	from: string;
	values: string[];
} {
	const conditions = [states[state]];
	const values: string[] = [];
	const add = (sql: string, value: string | undefined) => {
		if (value === undefined) return;
		conditions.push(sql);
		values.push(value);
	};
	if (out) conditions.push(outcomes[out]);
	add('frames.load_id = ?', load);
	add('loads.camera_id = ?', camera);
	add('loads.film_id = ?', film);
	add('frames.verdict = ?', verdict);
	add('frames.taken_at >= ?', from && utc(from));
	add('frames.taken_at < ?', before && utc(before));
	for (const { sql, value } of conditionsFor(q ?? '')) add(sql, value);
	const join = (camera ?? film) ? ' JOIN loads ON loads.id = frames.load_id' : '';
	return { from: `frames${join} WHERE ${conditions.join(' AND ')}`, values };
}

/** Searches through all frames, a page at a time. */
export function frameSearch(database: Database.Database) {
	const prepared = new Map<string, Database.Statement<unknown[]>>();
	const statement = <T>(sql: string) => {
		const known = prepared.get(sql) ?? database.prepare(sql);
		prepared.set(sql, known);
		return known as Database.Statement<unknown[], T>;
	};

	const newestOf = (from: string, values: string[], newest: number): FrameKey[] =>
		statement<FrameKey>(
			`SELECT frames.id, frames.version, frames.load_id AS loadId FROM ${from} ORDER BY ${orders.newest} LIMIT ?`
		).all(...values, newest);

	return {
		page(search: FrameSearch, limit: number, offset: number): { items: Kept<FrameRecord>[]; total: number } {
			const { from, values } = picked(search);
			const rows = statement<Row>(
				`SELECT frames.id, frames.version, frames.body FROM ${from} ORDER BY ${orders[search.order]} LIMIT ? OFFSET ?`
			).all(...values, limit, offset);
			const { total } = statement<{ total: number }>(`SELECT count(*) AS total FROM ${from}`).get(...values)!;
			return { items: rows.map(kept), total };
		},

		/** Each of them, one after the other: nothing may be written on this connection meanwhile. */
		*each(search: FrameSearch): Generator<Kept<FrameRecord>> {
			const { from, values } = picked(search);
			const rows = statement<Row>(
				`SELECT frames.id, frames.version, frames.body FROM ${from} ORDER BY ${orders[search.order]}`
			);
			for (const row of rows.iterate(...values)) yield kept(row);
		},

		/** Which frames were judged last, no more than so many. */
		judgedKeys(search: Partial<Pick<FrameSearch, 'camera' | 'film'>>, newest: number): FrameKey[] {
			const { from, values } = picked({ ...search, state: 'judged', order: 'newest' });
			return newestOf(from, values, newest);
		},

		/** Which judged frames a named flash lit at a known distance, the newest of them. */
		flashedKeys: (newest: number): FrameKey[] =>
			newestOf(`frames WHERE ${states.judged} AND frames.flashed = 1`, [], newest),

		/** Those frames themselves, oldest first. */
		framesOf: (keys: readonly Pick<FrameKey, 'id'>[]): Kept<FrameRecord>[] =>
			statement<Row>(
				`SELECT id, version, body FROM frames WHERE id IN (SELECT value FROM json_each(?)) ORDER BY ${orders.newest}`
			)
				.all(JSON.stringify(keys.map(({ id }) => id)))
				.map(kept)
				.reverse(),

		/** Ids of the cameras of which a frame was judged. */
		judgedCameras(): string[] {
			return statement<{ id: string }>(
				`SELECT DISTINCT loads.camera_id AS id FROM frames JOIN loads ON loads.id = frames.load_id WHERE ${states.judged}`
			)
				.all()
				.map(({ id }) => id);
		}
	};
}
