import { expect, open, PHONE, picture, test } from './app';

test.use({ viewport: PHONE });

test('two facts and a shadow are enough for a first verdict', async ({ page, app }, info) => {
	await open(page, '/');
	await expect(page.getByRole('heading', { name: 'Will the picture come out?' })).toBeVisible();
	await page.getByRole('button', { name: /^Simple 35 mm/ }).click();
	await expect(page.getByLabel('Number on the film box')).toBeFocused();
	await page.getByRole('button', { name: 'Load it and read the light' }).click();
	await expect(page.getByText('Type the number on the film box')).toBeVisible();
	await page.getByLabel('Number on the film box').fill('400');
	await page.getByText('No shadow at all').click();
	await picture(page, info, 'start');
	await page.getByRole('button', { name: 'Load it and see' }).click();
	// f/9 at 1/125 on ISO 400 is right at EV 11.3: a third of a stop from no shadow at all, 11.64.
	await expect(page.getByRole('heading', { name: 'Just enough' })).toBeVisible();
	await expect(page.getByText('Nothing to set: just take it.')).toBeVisible();
	await picture(page, info, 'one-camera');

	await app.restart();
	await open(page, '/');
	await expect(page.getByRole('heading', { name: 'Just enough' })).toBeVisible();
});

test('the light can be read later, and a rarer kind is one tap away', async ({ page }, info) => {
	await open(page, '/');
	await page.getByRole('button', { name: 'More kinds of camera' }).click();
	await page.getByRole('button', { name: /^Spring cine Moving/ }).click();
	await page.getByRole('button', { name: 'Another camera' }).click();
	await page.getByRole('button', { name: /^Simple 35 mm/ }).click();
	await page.getByLabel('Number on the film box').fill('27°');
	await page.getByRole('button', { name: 'Load it and read the light' }).click();
	await expect(page.getByRole('heading', { name: 'Read the light', exact: true })).toBeVisible();
	await picture(page, info, 'no-reading');
	await page.getByRole('button', { name: 'Read the light', exact: true }).click();
	await page.getByRole('button', { name: /No shadow at all/ }).click();
	// 27° are ISO 400: the same light, the same answer.
	await expect(page.getByRole('heading', { name: 'Just enough' })).toBeVisible();
	// A word of the trade says what it means, to a tap and to who comes to it by keyboard.
	const word = page.getByRole('button', { name: 'stop', exact: true }).first();
	await word.click();
	await expect(page.getByText('Twice the light, or half of it.')).toBeVisible();
	await page.keyboard.press('Escape');
	await expect(page.getByText('Twice the light, or half of it.')).toBeHidden();
	await word.blur();
	await word.focus();
	await expect(word).toHaveAccessibleDescription(/Twice the light, or half of it/);
	await page.keyboard.press('Tab');
	await expect(page.getByText('Twice the light, or half of it.')).toBeHidden();
});

test('an empty bag and empty frames teach the next step', async ({ page }) => {
	await open(page, '/frames');
	await expect(page.getByText('No film loaded yet')).toBeVisible();
	await page.getByRole('link', { name: 'Load a film' }).click();
	await expect(page.getByText('There is no camera yet')).toBeVisible();
});
