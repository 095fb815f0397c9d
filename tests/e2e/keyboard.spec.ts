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
	await expect(page.getByLabel('It stands on a support')).toBeChecked();

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
