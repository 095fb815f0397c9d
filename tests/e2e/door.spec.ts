import type { Page } from '@playwright/test';
import jsQR from 'jsqr';
import { execFileSync } from 'node:child_process';
import { readFileSync, rmSync } from 'node:fs';
import { request as askSafely } from 'node:https';
import { hostname } from 'node:os';
import sharp from 'sharp';
import { serveApart } from '../../scripts/serve-apart.mjs';
import { certificatesFor } from '../../src/server/door/authority';
import { expect, fits, NETWORK, open, PASSPHRASE, test } from './app';
import { ask, isReadable, portOf } from './at-the-door';
import { phoneOf, type Phone } from './https';

/** How one comes in, and who does not: over real https, from the network's side of this machine. */

const machine = hostname().toLowerCase();

/** What a phone's camera reads off the screen. */
async function scanned(page: Page, name: string | RegExp): Promise<string> {
	const picture = await page.getByRole('img', { name }).screenshot();
	const { data, info } = await sharp(picture).ensureAlpha().raw().toBuffer({ resolveWithObject: true });
	return jsQR(Uint8ClampedArray.from(data), info.width, info.height)!.data;
}

/** The same address as a phone beyond the air opens it. */
const onPhone = (address: string, phone: Phone) => address.replace(/^https:\/\/[^/]+/, phone.address);

test.describe('the first start for the network', () => {
	test.use({ serverArgs: ['--lan', '--host', NETWORK], demo: true });

	test('a passphrase at the desk; a phone by two scans; a second one refused; one signed out; a restart; a renewed certificate', async ({
		app,
		page: desk
	}) => {
		// Browsers are started four times, and the server twice.
		// The network gets nothing before there is a passphrase, and cannot choose one.
		expect((await ask(app, '/api/cameras')).status).toBe(401);
		expect((await ask(app, '/begin', { method: 'POST' })).status).toBe(401);
		await desk.goto(app.address);
		await expect(desk.getByRole('heading', { name: 'Choose a passphrase' })).toBeVisible();
		await isReadable(desk);
		const choose = async (passphrase: string, again = passphrase) => {
			await desk.getByLabel('Passphrase').fill(passphrase);
			await desk.getByLabel('The same again').fill(again);
			await desk.getByRole('button', { name: 'Save and sign in' }).click();
		};
		await choose(PASSPHRASE, 'something else, typed');
		await expect(desk.getByRole('alert')).toHaveText('The two don’t match. Type both again.');
		await choose('password1234');
		await expect(desk.getByRole('alert')).toContainText('That’s too easy to guess');
		await choose(PASSPHRASE);
		await expect(desk.getByRole('heading', { name: 'Phones', exact: true })).toBeVisible();

		// The first scan: the way to the certificate, and the certificate itself.
		const way = await scanned(desk, /^Code of/);
		expect(way).toBe(`http://${NETWORK}:${portOf(app)}`);
		const phone = await phoneOf(app);
		const second = await phoneOf(app);
		try {
			let context = await phone.on();
			let page = await context.newPage();
			await page.goto(way);
			await expect(page.getByRole('heading', { name: 'Trust this machine once' })).toBeVisible();
			await isReadable(page);
			await fits(page);
			const digits = (await page.locator('.digits').textContent())!;
			await desk.getByText('Is it the good one?').click();
			await expect(desk.getByText(digits)).toBeVisible();
			expect((await fetch(`${way}/api/cameras`)).headers.get('content-type')).toContain('text/html');

			// The second scan.
			await desk.getByRole('button', { name: 'Show the code' }).click();
			await expect(desk.getByText(/^[45]:\d\d left/)).toBeVisible();
			const code = await scanned(desk, 'Code that pairs one phone');
			await page.goto(onPhone(code, phone));
			await isReadable(page);
			await page.getByLabel('This device’s name').fill('Field phone');
			await page.getByRole('button', { name: 'Pair it' }).click();
			await expect(page.getByRole('button', { name: /^Took frame/ })).toBeVisible();
			await expect(desk.getByText('Field phone is in.')).toBeVisible();
			const [cookie] = (await context.cookies()).filter(({ name }) => name.includes('just-enough'));
			expect(cookie).toMatchObject({
				name: '__Host-just-enough',
				httpOnly: true,
				secure: true,
				sameSite: 'Strict'
			});

			// What would let somebody in is in nobody's log.
			expect(app.printed()).toContain(way);
			for (const secret of [PASSPHRASE, new URL(code).searchParams.get('code')!, cookie.value])
				expect(app.printed()).not.toContain(secret);

			// Another phone with the same code.
			const other = await (await second.on()).newPage();
			await other.goto(onPhone(code, second));
			await expect(other.getByRole('alert')).toContainText('This code has been used');
			await other.goto(second.address);
			await expect(other.getByRole('heading', { name: 'Sign in' })).toBeVisible();
			await other.getByLabel('Passphrase').fill(PASSPHRASE);
			await other.getByLabel('This device’s name').fill('Studio phone');
			await other.getByRole('button', { name: 'Sign in' }).click();
			await expect(other.getByRole('button', { name: /^Took frame/ })).toBeVisible();

			// One is signed out from the desk: it gets nothing more, and says so.
			await open(other, `${second.address}/settings`);
			await expect(other.getByText('Everything is here')).toBeVisible();
			await desk.reload();
			await desk.getByRole('button', { name: 'Sign out Studio phone' }).click();
			await expect(desk.getByRole('list', { name: 'Devices' })).not.toContainText('Studio phone');
			await expect(other.getByText(/Signed out/)).toBeVisible();
			expect(await other.evaluate(async () => (await fetch('/api/cameras')).status)).toBe(401);
			await expect(desk.getByRole('list', { name: 'Devices' })).toContainText('Field phone');

			// The server is started again with a certificate that is about to end.
			for (const name of ['server.crt', 'server.key']) rmSync(app.path(`certificates/${name}`));
			const before = new Date(Date.now() - 340 * 86_400_000);
			const old = await certificatesFor(
				app.path('.'),
				[NETWORK, machine, `${machine}.local`],
				machine,
				before
			);
			expect(old.until.getTime()).toBeLessThan(Date.now() + 60 * 86_400_000);
			await app.restart();
			const { status, valid } = await ask(app, '/api/cameras');
			expect(status).toBe(401);
			expect(valid.getTime()).toBeGreaterThan(Date.now() + 390 * 86_400_000);
			// The phone was told nothing, and is in.
			await context.close();
			context = await phone.on();
			page = await context.newPage();
			await open(page, `${phone.address}/bag`);
			await expect(page.getByRole('heading', { name: 'Bag', exact: true })).toBeVisible();
			expect(await page.evaluate(async () => (await fetch('/api/cameras')).status)).toBe(200);
		} finally {
			await second.end();
			await phone.end();
		}
	});
});

