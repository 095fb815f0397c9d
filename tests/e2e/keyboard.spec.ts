import type { Page } from '@playwright/test';
import { expect, open, test } from './app';

test.use({ demo: true });

/** Tabs until the focus is on the wanted control. */
async function tabTo(page: Page, wanted: RegExp): Promise<void> {
	for (let step = 0; step < 60; step++) {
		await page.keyboard.press('Tab');
		const here = await page.evaluate(() => {
			const element = document.activeElement;
			return element?.getAttribute('aria-label') ?? element?.textContent ?? '';
		});
		if (wanted.test(here)) return;
	}
	throw new Error(`The keyboard never came to ${wanted}`);
}

const answer = (page: Page) => page.getByRole('region', { name: 'Do' });

test('the light is read, moved and kept, and a frame logged and undone, without a pointer', async ({
	page
}) => {
	await open(page, '/');
	await tabTo(page, /Sharp, dark shadows/);
	await page.keyboard.press('Enter');
	const slider = page.getByRole('slider', { name: /Light on the subject/ });
	await expect(slider).toHaveAttribute('aria-valuetext', /about 14⅔/);

	await tabTo(page, /^Light on the subject/);
	await page.keyboard.press('ArrowLeft');
	await page.keyboard.press('PageDown');
	await expect(slider).toHaveAttribute('aria-valuetext', /about 13⅓/);
	await expect(page.getByText('Trying another light.')).toBeVisible();
	await page.keyboard.press('Escape');
	await expect(slider).toHaveAttribute('aria-valuetext', /about 14⅔/);

	await tabTo(page, /^Pebble/);
	await page.keyboard.press('Enter');
	await expect(answer(page)).toContainText('Pebble');
	const before = await answer(page)
		.getByText(/^frame \d+ of 36$/)
		.textContent();
	const number = Number(/\d+/.exec(before ?? '')?.[0]);
	await tabTo(page, /Took frame/);
	await page.keyboard.press('Enter');
	await expect(page.getByText(`Frame ${number} of Pebble saved`)).toBeVisible();
	await page.keyboard.press('u');
	await expect(answer(page)).toContainText(`frame ${number} of 36`);
	await expect(page.getByText(`Frame ${number} of Pebble saved`)).toBeHidden();
});

test('arrows move the light and the camera from anywhere, and ? lists the keys that are really heard', async ({
	page
}) => {
	await open(page, '/');
	const slider = page.getByRole('slider', { name: /Light on the subject/ });
	const start = Number(await slider.getAttribute('aria-valuenow'));
	await page.keyboard.press('ArrowRight');
	await page.keyboard.press('ArrowRight');
	await page.keyboard.press('ArrowRight');
	expect(Number(await slider.getAttribute('aria-valuenow'))).toBeCloseTo(start + 1, 1);

	const first = await answer(page).locator('strong').first().textContent();
	await page.keyboard.press('ArrowDown');
	await expect(answer(page).locator('strong').first()).not.toHaveText(first!);
	await page.keyboard.press('s');
	await expect(page.getByLabel('It’s on a tripod or a wall')).toBeChecked();

	await page.keyboard.press('?');
	const sheet = page.getByRole('dialog');
	await expect(sheet).toBeVisible();
	await expect(sheet).toContainText('log the frame as shown');
	await page.keyboard.press('Escape');
	await expect(sheet).toBeHidden();
});

test('a camera is changed in the bag without a pointer', async ({ page }) => {
	await open(page, '/bag');
	await tabTo(page, /^Tin Box/);
	await page.keyboard.press('Enter');
	await expect(page.getByRole('heading', { name: 'Tin Box' })).toBeVisible();
	await page.getByLabel('f-number').focus();
	await page.keyboard.press('ControlOrMeta+a');
	await page.keyboard.type('13');
	await page.keyboard.press('Enter');
	await expect(page.getByText('f/13 · 1/40 s and bulb')).toBeVisible();
});

test('the focus stays where it was when what had it goes away', async ({ page }) => {
	await open(page, '/bag');
	const row = page.getByRole('listitem').filter({ hasText: 'ND 0.6' });
	await row.getByRole('button', { name: /^Take out/ }).focus();
	await page.keyboard.press('Enter');
	const undo = page.getByRole('button', { name: 'Undo' });
	await expect(undo).toBeVisible();
	await expect(page.getByRole('region', { name: /^Filters, flash/ })).toBeFocused();
	await undo.focus();
	await page.keyboard.press('Enter');
	await expect(undo).toHaveCount(0);
	await expect(page.getByRole('status').filter({ hasText: 'ND 0.6 is back.' })).toBeFocused();
	// The same where a frame was just logged.
	await open(page, '/');
	await page.keyboard.press('Enter');
	await expect(page.getByText(/^Frame \d+ of .* saved$/)).toBeVisible();
	await page.getByRole('button', { name: 'Undo', exact: true }).focus();
	await page.keyboard.press('Enter');
	await expect(page.getByText(/^Frame \d+ of .* saved$/)).toHaveCount(0);
	await expect(page.locator('body')).not.toBeFocused();
});

test('every view shows its keys, and single ones can be switched off', async ({ page, request }) => {
	const frames = async () => (await (await request.get('/api/frames?limit=1')).json()).total as number;
	const before = await frames();
	await open(page, '/bag');
	await page.keyboard.press('Shift+?');
	const sheet = page.getByRole('dialog', { name: 'Keys' });
	await expect(sheet.getByRole('row')).toHaveText([/Key/, /find a frame/, /these keys/]);
	await sheet.getByRole('link', { name: 'Settings' }).click();
	await expect(sheet).toBeHidden();
	await page.getByLabel('Use single keys').uncheck();
	await page.getByRole('button', { name: 'All keys' }).click();
	await expect(sheet).toContainText('Single keys are off.');
	await page.keyboard.press('Escape');
	await expect(page.getByRole('button', { name: 'All keys' })).toBeFocused();
	// What writes a letter does nothing any more, also after a reload; Enter and arrows do.
	await open(page, '/');
	await page.keyboard.press('b');
	await page.keyboard.press('Enter');
	await expect(page.getByText(/^Frame \d+ of .* saved$/)).toBeVisible();
	await page.keyboard.press('u');
	await page.keyboard.press('Enter');
	await expect.poll(frames).toBe(before + 2);
	await page.getByRole('button', { name: 'Keys: ?' }).click();
	await expect(sheet.getByRole('row', { name: /log a bracket/ })).toBeVisible();
	await sheet.getByRole('link', { name: 'What the words mean' }).click();
	await expect(page.getByRole('heading', { name: 'Words', exact: true })).toBeVisible();
	await expect(page.getByText('Twice the light, or half of it.')).toBeVisible();
});
