import type { APIRequestContext, Browser, BrowserContext, Page } from '@playwright/test';
import { unzipSync } from 'fflate';
import { expect, findsNothing, fits, open, PASSPHRASE, ready, stored, test, type App } from './app';
import { isReadable } from './at-the-door';
import { carriesAll } from './carried';

/** Several people at one server: each has their own records, and nobody sees another's. */

test.use({ lan: true, demo: true, serverArgs: ['--people'] });

const HERS = 'five dry oars in a boathouse';

/** Lets somebody in by the page of the owner; gives the invitation. */
async function invited(owner: Page, name: string): Promise<string> {
	await open(owner, '/settings/phones');
	await owner.getByLabel('Name of a person').fill(name);
	await owner.getByRole('button', { name: 'Invite them' }).click();
	await owner.getByRole('img', { name: `Invitation of ${name}` }).waitFor();
	await expect(owner.getByRole('list', { name: 'People' })).toContainText(name);
	const address = await owner.locator('.address').last().textContent();
	return new URL(address!).search;
}

/** A browser of somebody who has come in by an invitation. */
async function comeIn(browser: Browser, app: App, invitation: string): Promise<BrowserContext> {
	const context = await browser.newContext({ storageState: undefined, baseURL: app.address });
	const page = await context.newPage();
	await page.goto(`/join${invitation}`);
	await isReadable(page);
	await fits(page);
	await page.getByLabel('Passphrase').fill(HERS);
	await page.getByLabel('The same again').fill(HERS);
	await page.getByRole('button', { name: 'Save and sign in' }).click();
	await expect(page).toHaveURL(`${app.address}/`);
	return context;
}

/** Every id and every word that only the owner's records have. */
async function marksOf(owner: APIRequestContext): Promise<{ ids: string[]; words: string[] }> {
	const { changes } = await (await owner.get('/api/changes?limit=1000')).json();
	const ids = (changes as { id: string; deleted?: true }[]).map(({ id }) => id);
	return { ids, words: ['Twinlet', 'Paddle 66', 'Bellows Wide', 'Lantern walk'] };
}

const holds = (text: string, marks: { ids: string[]; words: string[] }) =>
	[...marks.ids, ...marks.words].filter((mark) => text.includes(mark));

/** Asks every address that the description names, with the ids that the owner's records have; how many were. */
async function addressesTried(
	other: APIRequestContext,
	owner: APIRequestContext,
	marks: { ids: string[]; words: string[]; picture: string }
): Promise<number> {
	const { paths } = await (await other.get('/api/openapi.json')).json();
	const idOf = async (collection: string): Promise<string> => {
		if (collection === '/api/pictures') return marks.picture;
		const listed = await owner.get(collection);
		return listed.ok() ? ((await listed.json()).items?.[0]?.id ?? marks.ids[0]) : marks.ids[0];
	};
	const tried = Object.entries(paths as Record<string, object>)
		.filter(([path, verbs]) => 'get' in verbs && !/openapi|formats|towns|export/.test(path))
		.map(([path]) => path);
	for (const path of tried) {
		const named = path.includes('{');
		const id = await idOf(/^\/api\/[\w-]+/.exec(path)![0]);
		const address = path.replace(/\{\w+\}/g, id);
		const answer = await other.get(address);
		const found = holds(await answer.text(), named ? { ...marks, ids: [] } : marks);
		expect(found, address).toEqual([]);
		expect(answer.status(), address).toBeLessThan(500);
		if (path.includes('{id}')) expect([403, 404, 405, 422], address).toContain(answer.status());
	}
	return tried.length;
}

test('two people see nothing of each other, through any address, export, picture or change feed', async ({
	app,
	page: owner,
	request,
	browser
}) => {
	const { items: frames } = await (await request.get('/api/frames?limit=1')).json();
	const pixel = Buffer.from(
		'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
		'base64'
	);
	const added = await request.post(`/api/pictures?frame=${frames[0].id}&name=scan.png`, {
		data: pixel,
		headers: { 'content-type': 'image/png' }
	});
	const picture = (await added.json()).id as string;
	const marks = await marksOf(request);
	expect(marks.ids.length).toBeGreaterThan(50);
	const invitation = await invited(owner, 'Heron');
	await findsNothing(owner);
	const context = await comeIn(browser, app, invitation);
	try {
		const other = context.request;
		expect(await addressesTried(other, request, { ...marks, picture })).toBeGreaterThan(30);
		for (const view of [
			'shoot',
			'bag',
			'plan',
			'frames',
			'all-frames',
			'develop',
			'practice',
			'settings',
			'learnt'
		])
			expect(holds(await (await other.get(`/api/views/${view}`)).text(), marks), view).toEqual([]);
		for (const file of ['thumbnail', 'original'])
			expect((await other.get(`/api/pictures/${picture}/${file}`)).status()).toBe(404);
		const zip = unzipSync(new Uint8Array(await (await other.get('/api/export.zip')).body()));
		const decoder = new TextDecoder();
		const inside = Object.values(zip)
			.map((file) => decoder.decode(file))
			.join('\n');
		expect(inside.length).toBeGreaterThan(100);
		expect(holds(inside, marks)).toEqual([]);
		// Nothing is changed by another, either.
		for (const verb of ['put', 'delete'] as const) {
			const answer = await other[verb](
				`/api/frames/${frames[0].id}`,
				verb === 'put' ? { data: frames[0] } : {}
			);
			expect([404, 409, 422], verb).toContain(answer.status());
		}
		expect(await (await request.get(`/api/frames/${frames[0].id}`)).json()).toMatchObject({
			id: frames[0].id
		});
		// A page that was opened as the owner's, in a browser where somebody else signed in since.
		const [{ id: person }] = (await (await request.get('/api/people')).json()).items;
		const meant = await other.post('/api/places', {
			data: { name: 'Meant for the owner', latitude: 50, longitude: 1 },
			headers: { 'just-enough-person': person }
		});
		expect(meant.status()).toBe(401);
		// What happens is told to whom it belongs.
		const page = await context.newPage();
		await open(page, '/bag');
		const told = page.evaluate(async () => {
			const { next, of } = await (await fetch('/api/changes?limit=1000')).json();
			return new Promise<string>((resolve) => {
				const source = new EventSource(`/api/changes?since=${next}&of=${of}`);
				source.onopen = () => document.body.setAttribute('data-listens', '');
				source.onmessage = ({ data }) => resolve(data);
			});
		});
		await page.locator('body[data-listens]').waitFor();
		await stored(request, 'places', { name: 'Of the owner', latitude: 50, longitude: 1 });
		await stored(other, 'places', { name: 'Of the other', latitude: 50, longitude: 1 });
		expect(await told).toContain('Of the other');
		expect((await (await other.get('/api/places')).json()).items).toMatchObject([{ name: 'Of the other' }]);
		// The other says nothing of who is let in, and is out once the owner says so.
		for (const path of ['/api/people', '/api/people/x/invitation'])
			expect((await other.post(path, { data: { name: 'Third' } })).status()).toBe(403);
		expect((await (await other.get('/api/door')).json()).people).toEqual([]);
		await open(owner, '/settings/phones');
		await owner.getByRole('button', { name: 'Remove: Heron' }).click();
		await owner.getByRole('button', { name: 'Remove them' }).click();
		await expect(owner.getByText('Nobody else yet.')).toBeVisible();
		expect((await other.get('/api/places')).status()).toBe(401);
	} finally {
		await context.close();
	}
});

