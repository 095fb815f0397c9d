import { chromium as browserType, type Page } from '@playwright/test';
import { chromiumFlags, foundChromium } from '../../scripts/steps.mjs';
import { fixedCamera } from '../fixtures/bag';
import { expect, loadCamera, open, PASSPHRASE, readLight, ready, records, signIn, test } from './app';

/** Nothing that is logged is lost: without a network, with a full storage, in two tabs, over plain http. */

const took = (page: Page, number: number) =>
	page.getByRole('button', { name: new RegExp(`Took frame ${number}`) });
/** There is a network again: what waits is sent at once. */
const online = (page: Page) => page.evaluate(() => dispatchEvent(new Event('online')));
const numbersOf = async (request: Page['request'], address = '') => {
	const { items } = await (await request.get(`${address}/api/frames`)).json();
	return items.map((frame: { number: number }) => frame.number);
};

test.beforeEach(async ({ request }) => {
	await loadCamera(request, { camera: fixedCamera({ name: 'Far Out' }) });
	await readLight(request, { method: 'shadows', school: 'shadow-edge', condition: 'faint' });
});

test('frames logged in two tabs without a network all arrive, by themselves', async ({
	page,
	request,
	context
}) => {
	const other = await context.newPage();
	await open(page, '/');
	await open(other, '/');
	await context.route(records, (route) => route.abort());
	await took(page, 1).click();
	await expect(page.getByText('Not saved yet: one entry is kept here')).toBeVisible();
	// The other tab is told of it, and goes on from there.
	await took(other, 2).click();
	await expect(other.getByText('Not saved yet: 2 entries are kept here')).toBeVisible();
	await expect(page.getByText('Not saved yet: 2 entries are kept here')).toBeVisible();
	// In every view there is a mark of it.
	await page.getByRole('link', { name: 'Bag', exact: true }).click();
	await expect(page.getByRole('link', { name: /^Shoot.*2 entries to be saved/ })).toBeVisible();
	await context.unroute(records);
	await online(page);
	await expect.poll(() => numbersOf(request)).toEqual([1, 2]);
	await expect(page.getByRole('link', { name: 'Shoot', exact: true })).toBeVisible();
	await expect(other.getByText('Not saved yet')).toBeHidden();
});

test('a full storage does not keep a frame from the server', async ({ page, request }) => {
	await page.addInitScript(() => {
		Storage.prototype.setItem = () => {
			throw new DOMException('full', 'QuotaExceededError');
		};
	});
	await open(page, '/');
	await took(page, 1).click();
	await expect(page.getByText('Frame 1 of Far Out saved')).toBeVisible();
	expect(await numbersOf(request)).toEqual([1]);
	await page.route(records, (route) => route.abort());
	await took(page, 2).click();
	await expect(page.getByText('keep this page open until they are saved')).toBeVisible();
	await page.unroute(records);
	await online(page);
	await expect(page.getByText('Not saved yet')).toBeHidden();
	expect(await numbersOf(request)).toEqual([1, 2]);
});

test('only the record says that it is saved, and one in trouble does not hold up the next', async ({
	page,
	request
}) => {
	await open(page, '/');
	// One way all the time: what is on its way while ways are changed may be answered by nobody.
	const said = { json: { ok: true } };
	const inTrouble = { status: 500, body: '{}' };
	let answer = (_number: number): typeof said | typeof inTrouble | null => said;
	await page.route('**/api/frames', (route) => {
		const own = answer(route.request().postDataJSON()?.number);
		return own ? route.fulfill(own) : route.continue();
	});
	await took(page, 1).click();
	await expect(page.getByText('Not saved yet: one entry is kept here')).toBeVisible();
	// The first one always meets a server in trouble; the second goes past it.
	answer = (number) => (number === 1 ? inTrouble : null);
	await took(page, 2).click();
	await expect.poll(() => numbersOf(request)).toEqual([2]);
	await expect(page.getByText('Not saved yet: one entry is kept here')).toBeVisible();
	answer = () => null;
	await online(page);
	await expect(page.getByText('Not saved yet')).toBeHidden();
	expect((await numbersOf(request)).sort()).toEqual([1, 2]);
});

test('what the server would not have is said with its reason, and sent again where a person asks', async ({
	page,
	request
}) => {
	await open(page, '/');
	const issues = [{ path: 'note', message: 'is not understood' }];
	await page.route('**/api/frames', (route) =>
		route.fulfill({ status: 422, json: { message: 'One thing', issues } })
	);
	await took(page, 1).click();
	await expect(page.getByText('note: is not understood').first()).toBeVisible();
	await page.unroute('**/api/frames');
	await online(page);
	await page.getByRole('button', { name: 'Save now' }).click();
	await expect(page.getByText('Not saved yet')).toBeHidden();
	expect(await numbersOf(request)).toEqual([1]);
});

