import { randomUUID } from 'node:crypto';
import { request as askBy } from 'node:http';
import { expect, findsNothing, fits, open, PASSPHRASE, PHONE, signIn, test } from './app';
import { ask, isReadable } from './at-the-door';

/** Who is let in, to what, and who is not: a server that is opened to its network. */

test.use({ lan: true });

test('a script with a token that reads reads, and may not write; one that was ended does neither', async ({
	app,
	page
}) => {
	await open(page, '/settings/phones');
	await page.getByRole('textbox', { name: 'Name' }).fill('Evening backup');
	await page.getByRole('button', { name: 'Make a token' }).click();
	const token = (await page.locator('.notice code').first().textContent())!;
	const headers = { authorization: `Bearer ${token}` };
	const place = { id: randomUUID(), name: 'Slip', latitude: 50, longitude: 1 };
	expect((await ask(app, '/api/places', { headers })).status).toBe(200);
	expect((await ask(app, '/api/export.zip', { headers })).status).toBe(200);
	const refused = await ask(app, '/api/places', { method: 'POST', headers, body: place });
	expect([refused.status, JSON.parse(refused.text).message]).toEqual([
		403,
		'This token is read-only. Nothing was changed.'
	]);
	expect((await ask(app, '/api/tokens', { headers })).status).toBe(403);
	expect(JSON.parse((await ask(app, '/api/places', { headers })).text).total).toBe(0);
	// One that writes.
	await page.getByRole('textbox', { name: 'Name' }).fill('Shutter tester');
	await page.getByLabel('Access', { exact: true }).selectOption('read and write');
	await page.getByRole('button', { name: 'Make a token' }).click();
	await expect(page.getByRole('list', { name: 'Tokens' })).toContainText('Shutter tester');
	const writes = { authorization: `Bearer ${await page.locator('.notice code').first().textContent()}` };
	expect((await ask(app, '/api/places', { method: 'POST', headers: writes, body: place })).status).toBe(201);
	await findsNothing(page);
	// It is not shown again, and ends where it is listed.
	await page.reload();
	await expect(page.locator('.notice code')).toHaveCount(0);
	await page.getByRole('button', { name: 'End Evening backup' }).click();
	await expect(page.getByRole('list', { name: 'Tokens' })).not.toContainText('Evening backup');
	expect((await ask(app, '/api/places', { headers })).status).toBe(401);
});

test('the sixth wrong try in a minute is slowed down, and the owner still gets in', async ({
	app,
	request
}) => {
	const guess = (passphrase: string, from = '127.0.0.3') =>
		ask(app, '/api/session', { method: 'POST', body: { passphrase, device: 'Guess' }, from });
	const tried: number[] = [];
	for (let n = 0; n < 6; n++) tried.push((await guess(`a guess, and a bad one ${n}`)).status);
	expect(tried).toEqual([401, 401, 401, 401, 401, 429]);
	const slowed = await guess(PASSPHRASE);
	expect(slowed.status).toBe(429);
	expect(Number(slowed.headers['retry-after'])).toBeGreaterThan(0);
	// From elsewhere, at the desk, and with what is in already.
	expect((await guess(PASSPHRASE, '127.0.0.4')).status).toBe(201);
	await signIn(request);
	expect((await request.get('/api/cameras')).status()).toBe(200);
	// Many at once are not all listened to.
	const many = await Promise.all(
		Array.from({ length: 20 }, (_, n) => guess(`one of many guesses ${n}`, '127.0.0.5'))
	);
	expect(many.filter(({ status }) => status === 401)).toHaveLength(5);
	expect(many.filter(({ status }) => status === 429)).toHaveLength(15);
});

test('another passphrase is set at the desk, and other devices sign in again', async ({ app, page }) => {
	const came = await ask(app, '/api/session', {
		method: 'POST',
		body: { passphrase: PASSPHRASE, device: 'Phone' }
	});
	const [cookie] = (came.headers['set-cookie'] as string[])[0].split(';');
	expect((await ask(app, '/api/cameras', { headers: { cookie } })).status).toBe(200);
	await open(page, '/settings/phones');
	await page.getByLabel('Current passphrase').fill('not the one of now');
	await page.getByLabel('New passphrase').fill('wet sand under bare feet');
	await page.getByRole('button', { name: 'Change it' }).click();
	await expect(page.getByText('isn’t the passphrase')).toBeVisible();
	await page.getByLabel('Current passphrase').fill(PASSPHRASE);
	await page.getByRole('button', { name: 'Change it' }).click();
	await expect(page.getByText('Changed. Other devices sign in again.')).toBeVisible();
	expect((await ask(app, '/api/cameras', { headers: { cookie } })).status).toBe(401);
	await open(page, '/bag');
	await expect(page.getByRole('heading', { name: 'Bag', exact: true })).toBeVisible();
});

