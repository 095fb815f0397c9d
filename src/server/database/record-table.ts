import Database from 'better-sqlite3';
import type { Stored } from '$contract/records';
import type { Issue } from '$contract/validate';
import { pagesOf, type Filters, type OrderColumn, type PageAsked } from './pages';
import { besideOf, bodyOf, keeper, same } from './record-rows';
import { statementsOf } from './record-statements';

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
	/** Writes a record that is not there under the version that it had elsewhere. */
	bring(id: string, version: number, record: T): Creation<T>;
	replace(id: string, version: number, record: T): Replacement<T>;
	/** @param version where given, only a record that still has it is removed */
	remove(id: string, version?: number): Removal<T>;
	/** Writes a field that is written by itself; undefined where there is no such record. */
	setAside(id: string, field: string, value: unknown): Kept<T> | undefined;
}

const isRefusal = (error: unknown, code: string) =>
	error instanceof Database.SqliteError && error.code === code;

function removal(erase: () => number): 'removed' | 'missing' | 'in-use' {
	try {
		return erase() > 0 ? 'removed' : 'missing';
	} catch (error) {
		const inUse = ['SQLITE_CONSTRAINT_FOREIGNKEY', 'SQLITE_CONSTRAINT_TRIGGER'];
		if (inUse.some((code) => isRefusal(error, code))) return 'in-use';
		throw error;
	}
}

/** What writes one kind of record, each in one transaction. */
function writesOf<T extends object>(
	database: Database.Database,
	{ columns, uniqueIssue, aside = [] }: TableDescription<T>,
	{ find, insert, update, erase, targets }: ReturnType<typeof statementsOf<T>>
) {
	const kept = keeper<T>(aside);
	const parameters = (id: string, record: T) => ({
		id,
		body: JSON.stringify(bodyOf(record, aside)),
		...Object.fromEntries(Object.entries(columns).map(([name, of]) => [name, of(record)]))
	});
	const dangling = (record: T): Issue[] =>
		targets
			.filter((target) => !target.exists.get(target.id(record)))
			.map(({ path, what }) => ({ path, message: `there is no such ${what}` }));
	/** Writes, or says which field a unique index refused. */
	const write = (statement: Database.Statement, id: string, record: T, version?: number): Issue[] => {
		try {
			const more = statement === insert ? { version, ...besideOf(record, aside) } : {};
			statement.run({ ...parameters(id, record), ...more });
			return [];
		} catch (error) {
			if (uniqueIssue && isRefusal(error, 'SQLITE_CONSTRAINT_UNIQUE')) return [uniqueIssue(record)];
			throw error;
		}
	};
	const written = (statement: Database.Statement, id: string, record: T, version?: number): Issue[] => {
		const issues = dangling(record);
		return issues.length > 0 ? issues : write(statement, id, record, version);
	};

	const create = database.transaction((id: string, record: T, version: number): Creation<T> => {
		const before = find.get(id);
		if (before) {
			const result = same(before, bodyOf(record, aside)) ? 'same' : 'conflict';
			return { result, record: kept(before) };
		}
		const issues = written(insert, id, record, version);
		if (issues.length > 0) return { result: 'invalid', issues };
		return { result: 'created', record: kept(find.get(id)!) };
	});

	const replace = database.transaction((id: string, version: number, record: T): Replacement<T> => {
		const before = find.get(id);
		if (!before) return { result: 'missing' };
		if (before.version !== version) return { result: 'stale', record: kept(before) };
		const issues = written(update, id, record);
		if (issues.length > 0) return { result: 'invalid', issues };
		return { result: 'replaced', record: kept(find.get(id)!) };
	});

	const remove = database.transaction((id: string, version?: number): Removal<T> => {
		const before = version === undefined ? undefined : find.get(id);
		if (before && before.version !== version) return { result: 'stale', record: kept(before) };
		return { result: removal(() => erase.run(id).changes) };
	});
	return { create, replace, remove };
}

/**
 * Reads and writes one kind of record. Every write is one transaction; creating the same record
 * twice is harmless; replacing needs the version that was read.
 */
export function recordTable<T extends object>(
	database: Database.Database,
	description: TableDescription<T>
): RecordTable<T> {
	const { table, orderBy: order, filters: conditions, aside = [] } = description;
	const statements = statementsOf(database, description);
	const { find, page, count, searches, besides } = statements;
	const { create, replace, remove } = writesOf(database, description, statements);
	const pages = pagesOf(database, {
		table,
		order,
		conditions,
		columns: ['id', 'version', 'body', ...aside]
	});
	const kept = keeper<T>(aside);
	const get = (id: string) => {
		const row = find.get(id);
		return row && kept(row);
	};
	return {
		list: (limit, offset) => ({ items: page.all(limit, offset).map(kept), total: count.get()!.total }),
		page: (asked) => {
			const found = pages(asked);
			return found && { items: found.rows.map(kept), total: found.total, next: found.next };
		},
		where: (column, value) => (searches.get(column)?.all(value) ?? []).map(kept),
		get,
		create: (id, record) => create.immediate(id, record, 1),
		bring: (id, version, record) => create.immediate(id, record, version),
		replace: (id, version, record) => replace.immediate(id, version, record),
		remove: (id, version) => remove.immediate(id, version),
		setAside: (id, field, value) => {
			besides.get(field)!.run(JSON.stringify(value), id);
			return get(id);
		}
	};
}
