import type { Page } from '@playwright/test';
import { expect, open, ready, test } from './app';
import { answer } from './shoot-page';

/** On a phone the verdict, what the hand must set, and the button are in sight in every state, and the button stays where it is. */

test.use({ demo: true });

const SIZES = [
	{ width: 390, height: 664 },
	{ width: 360, height: 640 },
	{ width: 844, height: 390 },
	{ width: 640, height: 400 }
];
const CAMERAS = [
	'Bellows Wide',
	'Clockwork 8',
	'Paddle 66',
	'Pebble',
	'Sweep',
	'Tin Box',
	'Twinlet',
	'Wedge'
];

/** What of it all is cut off by the screen, or by what scrolls around it; and where the button stands. */
const hidden = (page: Page) =>
	page.evaluate(() => {
		const inSight = (element: Element) => {
			const { top, bottom, left, right, height } = element.getBoundingClientRect();
			if (height === 0 || top < -1 || bottom > innerHeight + 1 || left < -1 || right > innerWidth + 1)
				return false;
			for (let around = element.parentElement; around; around = around.parentElement) {
				if (!/auto|scroll|hidden|clip/.test(getComputedStyle(around).overflowY)) continue;
				const box = around.getBoundingClientRect();
				if (top < box.top - 1 || bottom > box.bottom + 1) return false;
			}
			return true;
		};
		const button = document.querySelector('.press .main')!;
		const all = [...document.querySelectorAll('h2.verdict, [data-must]'), button];
		return {
			cut: all.filter((each) => !inSight(each)).map((each) => each.textContent!.trim().replace(/\s+/g, ' ')),
			seen: all.length,
			button: Math.round(button.getBoundingClientRect().top)
		};
	});

async function allInSight(page: Page, state: string): Promise<number> {
	await ready(page);
	let found = await hidden(page);
	// What yields does so once the answer has been measured.
	await expect
		.poll(async () => (found = await hidden(page)).cut, { message: state, timeout: 3000 })
		.toEqual([]);
	expect(found.seen, state).toBeGreaterThanOrEqual(2);
	return found.button;
}

for (const size of SIZES) {
	test(`at ${size.width} by ${size.height} nothing that matters is out of sight, and the button stays`, async ({
		page
	}) => {
		await page.setViewportSize(size);
		await open(page, '/');
		const chip = (camera: string) => page.getByRole('button', { name: new RegExp(`^${camera},`) });
		const places = new Set<number>();
		const look = async (state: string) => places.add(await allInSight(page, state));
		for (const camera of CAMERAS) {
			await chip(camera).click();
			await expect(answer(page).locator('.head')).toContainText(camera);
			// Where there is no room for the chips, they stand below the answer.
			await answer(page).evaluate((element) => element.scrollTo(0, 0));
			await look(camera);
		}
		// The Wedge is at its limit: a remedy is looked at, and kept.
		const remedy = page.locator('.line .try');
		await remedy.click();
		await expect(page.getByText('Shown, not kept.')).toBeVisible();
		await look('a remedy that is looked at');
		await page.getByRole('button', { name: 'Keep it' }).first().click();
		await look('a remedy that is kept');
		await page.getByRole('checkbox', { name: 'It stands on a support' }).check();
		await answer(page).evaluate((element) => element.scrollTo(0, 0));
		await look('on a support');
		// A light that is tried, and a frame whose print develops.
		for (let step = 0; step < 6; step++) await page.keyboard.press('ArrowLeft');
		await look('another light');
		await page.getByRole('button', { name: /^Took frame/ }).click();
		await expect(page.getByText(/ saved$/)).toBeVisible();
		await expect(page.getByRole('region', { name: 'The last print' })).toBeVisible();
		await look('a print that develops');
		await page.getByRole('button', { name: 'Too dark', exact: true }).click();
		await expect(page.getByRole('button', { name: 'Take that back' })).toBeVisible();
		await look('a print that is judged');
		// What is taken up from the day's list, and what is not saved.
		await page.getByRole('button', { name: 'Set', exact: true }).click();
		await look('an outing');
		await page.route('**/api/frames', (route) => route.abort());
		await page.getByRole('button', { name: /^Took frame/ }).click();
		await expect(page.getByText(/Not saved yet/)).toBeVisible();
		await look('a frame that is not saved');
		expect([...places], 'the button moved').toHaveLength(1);
	});
}