test('a page of somebody else’s, in the browser that is in, reads and writes nothing', async ({
	app,
	page
}) => {
	await open(page, '/');
	await page
		.context()
		.route('http://evil.example/**', (route) =>
			route.fulfill({ contentType: 'text/html', body: '<title>elsewhere</title>' })
		);
	const foreign = await page.context().newPage();
	await foreign.goto('http://evil.example/');
	const read = await foreign.evaluate(async (address) => {
		const place = '{"name":"Planted","latitude":1,"longitude":2}';
		const tried = async (path: string, how: RequestInit) =>
			fetch(address + path, { credentials: 'include', ...how }).then(
				async (response) => response.type + (await response.text()),
				() => 'nothing'
			);
		return Promise.all([
			tried('/api/cameras', {}),
			tried('/api/cameras', { mode: 'no-cors' }),
			tried('/api/places', { method: 'POST', body: place, mode: 'no-cors' }),
			tried('/api/places', {
				method: 'POST',
				body: place,
				headers: { 'content-type': 'application/json' }
			}),
			tried('/api/pairing', { method: 'POST', mode: 'no-cors' })
		]);
	}, app.address);
	for (const each of read) expect(['nothing', 'opaque']).toContain(each);
	// By a form, which browsers send anywhere: it comes without the cookie, and is refused.
	await foreign.evaluate((address) => {
		const form = document.createElement('form');
		Object.assign(form, { method: 'post', action: `${address}/api/session` });
		document.body.append(form);
		form.submit();
	}, app.address);
	await expect(foreign.getByText('Another site asked for this. Nothing was changed.')).toBeVisible();
	// In a frame.
	await foreign.goto('http://evil.example/');
	await foreign.evaluate((address) => {
		const frame = document.createElement('iframe');
		frame.src = address;
		document.body.append(frame);
		return new Promise((resolve) => frame.addEventListener('load', resolve));
	}, app.address);
	await expect(foreign.frameLocator('iframe').getByText('just enough')).toHaveCount(0);
	// The same under its name: no name but ours is answered.
	const named = await new Promise((resolve) =>
		askBy(`${app.address}/sign-in`, { headers: { host: 'evil.example' } }, ({ statusCode }) =>
			resolve(statusCode)
		).end()
	);
	expect(named).toBe(421);
	expect((await (await page.request.get('/api/places')).json()).total).toBe(0);
	expect((await (await page.request.get('/api/devices')).json()).items).toHaveLength(1);
});

test('where one wanted to go is where one comes to, and nowhere else', async ({ app, page, context }) => {
	await context.clearCookies();
	await page.setViewportSize(PHONE);
	const comeIn = async (path: string) => {
		await page.goto(app.address + path);
		await page.getByLabel('Passphrase').fill(PASSPHRASE);
		await page.getByRole('button', { name: 'Sign in' }).click();
	};
	await page.goto(`${app.address}/frames/all?q=punt`);
	await isReadable(page);
	await fits(page);
	await page.getByLabel('Passphrase').fill('not this one at all');
	await page.getByRole('button', { name: 'Sign in' }).click();
	await expect(page.getByRole('alert')).toHaveText('That isn’t the passphrase.');
	await page.getByLabel('Passphrase').fill(PASSPHRASE);
	await page.getByRole('button', { name: 'Sign in' }).click();
	await expect(page).toHaveURL(`${app.address}/frames/all?q=punt`);
	for (const elsewhere of ['//evil.example/', 'https://evil.example/', '/\\evil.example']) {
		// A page that still asks for something would be turned away and go to sign in by itself, over
		// the way that is tried here: it is left before its key is taken away.
		await page.goto('about:blank');
		await context.clearCookies();
		await comeIn(`/sign-in?to=${encodeURIComponent(elsewhere)}`);
		// It has arrived: what is still under way would break off where the next one begins.
		await expect(page, elsewhere).toHaveURL(`${app.address}/`);
	}
	// Signed out by oneself.
	await open(page, '/settings/phones');
	await page
		.getByRole('listitem')
		.filter({ hasText: 'this one' })
		.getByRole('button', { name: /^Sign out/ })
		.click();
	await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
	expect((await page.request.get(`${app.address}/api/cameras`)).status()).toBe(401);
});
