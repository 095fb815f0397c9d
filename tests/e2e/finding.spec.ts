import { expect, findsNothing, fits, loadCamera, open, PHONE, stored, test } from './app';

/** A frame of years ago is found again. */

test('by a word, its own number and its day, from any view by one key', async ({ page, request }) => {
	const { loadId } = await loadCamera(request);
	const settings = { f: 11, seconds: 0.01, compensation: null, iso: null };
	const plain = { loadId, light: null, settings, predicted: null };
	const there = { takenAt: '2019-05-02T22:30:00Z', zone: 'Etc/GMT-9' };
	await stored(request, 'frames', { ...plain, ...there, number: 1, subject: 'Zugbrücke im Nebel' });
	await stored(request, 'frames', {
		...plain,
		takenAt: '2021-07-01T10:00:00+02:00',
		number: 3,
		note: 'Gull'
	});

	await open(page, `/bag/load/${loadId}`);
	await page.getByLabel('Your own number for its first frame').fill('80');
	await page.getByRole('button', { name: 'Save the load' }).click();
	await page.waitForURL('/');
	await open(page, `/frames?load=${loadId}`);
	await expect(page.getByText('no. 82')).toBeVisible();

	await page.getByRole('heading', { level: 1 }).click();
	await page.keyboard.press('/');
	const find = page.getByRole('searchbox', { name: 'Find' });
	await expect(find).toBeFocused();
	await page.keyboard.type('brucke nebel');
	await expect(page.getByRole('status').filter({ hasText: 'One frame.' })).toBeVisible();
	await expect(page.getByRole('cell', { name: 'Zugbrücke im Nebel' })).toBeVisible();
	// By the clock of where it was taken, with its year, as the browser's language writes it.
	await expect(page.getByText('3 May 2019, 07:30')).toBeVisible();

	await find.fill('no. 82');
	await expect(page.getByRole('cell', { name: 'Gull' })).toBeVisible();
	await expect(page.getByRole('cell', { name: 'Zugbrücke im Nebel' })).toBeHidden();
	await page.reload();
	await expect(find).toHaveValue('no. 82');
	await expect(page.getByRole('cell', { name: 'Gull' })).toBeVisible();

	await find.fill('');
	await expect(page.getByRole('status').filter({ hasText: '2 frames' })).toBeVisible();
	await page.getByLabel('Taken from').fill('2020-01-01');
	await expect(page.getByRole('status').filter({ hasText: 'One frame.' })).toBeVisible();
	await page.getByLabel('Taken from').fill('');
	await page.getByLabel('to', { exact: true }).fill('2020-01-01');
	await expect(page.getByRole('cell', { name: 'Zugbrücke im Nebel' })).toBeVisible();
	await expect(page.getByRole('cell', { name: 'Gull' })).toBeHidden();
	await findsNothing(page);
	await page.setViewportSize(PHONE);
	await fits(page);

	const own = page.getByRole('link', { name: 'Edit frame 1' });
	await own.click();
	await page.getByLabel('Given away to').fill('the ferryman');
	await page.getByRole('button', { name: 'Save' }).click();
	await expect(page.getByText('Frame 1 changed.')).toBeVisible();
	await open(page, '/frames/all?q=ferryman');
	await expect(page.getByText('given away to the ferryman')).toBeVisible();
});
