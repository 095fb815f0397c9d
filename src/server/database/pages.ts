import type Database from 'better-sqlite3';

/** A column that a list is ordered by. */
export interface OrderColumn {
	column: string;
	falling?: boolean;
	/** Upper and lower case alike. */
	nocase?: boolean;
}

/** A condition with one place for a value. */
export interface Condition {
	sql: string;
	value: string;
}

/** What narrows a list, by the name it is asked by: a condition, or those that a text comes to. */
export type Filters = Readonly<Record<string, string | ((text: string) => Condition[])>>;

const conditionsOf = (filter: Filters[string], value: string): Condition[] =>
	typeof filter === 'string' ? [{ sql: filter, value }] : filter(value);

/** Where a page begins, and what is asked for. */
export interface PageAsked {
	limit: number;
	/** As `next` of the page before it gave it. */
	after?: string;
	filters?: Readonly<Record<string, string>>;
}

/** What is read page by page. */
interface PagedTable {
	table: string;
	/** Ends with the id, so that no two rows are alike. */
	order: readonly OrderColumn[];
	conditions?: Filters;
	/** What is read of each row. */
	columns: readonly string[];
}

type Key = (string | number | null)[];
type KeptRow = { id: string; version: number; body: string } & Record<string, string | number | null>;

export const orderSql = (order: readonly OrderColumn[]) =>
	order
		.map(
			({ column, falling, nocase }) => `${column}${nocase ? ' COLLATE NOCASE' : ''}${falling ? ' DESC' : ''}`
		)
		.join(', ');

const tokenOf = (key: Key) => Buffer.from(JSON.stringify(key)).toString('base64url');

/** The key in a token, or null where it is none of ours. */
function keyIn(token: string, length: number): Key | null {
	try {
		const key: unknown = JSON.parse(Buffer.from(token, 'base64url').toString('utf8'));
		const plain = (value: unknown) => ['string', 'number'].includes(typeof value);
		return Array.isArray(key) && key.length === length && key.every(plain) ? (key as Key) : null;
	} catch {
		return null;
	}
}

/** Rows behind a key: each column decides where those before it are alike. */
function behind(order: readonly OrderColumn[], key: Key): { sql: string; values: Key } {
	const values: Key = [];
	const ways = order.map(({ column, falling, nocase }, at) => {
		const collate = nocase ? ' COLLATE NOCASE' : '';
		const alike = order.slice(0, at).map((before, index) => {
			values.push(key[index]);
			return `${before.column} = ?${before.nocase ? ' COLLATE NOCASE' : ''}`;
		});
		values.push(key[at]);
		return `(${[...alike, `${column} ${falling ? '<' : '>'} ?${collate}`].join(' AND ')})`;
	});
	return { sql: `(${ways.join(' OR ')})`, values };
}

/**
 * Reads a table page by page, each beginning behind the last row of the one before: what is added or deleted
 * meanwhile neither repeats a row nor leaves one out.
 *
 * @returns what reads a page; null where `after` is not one that a page gave
 */
export function pagesOf<Row extends object = KeptRow>(
	database: Database.Database,
	{ table, order, conditions = {}, columns }: PagedTable
) {
	const read = columns.join(', ');
	const statements = new Map<string, Database.Statement<unknown[]>>();
	const statement = (sql: string) => {
		const known = statements.get(sql) ?? database.prepare(sql);
		statements.set(sql, known);
		return known;
	};
	const keys = order.map(({ column }, at) => `${column} AS key${at}`).join(', ');

	return ({
		limit,
		after,
		filters = {}
	}: PageAsked): { rows: Row[]; total: number; next: string | null } | null => {
		const narrowed = Object.entries(filters).flatMap(([name, value]) =>
			conditionsOf(conditions[name], value)
		);
		const wheres = narrowed.map(({ sql }) => sql);
		const values: Key = narrowed.map(({ value }) => value);
		const key = after === undefined ? undefined : keyIn(after, order.length);
		if (key === null) return null;
		const count = `SELECT count(*) AS total FROM ${table}${wheres.length ? ` WHERE ${wheres.join(' AND ')}` : ''}`;
		const { total } = statement(count).get(...values) as { total: number };
		const from = key && behind(order, key);
		const all = from ? [...wheres, from.sql] : wheres;
		const sql = `SELECT ${read}, ${keys} FROM ${table}${all.length ? ` WHERE ${all.join(' AND ')}` : ''} ORDER BY ${orderSql(order)} LIMIT ?`;
		const rows = statement(sql).all(...values, ...(from?.values ?? []), limit + 1) as (Row &
			Record<`key${number}`, string | number | null>)[];
		const page = rows.slice(0, limit);
		const last = page.at(-1);
		const next = rows.length > limit && last ? tokenOf(order.map((_, at) => last[`key${at}`])) : null;
		return { rows: page, total, next };
	};
}
