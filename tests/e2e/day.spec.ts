import type { Page } from '@playwright/test';
import { expect, open, picture, test, sizes } from './app';
import { openWay } from './shoot-page';

/** A whole day by a person's own camera and film, entered by hand. */

async function enterCamera(page: Page) {
	await open(page, '/bag');
	await page.getByRole('link', { name: 'Add a camera' }).click();
	await page.getByLabel('Start from a kind').selectOption({ label: 'Folding, fully manual' });
	await page.getByLabel('Your name for it').fill('Quay Folder');
	await page.getByLabel('f-numbers').fill('5.6, 11, 22');
	await page.getByLabel('Shutter', { exact: true }).selectOption({ label: 'several speeds' });
	await page.getByLabel('Times, s').fill('1/25, 1/100');
	await page.getByRole('button', { name: 'Save and load a film' }).click();
}

async function enterFilm(page: Page) {
	await page.getByRole('link', { name: 'Add a film' }).click();
	await page.getByLabel('Name').fill('Dulse 100');
	await page.getByLabel('Speed', { exact: true }).fill('21°');
	await page.getByLabel('Type').selectOption({ label: 'slide (reversal)' });
	await expect(page.getByText('ISO 100/21°')).toBeVisible();
	await page.getByRole('button', { name: 'Save and load it' }).click();
	await expect(page.getByRole('heading', { name: 'Load a film' })).toBeVisible();
	await page.getByLabel('Frames').fill('8');
	await page.getByRole('button', { name: 'Load it', exact: true }).click();
}

for (const [where, viewport] of sizes) {
	test.describe(`on the ${where}`, () => {
		test.use({ viewport });

		test('a camera and a film are entered, the light read, a frame logged and found again', async ({
			page,
			app,
			context
		}, info) => {
			await enterCamera(page);
			await enterFilm(page);

			const answer = page.getByRole('region', { name: 'Do' });
			await expect(answer.getByRole('heading', { name: 'Read the light' })).toBeVisible();
			if (where === 'phone') await page.getByRole('button', { name: 'Read the light' }).click();
			await page.getByRole('button', { name: /Soft-edged shadows/ }).click();

			// f/11 at 1/100 on ISO 100 is right at EV 13.56; soft shadows are EV 13.64: no third away.
			await expect(answer.getByRole('heading', { name: 'Just enough' })).toBeVisible();
			await expect(answer).toContainText('Exactly the light this film asks for.');
			await expect(answer).toContainText('f/11');
			await expect(answer).toContainText('1/100 s');
			await expect(answer).toContainText('hand-held');
			await expect(answer).toContainText('frame 1 of 8');
			await picture(page, info, 'verdict');

			await page.getByRole('button', { name: /Took frame 1/ }).click();
			await expect(page.getByText('Frame 1 of Quay Folder saved')).toBeVisible();
			await page.getByRole('button', { name: 'Undo' }).click();
			await expect(page.getByRole('button', { name: /Took frame 1/ })).toBeEnabled();
			await page.getByRole('button', { name: /Took frame 1/ }).click();
			await expect(page.getByText('Frame 1 of Quay Folder saved')).toBeVisible();

			await app.restart();
			const second = await context.newPage();
			await open(second, '/frames?view=table');
			await expect(second.getByRole('heading', { name: 'Quay Folder, Dulse 100' })).toBeVisible();
			const row = second.getByRole('row', { name: /Edit frame 1/ });
			await expect(row).toContainText('just enough');
			await expect(row).toContainText('f/11, 1/100 s');
			await expect(row).toContainText('EV 13⅔');

			await row.getByRole('link').click();
			await second.getByLabel('Note').fill('Rope lockers, low tide');
			await second.getByLabel('Light, EV').fill('10');
			await expect(second.getByText('too dark by 3⅔')).toBeVisible();
			await second.getByLabel('Light, EV').fill('13⅔');
			await second.getByRole('button', { name: 'Save', exact: true }).click();
			await expect(second.getByRole('list', { name: 'Frames' })).toContainText('Rope lockers, low tide');

			await open(page, '/');
			await expect(page.getByRole('region', { name: 'Do' })).toContainText('frame 2 of 8');
		});
	});
}

test('by meter, the light is read off a snow field, and what the other schools say is shown', async ({
	page,
	request,
	app
}) => {
	expect(app.address).toContain('127.0.0.1');
	const camera = await request.post('/api/cameras', {
		data: {
			name: 'Slip Box',
			frame: { width: 57, height: 83 },
			focalLength: 105,
			focus: { kind: 'fixed', distance: 6 },
			aperture: { kind: 'fixed', f: 11 },
			shutter: { kind: 'fixed', seconds: 0.01 },
			exposure: { mode: 'manual' }
		}
	});
	const film = await request.post('/api/films', {
		data: { name: 'Dulse 100', type: 'colour-negative', iso: 100 }
	});
	const ids = { cameraId: (await camera.json()).id, filmId: (await film.json()).id };
	await request.post('/api/loads', { data: { ...ids, frames: 8, loadedAt: '2026-05-02T10:00:00Z' } });

	await open(page, '/');
	await openWay(page, 'Meter');
	await page.getByLabel('It measures').first().selectOption({ label: 'light coming off the subject' });
	await page.getByLabel('Metered off').selectOption({ label: 'snow, white wall' });
	await page.getByLabel('The meter shows').selectOption({ label: 'EV' });
	await page.getByLabel('EV', { exact: true }).fill('16');
	await expect(page.getByText('That is about 14, give or take ½')).toBeVisible();
	await page.getByRole('button', { name: 'Use this reading' }).click();
	await expect(page.getByRole('heading', { name: 'Just enough' })).toBeVisible();
	await expect(page.getByText(/about 14, give or take/).first()).toBeVisible();

	await openWay(page, 'Shadows');
	await page.getByRole('button', { name: /Barely visible/ }).click();
	await expect(
		page.getByText('Exposure guide would say 13 (cloudy but bright, no shadows) or 14')
	).toBeVisible();
	await page.getByRole('button', { name: /Sharp, dark shadows/ }).click();
	await page.getByRole('radio', { name: 'behind the subject' }).check();
	await expect(page.getByRole('slider', { name: /Light on the subject/ })).toHaveAttribute(
		'aria-valuetext',
		/about 12⅔/
	);
});
