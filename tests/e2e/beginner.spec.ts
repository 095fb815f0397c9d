import { expect, open, PHONE, picture, test } from './app';

test.use({ viewport: PHONE });

test('two facts and a shadow are enough for a first verdict', async ({ page, app }, info) => {
	await open(page, '/');
	await expect(page.getByRole('heading', { name: 'Will the picture come out?' })).toBeVisible();
	await page.getByRole('button', { name: 'Load it and read the light' }).click();
	await expect(page.getByText('Pick the camera that looks most like yours')).toBeVisible();
	await expect(page.getByText('Type the number on the film box')).toBeVisible();

	await page.getByText('Simple 35 mm').click();
	await page.getByLabel('Number on the film box').fill('400');
	await picture(page, info, 'start');
	await page.getByRole('button', { name: 'Load it and read the light' }).click();

	await expect(page.getByRole('heading', { name: 'Read the light', exact: true })).toBeVisible();
	await picture(page, info, 'no-reading');
	await page.getByRole('button', { name: 'Read the light', exact: true }).click();
	await page.getByRole('button', { name: /No shadow at all/ }).click();
	// f/9 at 1/125 on ISO 400 is right at EV 11.3: a third of a stop from no shadow at all, 11.64.
	await expect(page.getByRole('heading', { name: 'Just enough' })).toBeVisible();
	await expect(page.getByText('Nothing to set: just take it.')).toBeVisible();
	await picture(page, info, 'one-camera');

	await app.restart();
	await open(page, '/');
	await expect(page.getByRole('heading', { name: 'Just enough' })).toBeVisible();
});

test('an empty bag and empty frames teach the next step', async ({ page }) => {
	await open(page, '/frames');
	await expect(page.getByText('No film loaded yet')).toBeVisible();
	await page.getByRole('link', { name: 'Load a film' }).click();
	await expect(page.getByText('There is no camera yet')).toBeVisible();
});
