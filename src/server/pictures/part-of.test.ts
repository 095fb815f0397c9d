import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { partOf } from './part-of';

const etag = '"a"';
const bytes = new Uint8Array(Array.from({ length: 10 }, (_, at) => at));
const asked = async (headers: Record<string, string>) => {
	const response = partOf({ headers: new Headers(headers) }, bytes, { etag });
	const body = [...new Uint8Array(await response.arrayBuffer())];
	return { status: response.status, range: response.headers.get('content-range'), body };
};

// Source: the examples of RFC 9110, 14.1.2 and 14.4, on ten bytes.
describe('a part of a file', () => {
	it.each<[string, number, string | null, number[]]>([
		['bytes=0-4', 206, 'bytes 0-4/10', [0, 1, 2, 3, 4]],
		['bytes=8-', 206, 'bytes 8-9/10', [8, 9]],
		['bytes=-3', 206, 'bytes 7-9/10', [7, 8, 9]],
		['bytes=-30', 206, 'bytes 0-9/10', [...bytes]],
		['bytes=5-99', 206, 'bytes 5-9/10', [5, 6, 7, 8, 9]],
		['bytes=10-', 416, 'bytes */10', []],
		['bytes=-0', 416, 'bytes */10', []],
		['bytes=5-2', 200, null, [...bytes]],
		['bytes=0-1,4-5', 200, null, [...bytes]],
		['lines=0-1', 200, null, [...bytes]]
	])('that is asked for as %s', async (range, status, said, body) => {
		expect(await asked({ range })).toEqual({ status, range: said, body });
	});

	it('is nothing where it is there already, and all where it was another', async () => {
		expect((await asked({ 'if-none-match': 'W/"b", "a"' })).status).toBe(304);
		expect((await asked({ 'if-none-match': '"b"' })).status).toBe(200);
		expect((await asked({ range: 'bytes=0-1', 'if-range': '"b"' })).status).toBe(200);
		expect((await asked({ range: 'bytes=0-1', 'if-range': etag })).status).toBe(206);
	});

	it('put together is the whole, whatever the cut', async () => {
		await fc.assert(
			fc.asyncProperty(fc.integer({ min: 1, max: 9 }), async (cut) => {
				const parts = [await asked({ range: `bytes=0-${cut - 1}` }), await asked({ range: `bytes=${cut}-` })];
				expect(parts.flatMap(({ body }) => body)).toEqual([...bytes]);
			})
		);
	});
});
