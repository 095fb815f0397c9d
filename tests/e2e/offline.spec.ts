import type { APIRequestContext, Page } from '@playwright/test';
import { expect, findsNothingInAnyDisplay, open, ready, stored, test } from './app';
import { carriesAll, nextFrame } from './carried';
import { pair, phoneOf } from './https';

/** Without a server: every view opens, also anew and by an address that was never opened; what is logged comes home. */

test.use({ serviceWorkers: 'allow', demo: true });

/** Every view, with something of the demo where it is of one thing. */
async function everyView(request: APIRequestContext): Promise<string[]> {
	const first = async (kind: string) => {
		const { items } = await (await request.get(`/api/${kind}?limit=1`)).json();
		return items[0];
	};
	const [load, camera, recipe] = await Promise.all(['loads', 'cameras', 'recipes'].map(first));
	const frames = await (await request.get(`/api/frames?load=${load.id}&limit=1`)).json();
	const frame = frames.items[0] ?? (await first('frames'));
	// What views are made of is compared for every one of them without a browser, too: here stands how they look.
	return [
		...['/', '/plan', '/bag', '/frames/all?q=we&order=oldest', '/frames/learnt', '/practice', '/bag/load'],
		...[`/bag/bench/${camera.id}`, `/bag/card/${load.cameraId}/${load.filmId}`],
		...[`/frames?load=${load.id}`, `/frames/${frame.id}/judge`, `/develop/${recipe.id}`]
	];
}

/** What a view shows once nothing is being worked out any more. */
async function shownOn(page: Page, path: string): Promise<string> {
	await page.goto(path);
	await expect(page.locator('main h1').first()).toBeAttached();
	await ready(page);
	return page.locator('main').innerText();
}

/** Each view is opened twice, and a page that is opened anew takes its time: in parts, beside each other. */
const PARTS = 3;

for (let part = 0; part < PARTS; part++) {
	test(`every view shows the same without a server as with it, anew and by its address, ${part + 1} of ${PARTS}`, async ({
		page,
		app,
		request
	}) => {
		await page.clock.setFixedTime(Date.now());
		await carriesAll(page);
		const views = (await everyView(request)).filter((_, at) => at % PARTS === part);
		const shown = new Map<string, string>();
		for (const path of views) shown.set(path, await shownOn(page, path));
		await app.stop();
		for (const path of views) {
			expect(await shownOn(page, path), path).toBe(shown.get(path));
			await expect(page.getByText(/No server · last synced \d/)).toBeVisible();
		}
	});
}

test('a week later it opens as ever, and what only the server makes says so', async ({ page, app }) => {
	const now = Date.now();
	await page.clock.setFixedTime(now);
	await carriesAll(page);
	await app.stop();
	// In place of the browser's error.
	await page.goto('/frames/all');
	await page
		.getByRole('link', { name: /CSV|table/i })
		.first()
		.click();
	await expect(page.getByText('The server makes this file, and it isn’t answering.')).toBeVisible();
	await page.clock.setFixedTime(now + 7 * 86_400_000);
	await shownOn(page, '/');
	await expect(page.getByText(/No server · last synced \d+ \w+/)).toBeVisible();
	await expect(page.getByRole('button', { name: /^Took frame \d+/ })).toBeVisible();
});

test.describe('over https, by an authority of one’s own', () => {
	test.use({ lan: true });

	test('a phone that was restarted without the server goes on logging, and all of it comes home once', async ({
		app,
		page: desk,
		request
	}) => {
		const phone = await phoneOf(app);
		try {
			let context = await phone.on();
			let page = await context.newPage();
			await pair(page, phone, request);
			await carriesAll(page, phone.address);
			// The network's power is cut, and the phone is switched off and on.
			process.kill(app.pid, 'SIGKILL');
			await context.close();
			context = await phone.on();
			page = await context.newPage();
			await page.goto(`${phone.address}/`);
			const first = await nextFrame(page);
			for (const number of [first, first + 1]) {
				await page.getByRole('button', { name: new RegExp(`^Took frame ${number}`) }).click();
				await expect(page.getByText(/Not saved yet: (one entry is|2 entries are) kept here/)).toBeVisible();
			}
			await page.getByRole('link', { name: 'Frames', exact: true }).click();
			await expect(page.getByText(/No server · 2 waiting · last synced \d/)).toBeVisible();
			await page.reload();
			await expect(page.getByText(/No server · 2 waiting · last synced \d/)).toBeVisible();
			await app.restart();
			// Without being touched: it is tried again by itself.
			await expect(page.getByText(/waiting/)).toBeHidden();
			const { items } = await (await request.get('/api/frames?limit=1000')).json();
			const logged = items.filter(
				({ takenAt }: { takenAt: string }) => Date.parse(takenAt) > Date.now() - 120_000
			);
			expect(logged.map(({ number }: { number: number }) => number)).toEqual([first, first + 1]);
			await open(desk, '/');
			expect(await nextFrame(desk)).toBe(first + 2);
			await context.close();
		} finally {
			await phone.end();
		}
	});

	test('a phone that was not told of the authority is kept out', async ({ app }) => {
		const phone = await phoneOf(app, false);
		try {
			const page = await (await phone.on()).newPage();
			await expect(page.goto(phone.address)).rejects.toThrow('ERR_CERT_AUTHORITY_INVALID');
		} finally {
			await phone.end();
		}
	});
});

