import { randomBytes } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { request as httpRequest, type RequestOptions } from 'node:http';
import { connect } from 'node:net';
import { expect, open, test } from './app';

interface Answer {
	status: number;
	headers: Record<string, string | string[] | undefined>;
	text: string;
}

/** A request as no browser would send it. */
function ask(url: string, options: RequestOptions = {}, body?: string | Buffer): Promise<Answer> {
	return new Promise((resolve, reject) => {
		const sent = httpRequest(url, options, (response) => {
			let text = '';
			response.setEncoding('utf8').on('data', (chunk) => (text += chunk));
			const { statusCode = 0, headers } = response;
			response.on('end', () => resolve({ status: statusCode, headers, text }));
		});
		sent.on('error', reject);
		sent.end(body);
	});
}

test('a name that is not this machine’s gets nothing, not even a file', async ({ app }) => {
	const script = /"(\/_app\/immutable\/[^"]+\.js)"|"\.(\/_app\/immutable\/[^"]+\.js)"/.exec(
		(await ask(app.address)).text
	)!;
	for (const path of ['/', '/api/cameras', '/mark.svg', script[1] ?? script[2]]) {
		const there = await ask(app.address + path);
		expect(there.status, path).toBe(200);
		const elsewhere = await ask(app.address + path, { headers: { host: 'evil.example' } });
		expect(elsewhere.status, path).toBe(421);
		expect(elsewhere.text).toContain('--allow-host');
	}
});

test('another site’s page can write nothing', async ({ app, page }) => {
	const json = { 'content-type': 'application/json', origin: 'http://evil.example' };
	const body = JSON.stringify({ name: 'Planted', latitude: 1, longitude: 2 });
	expect((await ask(`${app.address}/api/places`, { method: 'POST', headers: json }, body)).status).toBe(403);
	// A page of another port of this machine is another site, too: in a real browser.
	await page.route('http://localhost:1/**', (route) =>
		route.fulfill({ contentType: 'text/html', body: '<title>elsewhere</title>' })
	);
	await page.goto('http://localhost:1/');
	await page.evaluate(async (address) => {
		const send = {
			method: 'POST',
			mode: 'no-cors' as const,
			body: '{"name":"Planted","latitude":1,"longitude":2}'
		};
		await fetch(`${address}/api/places`, send).catch(() => {});
	}, app.address);
	const { total } = JSON.parse((await ask(`${app.address}/api/places`)).text);
	expect(total).toBe(0);
});

test('everything says how it may be used, and JSON is not kept', async ({ app, page }) => {
	for (const path of ['/', '/bag', '/mark.svg', '/api/cameras', '/nowhere']) {
		const { headers } = await ask(app.address + path);
		expect(headers['x-content-type-options'], path).toBe('nosniff');
		expect(headers['referrer-policy'], path).toBe('same-origin');
		expect(headers['permissions-policy'], path).toContain('microphone=(self)');
		expect(headers['content-security-policy'], path).toContain("frame-ancestors 'none'");
	}
	expect((await ask(`${app.address}/api/cameras`)).headers['cache-control']).toBe('no-store');
	const refused: string[] = [];
	page.on('console', (message) => message.type() === 'error' && refused.push(message.text()));
	for (const path of ['/', '/plan', '/frames/honest', '/practice', '/develop']) await open(page, path);
	expect(refused).toEqual([]);
	// A script that is none of ours is not run.
	const ran = await page.evaluate(() => {
		const script = document.createElement('script');
		script.textContent = 'window.planted = true';
		document.head.append(script);
		return 'planted' in window;
	});
	expect(ran).toBe(false);
});

test('what is sent wrongly is told how it should be', async ({ app }) => {
	const post = (path: string, headers: Record<string, string>, body: string | Buffer) =>
		ask(app.address + path, { method: 'POST', headers }, body);
	const form = await post(
		'/api/match',
		{ 'content-type': 'application/x-www-form-urlencoded' },
		'{"camera":{}}'
	);
	expect(form.status).toBe(415);
	expect(JSON.parse(form.text).message).toContain('content-type: application/json');
	expect((await post('/api/places', {}, '{}')).status).toBe(415);
	expect((await post('/api/bench/shutter', {}, 'RIFF')).status).toBe(415);
	// 60 MB, far beyond what is taken: the answer is read, not a closed door.
	const large = await post('/api/places', { 'content-type': 'application/json' }, randomBytes(60e6));
	expect(large.status).toBe(413);
	expect(JSON.parse(large.text).message).toContain('256 KiB');
	for (const path of [
		'/api/cameras?colour=red',
		'/api/health?x=1',
		'/api/openapi.json?x',
		'/api/cameras?offset=3'
	])
		expect((await ask(app.address + path)).status, path).toBe(422);
});

test('a request that is half sent when the server is told to stop is answered, and the file is all there is', async ({
	app
}) => {
	const { hostname, port } = new URL(app.address);
	const body = JSON.stringify({ name: 'Half sent', latitude: 54, longitude: -4 });
	const socket = connect(Number(port), hostname);
	const head = `POST /api/places HTTP/1.1\r\nhost: ${hostname}\r\ncontent-type: application/json\r\ncontent-length: ${body.length}\r\n\r\n`;
	socket.write(head + body.slice(0, 10));
	let said = '';
	socket.on('data', (chunk) => (said += chunk));
	// Something else is answered meanwhile: the half is there.
	await ask(`${app.address}/api/health`);
	const stopped = app.stop();
	await expect
		.poll(() =>
			ask(`${app.address}/api/health`).then(
				() => 'open',
				() => 'closed'
			)
		)
		.toBe('closed');
	socket.write(body.slice(10));
	await expect.poll(() => said).toContain('HTTP/1.1 201');
	await stopped;
	expect(app.files()).toEqual(['just-enough.sqlite']);
	await app.restart();
	const { items } = JSON.parse((await ask(`${app.address}/api/places`)).text);
	expect(items).toMatchObject([{ name: 'Half sent' }]);
});

test('another program’s database is named, and not touched', async ({ app }) => {
	await app.stop();
	app.put('just-enough.sqlite', 'Dear diary, this is no database at all, and nobody should write to it.');
	await expect(app.restart()).rejects.toThrow(/just-enough\.sqlite is no SQLite database.*--data/s);
	expect(readFileSync(app.path('just-enough.sqlite'), 'utf8')).toMatch(/^Dear diary/);
});
