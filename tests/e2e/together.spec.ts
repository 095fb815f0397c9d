import type { APIRequestContext, Browser, Page } from '@playwright/test';
import { randomUUID } from 'node:crypto';
import { expect, open, PHONE, test } from './app';
import { between, type How } from './between';
import { carriesAll, nextFrame } from './carried';

/** Several devices and one server, and networks of the worse kind. */

test.use({ serviceWorkers: 'allow', demo: true });

/** Another device: with a storage of its own. */
async function deviceOn(browser: Browser, baseURL: string): Promise<Page> {
	const context = await browser.newContext({ baseURL, viewport: PHONE, reducedMotion: 'reduce' });
	return context.newPage();
}

async function allFrames(request: APIRequestContext, load: string) {
	const all: { id: string; number: number; takenAt: string }[] = [];
	let after: string | null = '';
	while (after !== null) {
		const query: string = new URLSearchParams({ load, limit: '1000', ...(after && { after }) }).toString();
		const page: { items: typeof all; next: string | null } = await (
			await request.get(`/api/frames?${query}`)
		).json();
		all.push(...page.items);
		after = page.next;
	}
	return all;
}

test('a desk shows what a phone logs as it does, and asks that what it carries stays', async ({
	page: desk,
	browser,
	app
}) => {
	await desk.addInitScript(() => {
		const { storage } = navigator;
		storage.persist = () => {
			Object.assign(window, { askedToPersist: true });
			return Promise.resolve(true);
		};
	});
	await carriesAll(desk);
	await open(desk, '/');
	await expect.poll(() => desk.evaluate(() => 'askedToPersist' in window)).toBe(true);
	const phone = await deviceOn(browser, app.address);
	await open(phone, '/');
	const number = await nextFrame(desk);
	expect(await nextFrame(phone)).toBe(number);
	const told = desk.waitForResponse(/[/]api[/]views[/]shoot/);
	await phone.getByRole('button', { name: `Took frame ${number}` }).click();
	await told;
	await expect(desk.getByRole('button', { name: `Took frame ${number + 1}` })).toBeVisible();
	await phone.context().close();
});

test('500 frames that were logged apart on two phones and a desk are all there once, in the same order everywhere', async ({
	page: desk,
	browser,
	app,
	request
}) => {
	const { items: loads } = await (await request.get('/api/loads?limit=100')).json();
	const before = loads.find(({ unloadedAt }: { unloadedAt?: string }) => unloadedAt);
	const { id: _, version: _version, ...load } = before;
	const loadId = randomUUID();
	await request.post('/api/loads', { data: { ...load, id: loadId, frames: 600 } });
	const { items } = await (await request.get('/api/frames?limit=200')).json();
	const {
		id: _id,
		version: _v,
		judged: _j,
		outing: _o,
		...like
	} = items.find(({ light, settings }: { light?: object; settings?: object }) => light && settings);
	/** Frames of one device, each at a time of its own; every device counts from 1. */
	const logged = (many: number, device: number) =>
		Array.from({ length: many }, (_, at) => {
			const takenAt = new Date(Date.UTC(2026, 4, 2, 10, 0, at * 7 + device)).toISOString();
			return { id: randomUUID(), record: { ...like, loadId, number: at + 1, takenAt } };
		});
	const [first, second, own] = [logged(230, 0), logged(170, 1), logged(100, 2)];
	for (const { id, record } of own)
		expect((await request.post('/api/frames', { data: { ...record, id } })).status()).toBe(201);

	/** As its outbox lies in a phone that comes home. */
	async function comesHome(frames: typeof first): Promise<Page> {
		const phone = await deviceOn(browser, app.address);
		await phone.addInitScript((frames) => {
			if (localStorage.getItem('filled')) return;
			localStorage.setItem('filled', '1');
			for (const [at, { id, record }] of frames.entries())
				localStorage.setItem(
					`just-enough-waiting:${id}`,
					JSON.stringify({ kind: 'frames', id, record, at: Date.now() - 100_000 + at })
				);
		}, frames);
		await phone.goto('/frames/all');
		return phone;
	}
	const phones = await Promise.all([comesHome(first), comesHome(second)]);
	const waits = (phone: Page) =>
		phone.evaluate(
			() => Object.keys(localStorage).filter((key) => key.startsWith('just-enough-waiting:')).length
		);
	for (const phone of phones) await expect.poll(() => waits(phone), { timeout: 45_000 }).toBe(0);

	const there = await allFrames(request, loadId);
	const ids = [...first, ...second, ...own].map(({ id }) => id);
	expect(there.map(({ id }) => id).sort()).toEqual(ids.sort());
	const numbers = there.map(({ number }) => number);
	expect(new Set(numbers).size).toBe(500);
	/** What a device carries of the load, by number. */
	const carried = (page: Page) =>
		page.evaluate(
			(loadId) =>
				new Promise<string[]>((resolve) => {
					const opening = indexedDB.open('just-enough');
					opening.onsuccess = () => {
						const all = opening.result.transaction('frames').objectStore('frames').getAll();
						all.onsuccess = () => {
							opening.result.close();
							const own = all.result.filter(({ load }) => load === loadId);
							resolve(own.sort((a, b) => a.number - b.number).map(({ id }) => id));
						};
					};
				}),
			loadId
		);
	const order = there.toSorted((a, b) => a.number - b.number).map(({ id }) => id);
	await carriesAll(desk);
	for (const device of [desk, ...phones]) await expect.poll(() => carried(device)).toEqual(order);
	for (const phone of phones) await phone.context().close();
});