test('a certificate of one’s own is served, and http tells the way to it', async ({ app }) => {
	execFileSync('openssl', [
		...'req -x509 -newkey ec -pkeyopt ec_paramgen_curve:P-256 -nodes -days 30 -subj /CN=home'.split(' '),
		...[
			'-addext',
			'subjectAltName=DNS:home.example',
			'-keyout',
			app.path('own.key'),
			'-out',
			app.path('own.crt')
		]
	]);
	app.put('passphrase.txt', PASSPHRASE);
	await app.restart([
		...['--lan', '--host', NETWORK, '--cert', app.path('own.crt'), '--key', app.path('own.key')],
		...['--passphrase-file', app.path('passphrase.txt')]
	]);
	const headers = { host: 'home.example' };
	const answered = await new Promise<{ status?: number; hsts?: unknown }>((resolve, reject) =>
		askSafely(
			{
				...{ host: NETWORK, servername: 'home.example', port: portOf(app), path: '/api/cameras', headers },
				ca: readFileSync(app.path('own.crt'))
			},
			({ statusCode, headers: { 'strict-transport-security': hsts } }) =>
				resolve({ status: statusCode, hsts })
		)
			.on('error', reject)
			.end()
	);
	expect(answered).toEqual({ status: 401, hsts: 'max-age=31536000' });
	const told = await (await fetch(`http://${NETWORK}:${portOf(app)}/`)).text();
	expect(told).toContain(`https://home.example:${portOf(app)}`);
});

test('it does not start where nobody could come in, or anybody soon, or where something else is', async ({
	app
}) => {
	const data = app.path('other');
	app.put('short.txt', 'password1234\n');
	app.put('passphrase.txt', PASSPHRASE);
	const lan = ['--lan', '--host', NETWORK];
	const starts: [string[], RegExp][] = [
		[['--behind-proxy'], /--passphrase-file/],
		[['--allow-host', 'home.example'], /--passphrase-file/],
		[[...lan, '--passphrase-file', app.path('short.txt')], /was refused[.] That’s too easy to guess/],
		[['--lan', '--cert', app.path('none.crt')], /--cert and --key/],
		[
			[...lan, '--passphrase-file', app.path('passphrase.txt'), '--port', portOf(app)],
			new RegExp(`Port ${portOf(app)} on 127.0.0.1 is taken`)
		]
	];
	await Promise.all(
		starts.map(([args, why], n) =>
			expect(serveApart({ data: `${data}-${n}`, args }), args.join(' ')).rejects.toThrow(why)
		)
	);
});

test('behind a proxy this machine is a stranger, too, and what the proxy says of https and of who asks is believed', async ({
	app,
	request
}) => {
	app.put('passphrase.txt', PASSPHRASE);
	await app.restart(['--behind-proxy', '--passphrase-file', app.path('passphrase.txt')]);
	const guess = (passphrase: string, from: string, proto = 'https') =>
		request.post('/api/session', {
			data: { passphrase, device: 'Somebody' },
			// What stands before the last of them, the one who asks could have written.
			headers: { 'x-forwarded-proto': proto, 'x-forwarded-for': `203.0.113.${Math.random()}, ${from}` }
		});
	expect((await request.get('/api/cameras')).status()).toBe(401);
	expect((await request.get('/begin')).status()).toBe(401);
	for (let n = 0; n < 5; n++)
		expect((await guess(`a bad guess, number ${n}`, '198.51.100.7')).status()).toBe(401);
	expect((await guess(PASSPHRASE, '198.51.100.7')).status()).toBe(429);
	const [safe, plain] = [
		await guess(PASSPHRASE, '198.51.100.8'),
		await guess(PASSPHRASE, '198.51.100.8', 'http')
	];
	expect(safe.headers()['set-cookie']).toMatch(/^__Host-just-enough=.*HttpOnly; Secure; SameSite=Strict/);
	expect(plain.headers()['set-cookie']).toMatch(/^just-enough=(?!.*Secure)/);
});
