import { hostname } from 'node:os';
import { describe, expect, it } from 'vitest';
import { doorsOf } from './doors.mjs';

const refusal = doorsOf({ host: '127.0.0.1', allowed: ['photos.example'] });
const statusFor = (host: string, more: { method?: string; origin?: string } = {}) =>
	refusal({ method: more.method, headers: { host, origin: more.origin } })?.status ?? 200;

describe('the door', () => {
	it.each([
		'127.0.0.1:5253',
		'localhost',
		'LOCALHOST:80',
		'[::1]:5253',
		'192.168.1.7:5253',
		hostname(),
		'photos.example'
	])('lets %s in', (host) => expect(statusFor(host)).toBe(200));

	it.each([
		'evil.example',
		'127.0.0.1.evil.example',
		'',
		'localhost.evil.example:5253',
		'user@localhost',
		'localhost/x',
		'0x7f.1.evil'
	])('does not know %j', (host) => expect(statusFor(host)).toBe(421));

	it('takes writes from its own pages, from names that were let in, and from what is no page', () => {
		const post = (origin?: string) => statusFor('localhost:5253', { method: 'POST', origin });
		expect(post()).toBe(200);
		expect(post('http://localhost:5253')).toBe(200);
		expect(post('https://photos.example')).toBe(200);
		for (const origin of ['http://localhost:9999', 'http://evil.example', 'null', 'http://127.0.0.1:5253'])
			expect(post(origin), origin).toBe(403);
		expect(statusFor('localhost:5253', { method: 'GET', origin: 'http://evil.example' })).toBe(200);
	});
});
