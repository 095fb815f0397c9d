import Database from 'better-sqlite3';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { pagesOf } from './pages';

const order = [{ column: 'name', nocase: true }, { column: 'at', falling: true }, { column: 'id' }];

function filled(rows: { name: string; at: number }[]) {
	const database = new Database(':memory:');
	database.exec('CREATE TABLE things (id TEXT PRIMARY KEY, version INTEGER, body TEXT, name TEXT, at REAL)');
	const insert = database.prepare('INSERT INTO things VALUES (?, 1, ?, ?, ?)');
	rows.forEach(({ name, at }, index) => insert.run(String(index).padStart(4, '0'), '{}', name, at));
	return {
		database,
		pages: pagesOf(database, {
			table: 'things',
			order,
			conditions: { at: 'at = ?' },
			columns: ['id', 'version', 'body']
		})
	};
}

describe('pages of a table', () => {
	it('give every row once and in order, however many there are on a page', () => {
		const rows = fc.array(
			fc.record({ name: fc.constantFrom('a', 'A', 'b', 'é', ''), at: fc.integer({ min: 0, max: 3 }) }),
			{ maxLength: 40 }
		);
		fc.assert(
			fc.property(rows, fc.integer({ min: 1, max: 7 }), (all, limit) => {
				const { database, pages } = filled(all);
				const sql = 'SELECT id FROM things ORDER BY name COLLATE NOCASE, at DESC, id';
				const expected = (database.prepare(sql).all() as { id: string }[]).map(({ id }) => id);
				const seen: string[] = [];
				let after: string | undefined;
				do {
					const page = pages({ limit, after })!;
					expect(page.total).toBe(all.length);
					seen.push(...page.rows.map(({ id }) => id));
					after = page.next ?? undefined;
				} while (after !== undefined);
				expect(seen).toEqual(expected);
				database.close();
			}),
			{ numRuns: 60 }
		);
	});

	it('go on behind a row that is deleted meanwhile, and see none twice when one is added before it', () => {
		const { database, pages } = filled([1, 2, 3, 4].map((at) => ({ name: 'same', at })));
		const first = pages({ limit: 2 })!;
		expect(first.rows.map(({ id }) => id)).toEqual(['0003', '0002']);
		database.exec(`DELETE FROM things WHERE id = '0002'`);
		database.exec(`INSERT INTO things VALUES ('9999', 1, '{}', 'same', 9)`);
		const second = pages({ limit: 2, after: first.next! })!;
		expect(second.rows.map(({ id }) => id)).toEqual(['0001', '0000']);
		expect(second.next).toBeNull();
	});

	it('are narrowed, and know how many there are', () => {
		const { pages } = filled([1, 2, 2, 2].map((at) => ({ name: 'x', at })));
		expect(pages({ limit: 2, filters: { at: '2' } })).toMatchObject({ total: 3 });
	});

	it('are none behind what no page gave', () => {
		const { pages } = filled([{ name: 'x', at: 1 }]);
		for (const after of ['', 'zzz', 'bnVsbA', Buffer.from('[1]').toString('base64url'), 'W1tdLHt9LG51bGxd'])
			expect(pages({ limit: 2, after })).toBeNull();
	});
});
