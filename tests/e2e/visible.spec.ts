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

/** Where the button stood, by the size of the screen. */
type Places = Map<string, Set<number>>;

/** Looks at a state at every size. */
async function look(page: Page, places: Places, state: string): Promise<void> {
	await ready(page);
	await answer(page).evaluate((element) => element.scrollTo(0, 0));
	for (const size of SIZES) {
		await page.setViewportSize(size);
		const at = `${size.width} by ${size.height}`;
		let found = await hidden(page);
		// What yields does so once the answer has been measured.
		await expect
			.poll(async () => (found = await hidden(page)).cut, { message: `${state}, ${at}` })
			.toEqual([]);
		expect(found.seen, state).toBeGreaterThanOrEqual(2);
		places.set(at, (places.get(at) ?? new Set()).add(found.button));
	}
	await page.setViewportSize(SIZES[0]);
}

test('nothing that matters is out of sight, and the button stays', async ({ page }) => {
	await page.setViewportSize(SIZES[0]);
	await open(page, '/');
	const places: Places = new Map();
	const see = (state: string) => look(page, places, state);
	for (const camera of CAMERAS) {
		await page.getByRole('button', { name: new RegExp(`^${camera},`) }).click();
		await expect(answer(page).locator('.head')).toContainText(camera);
		await see(camera);
	}
	// The Wedge is at its limit: a remedy is looked at, and kept.
	await page.locator('.line .try').click();
	await expect(page.getByText('Just a preview.')).toBeVisible();
	await see('a remedy that is looked at');
	await page.getByRole('button', { name: 'Keep it' }).first().click();
	await page.getByRole('checkbox', { name: 'It’s on a tripod or a wall' }).check();
	await see('a remedy that is kept, on a support');
	// A light that is tried, and a frame whose print develops.
	for (let step = 0; step < 6; step++) await page.keyboard.press('ArrowLeft');
	await see('another light');
	await page.getByRole('button', { name: /^Took frame/ }).click();
	await expect(page.getByText(/ saved$/)).toBeVisible();
	await expect(page.getByRole('region', { name: 'The last print' })).toBeVisible();
	await see('a print that develops');
	await page.getByRole('button', { name: 'Too dark', exact: true }).click();
	await expect(page.getByRole('button', { name: 'Undo that' })).toBeVisible();
	await see('a print that is judged');
	// What is taken up from the day's list, and what is not saved.
	await page.getByRole('button', { name: 'Set', exact: true }).click();
	await see('an outing');
	await page.route('**/api/frames', (route) => route.abort());
	await page.getByRole('button', { name: /^Took frame/ }).click();
	await expect(page.getByText(/Not saved yet/)).toBeVisible();
	await see('a frame that is not saved');
	for (const [size, tops] of places) expect([...tops], `the button moved at ${size}`).toHaveLength(1);
});

test('nor with everything on the camera, while its print develops, in Sunlit', async ({ page }) => {
	await page.setViewportSize(SIZES[0]);
	await open(page, '/');
	await page.evaluate(() => (document.documentElement.dataset.theme = 'sunlit'));
	await page.getByRole('button', { name: /^Twinlet,/ }).click();
	await page.getByRole('button', { name: /^Took frame/ }).click();
	await expect(page.getByRole('region', { name: 'The last print' })).toBeVisible();
	await answer(page).getByText('On the camera', { exact: true }).click();
	await answer(page).getByLabel('Aperture', { exact: true }).selectOption({ label: 'f/8' });
	await answer(page)
		.getByRole('checkbox', { name: /^ND 0.6/ })
		.check();
	await answer(page).getByRole('checkbox', { name: 'It’s on a tripod or a wall' }).check();
	await look(page, new Map(), 'all of it');
	await expect(answer(page).locator('[data-must]')).toHaveCount(5);
	// What is said of the settings comes after them, and is not lost.
	await expect(answer(page)).toContainText(/(over|under|light this film asks for)[.,]/);
});