test('a network that takes everything and gives nothing back loses no frame and doubles none', async ({
	page,
	app,
	request
}) => {
	let how: (path: string, method: string) => How = () => 'pass';
	const way = await between(app.address, (path, method) => how(path, method));
	try {
		await carriesAll(page, way.address);
		await open(page, `${way.address}/`);
		const number = await nextFrame(page);
		// What is sent arrives, and its answer does not.
		how = (_, method) => (method === 'POST' ? 'late' : 'pass');
		await page.getByRole('button', { name: `Took frame ${number}` }).click();
		const kept = page.getByText(/Not saved yet: (one entry is|2 entries are) kept here/);
		await expect(kept).toBeVisible();
		// The system takes the page away in the middle of it.
		how = () => 'hang';
		await page.getByRole('button', { name: `Took frame ${number + 1}` }).click();
		await page.close({ runBeforeUnload: false });
		const again = await page.context().newPage();
		await again.goto(`${way.address}/frames`);
		await expect(again.getByText(/No server/)).toBeVisible();
		await expect(again.getByRole('heading', { name: 'Frames', exact: true })).toBeVisible();
		how = () => 'pass';
		await expect(again.getByText(/No server/)).toBeHidden();
		const logged = async () => {
			const { items } = await (await request.get('/api/frames?limit=1000')).json();
			return items
				.filter(({ takenAt }: { takenAt: string }) => Date.parse(takenAt) > Date.now() - 120_000)
				.map((frame: { number: number }) => frame.number)
				.sort();
		};
		await expect.poll(logged).toEqual([number, number + 1]);
	} finally {
		await way.end();
	}
});

test('a town is found by its name without the server, among the larger ones', async ({ page, app }) => {
	await carriesAll(page);
	const isHere = () =>
		page.evaluate(async () => (await caches.match('/api/places/towns.json'))?.status ?? null);
	await expect.poll(isHere).toBe(200);
	await app.stop();
	await page.goto('/plan');
	await page.getByLabel('Where', { exact: true }).selectOption({ label: 'somewhere else' });
	await page.getByLabel('A town by name').fill('a');
	await page.getByRole('button', { name: 'Find' }).click();
	await expect(page.getByText('Two letters or more, please.')).toBeVisible();
	await page.getByLabel('A town by name').fill('sa');
	await page.getByRole('button', { name: 'Find' }).click();
	await expect(page.getByText('Without the server: larger towns only.')).toBeVisible();
	await expect(page.getByRole('button', { name: /^Sa/i }).first()).toBeVisible();
	await page.getByLabel('A town by name').fill('qqxxzz');
	await page.getByRole('button', { name: 'Find' }).click();
	await expect(page.getByText('No larger town starts like that.')).toBeVisible();
});