test('everybody comes in by their own name and passphrase, and finds what is theirs after a restart', async ({
	app,
	page: owner,
	request,
	browser
}) => {
	const invitation = await invited(owner, 'Heron');
	const context = await comeIn(browser, app, invitation);
	try {
		// The invitation is over, and her name is taken, however it is written.
		expect((await context.request.get(`/join${invitation}`)).status()).toBe(410);
		await owner.getByLabel('Name of a person').fill(' heron ');
		await owner.getByRole('button', { name: 'Invite them' }).click();
		await expect(owner.getByText('is already taken')).toBeVisible();
		await stored(context.request, 'places', { name: 'Of the other', latitude: 50, longitude: 1 });
		await app.stop();
		await app.restart();
		expect((await (await context.request.get('/api/places')).json()).items).toMatchObject([
			{ name: 'Of the other' }
		]);
		const wrong = await context.request.post('/api/session', {
			data: { name: 'Heron', passphrase: PASSPHRASE, device: 'Desk' }
		});
		expect([wrong.status(), (await wrong.json()).message]).toEqual([
			401,
			'That isn’t the name or the passphrase.'
		]);
		const right = await context.request.post('/api/session', {
			data: { name: 'HERON', passphrase: HERS, device: 'Desk' }
		});
		expect(right.status()).toBe(201);
		// The owner, named or not, may leave the name out.
		const [{ id: person }] = (await (await request.get('/api/people')).json()).items;
		await request.put(`/api/people/${person}`, { data: { name: 'Harbour desk' } });
		for (const name of ['', 'harbour DESK']) {
			const owned = await request.post('/api/session', {
				data: { name, passphrase: PASSPHRASE, device: 'Desk' }
			});
			expect(owned.status(), name).toBe(201);
		}
		expect(app.files()).toContain('people');
	} finally {
		await context.close();
	}
});

test.describe('in one browser', () => {
	test.use({ serviceWorkers: 'allow' });

	test('what one left there is neither shown to another nor sent as theirs, and goes on when the one is back', async ({
		app,
		page,
		context,
		request
	}) => {
		const invitation = await invited(page, 'Heron');
		await carriesAll(page);
		// The owner logs a frame while the server is away.
		await app.stop();
		await open(page, '/');
		await page.getByRole('button', { name: /^Took frame/ }).click();
		await expect(page.getByText(/Not saved yet/)).toBeVisible();
		await page.close();
		await app.restart();
		const count = async (from: APIRequestContext) =>
			(await (await from.get(`${app.address}/api/frames?limit=1`)).json()).total as number;
		const before = await count(request);
		// Before it is sent, another comes in there.
		const other = await context.newPage();
		await other.goto(`${app.address}/join${invitation}`);
		await other.getByLabel('Passphrase').fill(HERS);
		await other.getByLabel('The same again').fill(HERS);
		await other.getByRole('button', { name: 'Save and sign in' }).click();
		await expect(other.getByRole('button', { name: /^Took frame/ })).toHaveCount(0);
		await carriesAll(other, app.address);
		for (const path of ['/', '/bag', '/frames', '/waiting']) {
			await open(other, app.address + path);
			await ready(other);
			expect(await other.locator('body').innerText(), path).not.toMatch(/Twinlet|Paddle|waiting ·|Frame \d/);
		}
		expect([await count(other.request), await count(request)]).toEqual([0, before]);
		await other.goto(`${app.address}/sign-in`);
		await other.getByLabel('Passphrase').fill(PASSPHRASE);
		await other.getByRole('button', { name: 'Sign in' }).click();
		await expect(other.getByRole('button', { name: /^Took frame/ })).toBeVisible();
		await expect.poll(() => count(request)).toBe(before + 1);
	});
});
