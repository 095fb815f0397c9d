import { error, type RequestEvent } from '@sveltejs/kit';
import Database from 'better-sqlite3';
import { number, object } from 'yup';
import { describe, expect, it } from 'vitest';
import { guarded } from './guarded';

const eventAt = (query: string) => ({ url: new URL(`http://here/api/x${query}`) }) as RequestEvent;
const answerOf = async (
	handler: Parameters<typeof guarded>[0],
	query = '',
	schema?: Parameters<typeof guarded>[1]
) => {
	const answer = (await guarded(handler, schema)(eventAt(query))) as Response;
	return { status: answer.status, ...((await answer.json()) as object) };
};
const throwing = (error: unknown) => () => {
	throw error;
};

describe('a guarded handler', () => {
	it('refuses what nobody knows in a query, and wrong numbers, all at once', async () => {
		const schema = object({ limit: number().min(1) });
		const fine = () => new Response('{}');
		expect(await answerOf(fine)).toEqual({ status: 200 });
		expect(await answerOf(fine, '?limit=3', schema)).toEqual({ status: 200 });
		expect(await answerOf(fine, '?limit=x&offset=3', schema)).toMatchObject({
			status: 422,
			issues: [{ path: 'offset' }, { path: 'limit' }]
		});
	});

	it('says that the disk is full, of a database that really is', async () => {
		const database = new Database(':memory:');
		database.exec('CREATE TABLE things (body TEXT)');
		database.pragma('max_page_count = 4');
		const fill = () => {
			for (;;) database.prepare('INSERT INTO things VALUES (?)').run('x'.repeat(3000));
		};
		expect(await answerOf(fill)).toMatchObject({
			status: 507,
			message: expect.stringContaining('disk is full')
		});
	});

	it('says that a database may not be written, and that too much is asked', async () => {
		const database = new Database(':memory:');
		database.pragma('query_only = 1');
		expect(await answerOf(() => void database.exec('CREATE TABLE x (y)') as never)).toMatchObject({
			status: 507
		});
		expect(await answerOf(() => error(503, 'too long'))).toEqual({ status: 503, message: 'too long' });
	});

	it('leaves a mistake of the program to whoever writes it down', async () => {
		await expect(answerOf(throwing(new TypeError('a mistake')))).rejects.toThrow('a mistake');
	});
});