test('a frame that was undone is not sent by a tab that had slept', async ({ page, request, context }) => {
	const other = await context.newPage();
	await open(page, '/');
	await open(other, '/');
	await context.route(records, (route) => route.abort());
	await took(page, 1).click();
	for (const each of [page, other]) {
		await expect(each.getByText('Not saved yet: one entry is kept here')).toBeVisible();
	}
	await context.unroute(records);
	await online(page);
	await expect(page.getByText('Not saved yet')).toBeHidden();
	await page.keyboard.press('u');
	await expect(took(page, 1)).toBeVisible();
	// It goes from the page at once; from the server when that has answered.
	await expect.poll(() => numbersOf(request)).toEqual([]);
	await other.bringToFront();
	await online(other);
	await other.reload();
	await expect(took(other, 1)).toBeVisible();
	expect(await numbersOf(request)).toEqual([]);
});

test('where nothing is to be carried here, a view that is opened while the server is away waits for it', async ({
	page,
	app
}) => {
	await open(page, '/settings');
	await page.getByLabel('Carry everything on this device').uncheck();
	await expect(page.getByText('Views open only while the server answers.')).toBeVisible();
	await open(page, '/');
	await page.getByRole('link', { name: 'Bag', exact: true }).click();
	await expect(page.getByRole('heading', { name: 'Bag', exact: true })).toBeVisible();
	await page.getByRole('link', { name: 'Shoot', exact: true }).click();
	await expect(took(page, 1)).toBeVisible();
	await app.stop();
	await page.getByRole('link', { name: 'Bag', exact: true }).click();
	await expect(
		page.getByText('The server isn’t answering. The view opens as soon as it does.')
	).toBeVisible();
	await expect(took(page, 1)).toBeVisible();
	await app.restart();
	await expect(page.getByRole('heading', { name: 'Bag', exact: true })).toBeVisible();
});

test.describe('over plain http, where browsers keep much to themselves', () => {
	test('what is missing is said where it is missing; frames are logged, deleted and brought back', async ({
		app,
		request
	}) => {
		app.put('passphrase.txt', PASSPHRASE);
		await app.restart(['--allow-host', 'desk.example', '--passphrase-file', app.path('passphrase.txt')]);
		await signIn(request);
		const browser = await browserType.launch({
			executablePath: foundChromium(),
			args: [...chromiumFlags, '--host-resolver-rules=MAP desk.example 127.0.0.1']
		});
		try {
			const page = await browser.newPage({ reducedMotion: 'reduce' });
			const address = app.address.replace('127.0.0.1', 'desk.example');
			// Whoever listens in the network can read it: that is said before it is typed.
			await page.goto(`${address}/`);
			await expect(page.getByText('This address is plain http: anyone listening')).toBeVisible();
			await page.getByLabel('Passphrase').fill(PASSPHRASE);
			await page.getByRole('button', { name: 'Sign in' }).click();
			await ready(page);
			expect(
				await page.evaluate(() => [isSecureContext, 'randomUUID' in crypto, 'locks' in navigator])
			).toEqual([false, false, false]);
			await took(page, 1).click();
			await expect(page.getByText('Frame 1 of Far Out saved')).toBeVisible();
			await took(page, 2).click();
			await expect(page.getByText('Frame 2 of Far Out saved')).toBeVisible();
			await open(page, `${address}/frames`);
			await page.getByRole('button', { name: 'Select several' }).click();
			for (const box of await page.getByRole('checkbox').all()) await box.check({ force: true });
			await page.getByRole('button', { name: /^Delete/ }).click();
			await expect(page.getByText('2 frames are deleted.')).toBeVisible();
			expect(await numbersOf(request)).toEqual([]);
			await page.getByRole('button', { name: 'Undo' }).click();
			await expect(page.getByText('They’re back.')).toBeVisible();
			expect(await numbersOf(request)).toEqual([1, 2]);
			await open(page, `${address}/settings`);
			await expect(page.getByText('opening another view needs the server')).toBeVisible();
			await open(page, `${address}/settings/phones`);
			await expect(page.getByText('This address is plain http')).toBeVisible();
			await open(page, `${address}/settings`);
			// The browser unticks it again, as there is no position.
			await page.getByLabel('Note where I am with every frame').click();
			await expect(page.getByText('No position here')).toBeVisible();
			const [{ id }] = (await (await request.get('/api/cameras')).json()).items;
			await open(page, `${address}/bag/bench/${id}`);
			await page.getByRole('button', { name: 'Record with the microphone' }).click();
			await expect(page.getByText('No microphone here')).toBeVisible();
		} finally {
			await browser.close();
		}
	});
});
