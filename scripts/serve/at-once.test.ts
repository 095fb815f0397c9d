import { createServer, request as ask, type IncomingMessage, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { afterEach, describe, expect, it } from 'vitest';
import { atOnce } from './at-once.mjs';

let server: Server;
afterEach(() => new Promise((resolve) => server.close(resolve)));

async function bodyOf(message: IncomingMessage): Promise<string> {
	let text = '';
	for await (const chunk of message) text += String(chunk);
	return text;
}

/** A server that answers what is small at once, and says of all else what it was brought. */
async function serving(answer: (name: string, text: string) => string | null): Promise<number> {
	const first = atOnce(answer);
	server = createServer((request, response) =>
		first(request, response, () => {
			void bodyOf(request).then((text) => response.end(`went on with ${text}`));
		})
	);
	await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
	return (server.address() as AddressInfo).port;
}

interface Sent {
	path?: string;
	method?: string;
	type?: string;
	/** Sent one after the other. */
	parts?: string[];
	length?: number | null;
}

function send(port: number, sent: Sent): Promise<string> {
	const { path = '/api/match', method = 'POST', type = 'application/json', parts = ['{"a":1}'] } = sent;
	const { length = Buffer.byteLength(parts.join('')) } = sent;
	const headers = { 'content-type': type, ...(length === null ? {} : { 'content-length': length }) };
	return new Promise((resolve, reject) => {
		const asked = ask({ port, host: '127.0.0.1', path, method, headers }, (response) => {
			void bodyOf(response).then(resolve);
		});
		asked.on('error', reject);
		const next = (at: number) => {
			if (at === parts.length) return asked.end();
			asked.write(parts[at], () => setImmediate(() => next(at + 1)));
		};
		next(0);
	});
}

describe('small questions', () => {
	it('are answered at once, whole, however they come', async () => {
		const port = await serving((name, text) => `${name}: ${text}`);
		expect(await send(port, {})).toBe('match: {"a":1}');
		expect(await send(port, { path: '/api/reach', parts: ['{"a"', ':"', 'ä', '"}'] })).toBe(
			'reach: {"a":"ä"}'
		);
		expect(await send(port, { type: 'application/json; charset=utf-8' })).toBe('match: {"a":1}');
	});

	it('go on as they came where they are not answered', async () => {
		const port = await serving(() => null);
		expect(await send(port, {})).toBe('went on with {"a":1}');
		expect(await send(port, { parts: ['{"a"', ':"', 'ä', '"}'] })).toBe('went on with {"a":"ä"}');
		const long = 'x'.repeat(15_000);
		expect(await send(port, { parts: [long.slice(0, 9000), long.slice(9000)] })).toBe(`went on with ${long}`);
	});

	it('go on where answering them fails', async () => {
		const port = await serving(() => {
			throw new Error('fell over');
		});
		expect(await send(port, {})).toBe('went on with {"a":1}');
	});

	it('are no others: by another address, verb, type or size', async () => {
		const port = await serving(() => 'at once');
		const others: Sent[] = [
			{ path: '/api/frames' },
			{ path: '/api/match?x=1' },
			{ path: '/api/match/' },
			{ method: 'PUT' },
			{ type: 'text/plain' },
			{ type: 'application/jsonp' },
			{ parts: ['x'.repeat(17 * 1024)] },
			{ length: null }
		];
		for (const other of others) {
			expect(await send(port, other), JSON.stringify(other).slice(0, 80)).toMatch(/^went on with/);
		}
	});
});
