import Database from 'better-sqlite3';
import { isDeepStrictEqual } from 'node:util';
import type { Stored } from '$contract/records';
import type { Issue } from '$contract/validate';
import { orderSql, pagesOf, type Filters, type OrderColumn, type PageAsked } from './pages';

/** How a kind of record lies in its table. */
export interface TableDescription<T> {
	table: string;
	/** The columns searched or joined on, from the record. */
	columns: Readonly<Record<string, (record: T) => string | number | null>>;
	orderBy: readonly OrderColumn[];
	/** Fields that are written by themselves, whoever wrote last: each has a JSON column of its own, and no version. */
	aside?: readonly string[];
	/** What a list can be narrowed by. */
	filters?: Filters;
	/** Fields that name a record of another table. */
	references?: Readonly<Record<string, { table: string; id: (record: T) => string; what: string }>>;
	/** What is wrong when a unique index refuses the record. */
	uniqueIssue?: (record: T) => Issue;
}

type Row = { id: string; version: number; body: string } & Record<string, string | number | null>;
export type Kept<T> = T & Stored;

export type Creation<T> =
	{ result: 'created' | 'same' | 'conflict'; record: Kept<T> } | { result: 'invalid'; issues: Issue[] };
export type Replacement<T> =
	| { result: 'replaced' | 'stale'; record: Kept<T> }
	| { result: 'invalid'; issues: Issue[] }
	| { result: 'missing' };
export type Removal<T> = { result: 'removed' | 'missing' | 'in-use' } | { result: 'stale'; record: Kept<T> };

export interface Page<T> {
	items: Kept<T>[];
	total: number;
}

export interface RecordTable<T> {
	list(limit: number, offset: number): Page<T>;
	/** A page of the list; null where `after` is not what a page gave. */
	page(asked: PageAsked): (Page<T> & { next: string | null }) | null;
	/** All records whose column has a value. */
	where(column: string, value: string | number): Kept<T>[];
	get(id: string): Kept<T> | undefined;
	create(id: string, record: T): Creation<T>;
	replace(id: string, version: number, record: T): Replacement<T>;
	/** @param version where given, only a record that still has it is removed */
	remove(id: string, version?: number): Removal<T>;
	/** Writes a field that is written by itself; undefined where there is no such record. */
	setAside(id: string, field: string, value: unknown): Kept<T> | undefined;
}

const isRefusal = (error: unknown, code: string) =>
	error instanceof Database.SqliteError && error.code === code;

/** Records from rows, with the fields that lie beside their bodies. */
const keeper =
	<T>(aside: readonly string[]) =>
	(row: Row): Kept<T> => {
		const beside = aside.flatMap((field) => (row[field] ? [[field, JSON.parse(String(row[field]))]] : []));
		const { id, version, body } = row;
		return { ...(JSON.parse(body) as T), ...Object.fromEntries(beside), id, version };
	};

/** A record without the fields that are written by themselves. */
const bodyOf = <T extends object>(record: T, aside: readonly string[]): object =>
	Object.fromEntries(Object.entries(record).filter(([field]) => !aside.includes(field)));

const same = (row: Row, body: object) =>
	isDeepStrictEqual(JSON.parse(row.body), JSON.parse(JSON.stringify(body)));

function removal(erase: () => number): 'removed' | 'missing' | 'in-use' {
	try {
		return erase() > 0 ? 'removed' : 'missing';
	} catch (error) {
		const inUse = ['SQLITE_CONSTRAINT_FOREIGNKEY', 'SQLITE_CONSTRAINT_TRIGGER'];
		if (inUse.some((code) => isRefusal(error, code))) return 'in-use';
		throw error;
	}
}

