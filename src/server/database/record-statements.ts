import type Database from 'better-sqlite3';
import { orderSql } from './pages';
import type { Row } from './record-rows';
import type { TableDescription } from './record-table';

/** Prepares everything that is ever asked of a table. */
export function statementsOf<T>(
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
		VALUES (@id, @version, @body${written.map((name) => `, @${name}`).join('')})`
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