test('what another device changes is here without being asked for, and is carried on', async ({
	page,
	app,
	request
}) => {
	await carriesAll(page);
	await stored(request, 'places', { name: 'Limpet Steps', latitude: 50, longitude: 1 });
	await expect
		.poll(() =>
			page.evaluate(
				() =>
					new Promise<number>((resolve) => {
						const opening = indexedDB.open('just-enough');
						opening.onsuccess = () => {
							const all = opening.result.transaction('places').objectStore('places').getAll();
							all.onsuccess = () => {
								opening.result.close();
								resolve(all.result.filter(({ record }) => record.name === 'Limpet Steps').length);
							};
						};
					})
			)
		)
		.toBe(1);
	await app.stop();
	await page.goto('/plan');
	await expect(page.getByRole('option', { name: 'Limpet Steps' })).toBeAttached();
});

test('what is carried can be put away, and taken along again', async ({ page }) => {
	await carriesAll(page);
	const box = page.getByLabel('Carry everything on this device');
	await box.uncheck();
	await expect(page.getByText('Views open only while the server answers.')).toBeVisible();
	await page.reload();
	await expect(box).not.toBeChecked();
	await box.check();
	await expect(page.getByText('Everything is here')).toBeVisible();
	await box.uncheck();
	await box.check();
	await expect(page.getByText('Everything is here')).toBeVisible();
});

test('a frame is judged and a camera renamed without the server, and the server has it after', async ({
	page,
	app,
	request
}) => {
	const { items } = await (await request.get('/api/frames?limit=200')).json();
	const frame = items.find(({ judged }: { judged?: object }) => !judged);
	const { items: cameras } = await (await request.get('/api/cameras?limit=20')).json();
	const camera = cameras.find(({ name }: { name: string }) => name === 'Pebble');
	await carriesAll(page);
	await app.stop();
	await page.goto(`/frames/${frame.id}/judge`);
	await page.getByRole('radio', { name: '⅔ stop too light' }).check({ force: true });
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByText(/No server · 1 waiting/)).toBeVisible();
	await page.goto(`/bag/camera/${camera.id}`);
	await page.getByLabel('Your name for it').fill('Pebble the Second');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByText(/No server · 2 waiting/)).toBeVisible();
	// What waits is not forgotten with what is carried.
	await page.goto('/settings');
	await page.getByLabel('Carry everything on this device').click();
	await expect(page.getByText('Changes made here haven’t reached the server yet')).toBeVisible();
	await expect(page.getByLabel('Carry everything on this device')).toBeChecked();
	await page.goto('/bag');
	await expect(page.getByText('Pebble the Second').first()).toBeVisible();
	await page.getByRole('link', { name: /2 waiting/ }).click();
	await expect(page.getByText('Camera Pebble the Second, changed')).toBeVisible();
	await expect(page.getByText(`Frame ${frame.number}, changed`)).toBeVisible();
	await app.restart();
	await expect(page.getByText('Nothing is waiting')).toBeVisible();
	const now = async (path: string) => (await request.get(path)).json();
	expect((await now(`/api/frames/${frame.id}`)).judged.stops).toBeCloseTo(2 / 3, 3);
	expect((await now(`/api/cameras/${camera.id}`)).name).toBe('Pebble the Second');
});

test('what two devices changed apart is put together, and asked about only where both changed the same', async ({
	page,
	request
}) => {
	const { items: cameras } = await (await request.get('/api/cameras?limit=20')).json();
	const camera = cameras.find(({ name }: { name: string }) => name === 'Pebble');
	await carriesAll(page);
	await page.context().setOffline(true);
	await page.goto(`/bag/camera/${camera.id}`);
	await page.getByLabel('Your name for it').fill('Pebble on the beach');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByText(/No server · 1 waiting/)).toBeVisible();
	const elsewhere = { ...camera, name: 'Pebble at the desk', notes: 'Shutter cleaned.' };
	expect((await request.put(`/api/cameras/${camera.id}`, { data: elsewhere })).status()).toBe(200);
	await page.context().setOffline(false);
	await page.getByRole('link', { name: /1 to look at/ }).click();
	const asked = page.getByRole('alert', { name: 'Changed elsewhere' });
	await expect(asked).toContainText('Pebble on the beach');
	await expect(asked).toContainText('Pebble at the desk');
	await expect(asked).not.toContainText('Shutter cleaned.');
	await findsNothingInAnyDisplay(page);
	await asked.getByRole('button', { name: 'Save mine' }).click();
	await expect(page.getByText('Nothing is waiting')).toBeVisible();
	const stands = await (await request.get(`/api/cameras/${camera.id}`)).json();
	expect([stands.name, stands.notes]).toEqual(['Pebble on the beach', 'Shutter cleaned.']);
});