/** Prepares everything that is ever asked of a table. */
function statementsOf<T>(
	database: Database.Database,
	{ table, columns, orderBy: order, aside = [], references = {} }: TableDescription<T>
) {
	const names = Object.keys(columns);
	const read = ['id', 'version', 'body', ...aside].join(', ');
	const written = [...names, ...aside];
	const orderBy = orderSql(order);
	const find = database.prepare<[string], Row>(`SELECT ${read} FROM ${table} WHERE id = ?`);
	const page = database.prepare<[number, number], Row>(
		`SELECT ${read} FROM ${table} ORDER BY ${orderBy} LIMIT ? OFFSET ?`
	);
	const count = database.prepare<[], { total: number }>(`SELECT count(*) AS total FROM ${table}`);
	const insert = database.prepare(
		`INSERT INTO ${table} (id, version, body${written.map((name) => `, ${name}`).join('')})
		VALUES (@id, 1, @body${written.map((name) => `, @${name}`).join('')})`
	);
	const update = database.prepare(
		`UPDATE ${table} SET version = version + 1, body = @body${names.map((name) => `, ${name} = @${name}`).join('')}
		WHERE id = @id`
	);
	const erase = database.prepare<[string]>(`DELETE FROM ${table} WHERE id = ?`);
	const searches = new Map(
		names.map((name) => [
			name,
			database.prepare<[string | number], Row>(
				`SELECT ${read} FROM ${table} WHERE ${name} = ? ORDER BY ${orderBy}`
			)
		])
	);
	const targets = Object.entries(references).map(([path, { table: other, id, what }]) => ({
		path,
		what,
		id,
		exists: database.prepare<[string], { found: 1 }>(`SELECT 1 AS found FROM ${other} WHERE id = ?`)
	}));
	const besides = new Map(
		aside.map((field) => [
			field,
			database.prepare<[string, string]>(`UPDATE ${table} SET ${field} = ? WHERE id = ?`)
		])
	);
	return { find, page, count, insert, update, erase, searches, targets, besides };
}

/**
 * Reads and writes one kind of record. Every write is one transaction; creating the same record
 * twice is harmless; replacing needs the version that was read.
 */
export function recordTable<T extends object>(
	database: Database.Database,
	description: TableDescription<T>
): RecordTable<T> {
	const { find, page, count, insert, update, erase, searches, targets, besides } = statementsOf(
		database,
		description
	);
	const { columns, uniqueIssue, table, orderBy, filters, aside = [] } = description;
	const pages = pagesOf(database, { table, order: orderBy, conditions: filters, aside });
	const kept = keeper<T>(aside);

	const parameters = (id: string, record: T) => ({
		id,
		body: JSON.stringify(bodyOf(record, aside)),
		...Object.fromEntries(Object.entries(columns).map(([name, of]) => [name, of(record)]))
	});
	const besideOf = (record: T) =>
		Object.fromEntries(
			aside.map((field) => {
				const value = (record as Record<string, unknown>)[field];
				return [field, value === undefined ? null : JSON.stringify(value)];
			})
		);
	const dangling = (record: T): Issue[] =>
		targets
			.filter((target) => !target.exists.get(target.id(record)))
			.map(({ path, what }) => ({ path, message: `there is no such ${what}` }));
	const get = (id: string) => {
		const row = find.get(id);
		return row && kept(row);
	};
	/** Writes, or says which field a unique index refused. */
	const write = (statement: Database.Statement, id: string, record: T): Issue[] => {
		try {
			statement.run({ ...parameters(id, record), ...(statement === insert ? besideOf(record) : {}) });
			return [];
		} catch (error) {
			if (uniqueIssue && isRefusal(error, 'SQLITE_CONSTRAINT_UNIQUE')) return [uniqueIssue(record)];
			throw error;
		}
	};

	const create = database.transaction((id: string, record: T): Creation<T> => {
		const before = find.get(id);
		if (before)
			return { result: same(before, bodyOf(record, aside)) ? 'same' : 'conflict', record: kept(before) };
		const issues = dangling(record);
		if (issues.length === 0) issues.push(...write(insert, id, record));
		return issues.length > 0 ? { result: 'invalid', issues } : { result: 'created', record: get(id)! };
	});

	const replace = database.transaction((id: string, version: number, record: T): Replacement<T> => {
		const before = find.get(id);
		if (!before) return { result: 'missing' };
		if (before.version !== version) return { result: 'stale', record: kept(before) };
		const issues = dangling(record);
		if (issues.length === 0) issues.push(...write(update, id, record));
		return issues.length > 0 ? { result: 'invalid', issues } : { result: 'replaced', record: get(id)! };
	});

	const remove = database.transaction((id: string, version?: number): Removal<T> => {
		const record = version === undefined ? undefined : get(id);
		if (record && record.version !== version) return { result: 'stale', record };
		return { result: removal(() => erase.run(id).changes) };
	});

	return {
		list: (limit, offset) => ({ items: page.all(limit, offset).map(kept), total: count.get()!.total }),
		page: (asked) => {
			const found = pages(asked);
			return found && { items: found.rows.map(kept), total: found.total, next: found.next };
		},
		where: (column, value) => (searches.get(column)?.all(value) ?? []).map(kept),
		get,
		create: (id, record) => create.immediate(id, record),
		replace: (id, version, record) => replace.immediate(id, version, record),
		remove: (id, version) => remove.immediate(id, version),
		setAside: (id, field, value) => {
			besides.get(field)!.run(JSON.stringify(value), id);
			return get(id);
		}
	};
}
