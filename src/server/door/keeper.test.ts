import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, test } from 'vitest';
import { openapi } from '$contract/openapi/document';
import { Book } from './book';
import { cookieName, keeperOf, type Decided } from './keeper';

const anew = () => new Book(mkdtempSync(join(tmpdir(), 'just-enough-keeper-')));
const ABROAD = { desk: false, https: true };
const DESK = { desk: true, https: false };
const page = { accept: 'text/html,application/xhtml+xml' };

/** A book with a passphrase, its keeper, and what devices and tokens show. */
async function begun() {
	const book = anew();
	await book.setPassphrase('a passphrase of the test');
	const decide = keeperOf(book);
	const device = book.letIn({ kind: 'device', name: 'Phone', access: 'write' }).token;
	const token = (access: 'read' | 'write') => book.letIn({ kind: 'token', name: 'Script', access }).token;
	return { book, decide, device, token };
}
const statusOf = (decided: Decided) =>
	'refused' in decided ? decided.refused.status : 'sentTo' in decided ? decided.sentTo : 'in';

describe('a stranger', async () => {
	const { decide } = await begun();

	test.each([
		['GET', '/api/cameras', 401],
		['GET', '/api/health', 401],
		['GET', '/mark.svg', 401],
		['GET', '/_app/immutable/entry/start.js', 401],
		['GET', '/api/pictures/1/thumbnail', 401],
		['GET', '/api/changes?since=0', 401],
		['POST', '/api/match', 401],
		['POST', '/api/frames', 401],
		['DELETE', '/api/session', 401],
		['GET', '/api/session', 401],
		['POST', '/api/pairing', 401],
		['POST', '/api/sessions', 401],
		['POST', '/begin', 401],
		['POST', '/api/session', 'in'],
		['GET', '/sign-in', 'in'],
		['GET', '/sign-in?to=%2Fbag', 'in'],
		['POST', '/sign-in', 'in'],
		['GET', '/pair?code=abc', 'in'],
		['GET', '/sign-in/../api/cameras', 401],
		['GET', '/SIGN-IN', 401]
	])('%s %s: %s', (method, url, status) => {
		expect(statusOf(decide({ method, url, headers: {} }, ABROAD))).toBe(status);
		expect(statusOf(decide({ method, url, headers: {} }, DESK))).toBe(status);
	});

	test('is sent to sign in by a browser, and back to where it wanted to go', () => {
		const at = (url: string) => statusOf(decide({ method: 'GET', url, headers: page }, ABROAD));
		expect(at('/')).toBe('/sign-in');
		expect(at('/frames/all?q=punt')).toBe('/sign-in?to=%2Fframes%2Fall%3Fq%3Dpunt');
		expect(at('/api/export.zip')).toBe(401);
	});

	test.each(['', 'x', 'Bearer', 'Bearer ', 'Basic YTpi', `Bearer ${'a'.repeat(43)}`])(
		'is none the better for the authorization “%s”',
		(authorization) => {
			expect(statusOf(decide({ url: '/api/cameras', headers: { authorization } }, ABROAD))).toBe(401);
		}
	);
});

describe('the beginning', () => {
	test('the desk is sent to choose a passphrase; the network is not, and reaches nothing', () => {
		const decide = keeperOf(anew());
		const ask = (url: string, way: typeof DESK) =>
			statusOf(decide({ method: 'GET', url, headers: page }, way));
		expect([ask('/', DESK), ask('/sign-in', DESK), ask('/begin', DESK)]).toEqual(['/begin', '/begin', 'in']);
		expect([ask('/', ABROAD), ask('/begin', ABROAD), ask('/sign-in', ABROAD)]).toEqual([
			'/sign-in',
			'/sign-in',
			'in'
		]);
		expect(statusOf(decide({ method: 'POST', url: '/begin', headers: {} }, ABROAD))).toBe(401);
		expect(statusOf(decide({ method: 'GET', url: '/api/cameras', headers: {} }, DESK))).toBe(401);
	});

	test('is over once there is one', async () => {
		const book = anew();
		const decide = keeperOf(book);
		expect(statusOf(decide({ method: 'POST', url: '/begin', headers: {} }, DESK))).toBe('in');
		await book.begin('a passphrase of the test');
		expect(statusOf(decide({ method: 'POST', url: '/begin', headers: {} }, DESK))).toBe(401);
	});
});

