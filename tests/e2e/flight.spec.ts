import type { Page } from '@playwright/test';
import { expect, open, ready, test } from './app';
import { carriesAll, nextFrame } from './carried';
import { pair, phoneOf } from './https';
import { answer, openWay, use } from './shoot-page';

/** A whole day on a phone in flight mode, over https, and the evening at the desk. */

test.use({ serviceWorkers: 'allow', demo: true, lan: true });

/** Takes a camera in hand. */
async function choose(page: Page, camera: string): Promise<void> {
	await page
		.getByRole('button', { name: new RegExp(`^${camera}`) })
		.first()
		.click();
	await expect(answer(page).locator('.head')).toContainText(camera);
}

/** A guess of the light, EV. */
async function readByHand(page: Page, ev: string): Promise<void> {
	await ready(page);
	await openWay(page, 'Guess');
	await page.getByLabel('My guess, EV').fill(ev);
	await use(page);
	await expect(page.getByText(`EV ${ev}`).first()).toBeVisible();
}

test('a day in flight mode: light, frames, a count, a print, another film, a plan, an exercise; home, all of it is there once', async ({
	page: desk,
	app,
	request
}) => {
	// A day is long: light, fifteen frames, a count by the clock.
	const all = async (kind: string) => (await (await request.get(`/api/${kind}?limit=1000`)).json()).items;
	const before = { readings: (await all('readings')).length, exercises: (await all('exercises')).length };
	const phone = await phoneOf(app);
	try {
		let context = await phone.on();
		let page = await context.newPage();
		await pair(page, phone, request);
		await carriesAll(page, phone.address);
		await phone.fly();
		await context.close();
		context = await phone.on();
		page = await context.newPage();
		await page.goto(`${phone.address}/`);
		await readByHand(page, '13');
		// Four frames on each of three cameras.
		const began = Date.now();
		for (const camera of ['Wedge', 'Paddle 66', 'Twinlet']) {
			await choose(page, camera);
			const first = await nextFrame(page);
			for (let number = first; number < first + 4; number++) {
				await page.getByRole('button', { name: new RegExp(`^Took frame ${number}\\b`) }).click();
				await expect(answer(page).locator('.head')).toContainText(`frame ${number + 1} of`);
			}
		}
		await page.getByRole('button', { name: 'Too dark', exact: true }).click();
		await expect(page.getByRole('button', { name: 'Undo that' })).toBeVisible();
		// Meanwhile the desk logs on one of them, too: the same numbers.
		await open(desk, '/');
		await choose(desk, 'Twinlet');
		for (const number of [2, 3]) {
			await desk.getByRole('button', { name: `Took frame ${number}` }).click();
			await expect(desk.getByText(`Frame ${number} of Twinlet saved`)).toBeVisible();
		}
		await readByHand(page, '6');
		await choose(page, 'Tin Box');
		await page.getByRole('button', { name: /^Count \d+/ }).click();
		const count = page.getByRole('dialog', { name: /^Tin Box:/ });
		await expect(count.getByText('Close now')).toBeVisible();
		await count.getByRole('button', { name: 'I closed it' }).click();
		await count.getByRole('button', { name: 'Log frame 4' }).click();
		await expect(count).toBeHidden();
		// The pack is out, and another one in.
		await page.getByRole('link', { name: 'Bag', exact: true }).click();
		await page.goto(`${phone.address}/bag/load`);
		await page.getByLabel('Camera', { exact: true }).selectOption({ label: 'Wedge' });
		await page.getByLabel('Frames', { exact: true }).fill('8');
		await page.getByRole('button', { name: 'Load it', exact: true }).click();
		await expect(answer(page).locator('.head')).toContainText('frame 1 of 8');
		await page.goto(`${phone.address}/plan/outings/new`);
		await page.getByLabel('Outing', { exact: true }).fill('Low water');
		const scene = page.locator('details.scene').first();
		await scene.getByLabel('Scene', { exact: true }).fill('The wrecked punt');
		await scene.getByLabel('At', { exact: true }).fill('07:10');
		await page.getByRole('button', { name: 'Save the outing' }).click();
		await expect(page.getByRole('heading', { name: 'Low water' })).toBeVisible();
		await page.goto(`${phone.address}/practice`);
		await page.locator('canvas[data-drawn]').waitFor();
		// The person of the demo spends the seventh day under a roof.
		await page.getByRole('button', { name: 'Office or work room' }).click();
		await page.getByRole('button', { name: 'Check' }).click();
		await expect(page.getByText(/^(Right\.|You guessed)/)).toBeVisible();
		await expect(page.getByText(/No server · \d+ waiting/)).toBeVisible();

		await phone.land();
		await expect(page.getByText(/waiting/)).toBeHidden();
		const logged = (await all('frames')).filter(
			({ takenAt }: { takenAt: string }) => Date.parse(takenAt) >= began
		);
		expect(logged).toHaveLength(12 + 2 + 1);
		const [twinlet] = (await all('cameras')).filter(({ name }: { name: string }) => name === 'Twinlet');
		const [load] = (await all('loads')).filter(
			({ cameraId, unloadedAt }: { cameraId: string; unloadedAt?: string }) =>
				cameraId === twinlet.id && !unloadedAt
		);
		const onBoth = logged.filter(({ loadId }: { loadId: string }) => loadId === load.id);
		expect(onBoth.map(({ number }: { number: number }) => number).sort()).toEqual([2, 3, 4, 5, 6, 7]);
		expect(onBoth.filter(({ judged }: { judged?: object }) => judged)).toHaveLength(1);
		expect(await all('readings')).toHaveLength(before.readings + 2);
		expect(await all('exercises')).toHaveLength(before.exercises + 1);
		await open(desk, '/');
		await choose(desk, 'Wedge');
		await expect(answer(desk).locator('.head')).toContainText('frame 1 of 8');
		await choose(desk, 'Twinlet');
		expect(await nextFrame(desk)).toBe(8);
		await open(desk, '/plan/outings');
		await expect(desk.getByRole('link', { name: 'Low water', exact: true })).toHaveCount(1);
		await context.close();
	} finally {
		await phone.end();
	}
});