describe('a device', () => {
	test('is in by its cookie, over https by none but the one that only https sends', async () => {
		const { decide, device } = await begun();
		const ask = (cookie: string, way: typeof DESK) =>
			statusOf(decide({ url: '/api/cameras', headers: { cookie } }, way));
		expect(ask(`display=dark; ${cookieName(true)}=${device}`, ABROAD)).toBe('in');
		expect(ask(`${cookieName(false)}=${device}`, ABROAD)).toBe(401);
		expect(ask(`${cookieName(false)}=${device}`, DESK)).toBe('in');
		expect(ask(`x${cookieName(false)}=${device}`, DESK)).toBe(401);
		expect(ask(`${cookieName(false)}=${device}x`, DESK)).toBe(401);
	});

	test('is out as soon as it is sent away', async () => {
		const { book, decide, device } = await begun();
		const headers = { cookie: `${cookieName(true)}=${device}` };
		const [{ id }] = book.passes('device');
		expect(statusOf(decide({ url: '/api/cameras', headers }, ABROAD))).toBe('in');
		book.sendAway('device', id);
		expect(statusOf(decide({ url: '/api/cameras', headers }, ABROAD))).toBe(401);
	});
});

/** What the description of the API says is sent to be worked out: the same answer for the same question. */
const WORKED_OUT = [
	'/api/match',
	'/api/light',
	'/api/reach',
	'/api/learn',
	'/api/plan',
	'/api/plan/year',
	'/api/bench/aperture',
	'/api/bench/shutter'
];
const DOOR = [
	'/api/door',
	'/api/session',
	'/api/devices',
	'/api/tokens',
	'/api/pairing',
	'/api/passphrase',
	'/api/people'
];

describe('a token that reads', async () => {
	const { decide, token } = await begun();
	const headers = { authorization: `Bearer ${token('read')}` };
	const paths = Object.entries(openapi.paths as Record<string, object>);
	const all = paths.flatMap(([path, of]) =>
		Object.keys(of)
			.filter((verb) => ['get', 'post', 'put', 'delete'].includes(verb))
			.map((verb) => [verb.toUpperCase(), path.replace(/\{\w+\}/g, 'one')])
	);

	test('there are addresses of every verb to try', () => {
		for (const verb of ['GET', 'POST', 'PUT', 'DELETE'])
			expect(all.filter(([each]) => each === verb).length).toBeGreaterThan(1);
	});

	test.each(all)('%s %s', (method, url) => {
		const isOfDoor = DOOR.some((path) => url === path || url.startsWith(`${path}/`));
		const reads = method === 'GET' || (method === 'POST' && WORKED_OUT.includes(url));
		expect(statusOf(decide({ method, url, headers }, ABROAD))).toBe(!isOfDoor && reads ? 'in' : 403);
	});
});

test('a token that writes may write, and not say who is let in', async () => {
	const { decide, token } = await begun();
	const headers = { authorization: `Bearer ${token('write')}` };
	expect(statusOf(decide({ method: 'POST', url: '/api/frames', headers }, ABROAD))).toBe('in');
	for (const url of [...DOOR, '/api/devices/one', '/begin', '/pair'])
		expect(statusOf(decide({ method: 'POST', url, headers }, ABROAD)), url).toBe(403);
});

test('where one person’s records are served, nobody else is in, by device or token', async () => {
	const { book } = await begun();
	const other = book.addPerson('Another')!;
	const cookie = book.letIn({ kind: 'device', name: 'Phone', access: 'write' }, other).token;
	const token = book.letIn({ kind: 'token', name: 'Script', access: 'write' }, other).token;
	for (const headers of [
		{ cookie: `${cookieName(true)}=${cookie}` },
		{ authorization: `Bearer ${token}` }
	] as Record<string, string>[]) {
		const asked = { url: '/api/cameras', headers };
		expect(statusOf(keeperOf(book)(asked, ABROAD))).toBe(401);
		expect(statusOf(keeperOf(book, true)(asked, ABROAD))).toBe('in');
	}
});
