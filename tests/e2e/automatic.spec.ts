import type { Page } from '@playwright/test';
import { foldingInstant } from '../fixtures/automatic';
import { filmOf, fixedCamera } from '../fixtures/bag';
import { expect, loadCamera, open, picture, readLight, test, sizes } from './app';

const answer = (page: Page) => page.getByRole('region', { name: 'Do' });

/** A body for ISO 160 with ISO 640 film, a two- and a three-stop filter and a support in the bag. */
async function wedge(page: Page) {
	const { request } = page;
	await loadCamera(request, {
		camera: foldingInstant({ name: 'Wedge' }),
		film: filmOf('instant', 640, { name: 'Wrack 640' }),
		frames: 8
	});
	for (const stops of [2, 3]) {
		await request.post('/api/gear', {
			data: { type: 'filter', name: `ND ${stops}`, stops, kind: 'neutral' }
		});
	}
	await request.post('/api/gear', { data: { type: 'support', name: 'Tripod' } });
	await readLight(request, { ev: 11, sd: 0.5 });
	await open(page, '/');
}

for (const [where, viewport] of sizes) {
	test.describe(`an eye on the ${where}`, () => {
		test.use({ viewport });

		test('a remedy is looked at, kept, undone, kept again and logged with the frame', async ({
			page
		}, info) => {
			await wedge(page);
			// Two stops too much for the body; the wheel takes one and a half: half a stop over.
			await expect(answer(page).getByRole('heading', { name: 'Usable' })).toBeVisible();
			await expect(answer(page)).toContainText('1½ toward darken');
			const filter = answer(page).getByRole('button', { name: /^ND 2/ });
			await filter.click();
			await expect(answer(page).getByRole('heading', { name: 'Just enough' })).toBeVisible();
			await expect(page.getByText('Just a preview.')).toBeVisible();
			await picture(page, info, 'remedy');
			await page.keyboard.press('Escape');
			await expect(answer(page).getByRole('heading', { name: 'Usable' })).toBeVisible();
			await filter.click();
			await page.getByRole('button', { name: 'Keep it' }).click();
			await expect(answer(page)).toContainText('in the middle');
			await answer(page).getByRole('button', { name: 'Undo' }).click();
			await expect(answer(page)).toContainText('1½ toward darken');
			await answer(page).getByText('On the camera', { exact: true }).click();
			await answer(page).getByLabel('ND 2, costs 2').check();
			await expect(answer(page).getByRole('heading', { name: 'Just enough' })).toBeVisible();

			await page.getByRole('button', { name: /Took frame 1/ }).click();
			await expect(page.getByText('Frame 1 of Wedge saved')).toBeVisible();
			const { items } = await (await page.request.get('/api/frames')).json();
			expect(items[0].filters.map((each: { name: string }) => each.name)).toEqual(['ND 2']);
			expect(items[0].settings.compensation).toBe(0);
		});
	});
}

test('at its fastest an eye says what it wants and that the wheel can’t help', async ({ page }, info) => {
	await wedge(page);
	for (let third = 0; third < 12; third++) await page.keyboard.press('ArrowRight');
	// Source: hand arithmetic for EV 15: 4.19 stops too much at 1/180 s.
	await expect(answer(page).getByRole('heading', { name: 'Too light by 4⅓' })).toBeVisible();
	await expect(answer(page)).toContainText('stops at 1/180 s');
	await expect(answer(page)).toContainText('the wheel can’t help');
	await picture(page, info, 'clamped');
});

test('the wheel is fixed by hand, and a wanted time that is not to be had is said', async ({ page }) => {
	await wedge(page);
	await answer(page).getByText('On the camera', { exact: true }).click();
	await answer(page).getByLabel('Wheel').selectOption({ label: '½ toward lighten' });
	await expect(answer(page).getByRole('heading', { name: 'Too light by 2½' })).toBeVisible();
	await expect(
		answer(page)
			.getByRole('button', { name: /^wheel .* toward darken/ })
			.first()
	).toBeVisible();
	await answer(page).getByText('Time, movement, distance', { exact: true }).click();
	await answer(page).getByLabel('Time').selectOption({ label: '4 to 10 s, for light trails' });
	await expect(answer(page)).toContainText('It can’t reach the time you want');
	await answer(page).getByLabel('Its distance, m').fill('far');
	await expect(answer(page).getByLabel('Its distance, m')).toHaveAttribute('aria-invalid', 'true');
});

test('an eye in other light than its subject is told so', async ({ page }) => {
	await loadCamera(page.request, {
		camera: foldingInstant({ name: 'Shaded' }),
		film: filmOf('instant', 160)
	});
	await readLight(page.request, { ev: 11, sd: 0.5 });
	await open(page, '/');
	await expect(answer(page).getByRole('heading', { name: 'Just enough' })).toBeVisible();
	await answer(page).getByText('On the camera', { exact: true }).click();
	await answer(page).getByLabel('Light on its eye').selectOption({ label: '3 stops darker' });
	// Three stops too much, of which the wheel takes one and a half: that may still come out, in such doubt.
	await expect(answer(page).getByRole('heading', { name: 'Just too light' })).toBeVisible();
	await expect(answer(page)).toContainText('1½ stops over, just past what this film takes');
});

test('a camera with an eye is entered by its kind, and its form asks for what it has', async ({ page }) => {
	await open(page, '/bag/camera/new');
	await page.getByLabel('Start from a kind').selectOption({ label: 'Folding instant' });
	await page.getByLabel('Your name for it').fill('Causeway');
	await expect(page.getByLabel('Who sets the exposure')).toHaveValue('time');
	await page.getByLabel('Film speeds on its dial').fill('160, 640');
	await page.getByLabel('Wheel darkens by, stops').fill('1');
	await page.getByLabel('Shutter', { exact: true }).selectOption({ label: 'one speed' });
	await page.getByRole('button', { name: 'Save and load a film' }).click();
	await expect(page.getByText('must be a range, because the eye sets it').first()).toBeVisible();
	await page.getByLabel('Shutter', { exact: true }).selectOption({ label: 'anything in a range' });
	await page.getByRole('button', { name: 'Save and load a film' }).click();
	await expect(page.getByText('There is no film yet')).toBeVisible();
	const { items } = await (await page.request.get('/api/cameras')).json();
	expect(items[0].exposure).toMatchObject({
		mode: 'auto',
		sets: 'time',
		iso: [160, 640],
		compensation: { darken: -1, lighten: 1.5, step: 0.5 }
	});
});

test('gear goes into the bag by stops, density or factor, and out again with undo', async ({ page }) => {
	await open(page, '/bag');
	await page.getByText('Add one', { exact: true }).click();
	await page.getByLabel('Its name').fill('Grey 4');
	await page.getByLabel('Light it costs').fill('4×');
	await page.getByRole('button', { name: 'Put it in the bag' }).click();
	await expect(page.getByText('Grey 4 is in the bag.')).toBeVisible();
	await expect(page.getByText('costs 2 stops')).toBeVisible();
	await page.getByRole('button', { name: 'Take out Grey 4' }).click();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByText('Grey 4 is back.')).toBeVisible();
	await expect(page.getByRole('button', { name: 'Take out Grey 4' })).toBeVisible();
});

test('the flash is looked at, kept and logged, and a filter is a lane of its own', async ({ page }, info) => {
	await loadCamera(page.request, {
		camera: fixedCamera({ name: 'Pebble', aperture: { kind: 'fixed', f: 8 } }),
		film: filmOf('colour-negative', 200)
	});
	const gear = [
		{ type: 'flash', name: 'Pocket flash', guideNumber: 14, powers: [1, 1 / 4] },
		{ type: 'filter', name: 'ND 2', stops: 2, kind: 'neutral' }
	];
	for (const data of gear) await page.request.post('/api/gear', { data });
	await readLight(page.request, { ev: 5, sd: 0.5 });
	await open(page, '/');
	await expect(page.getByRole('list', { name: 'Settings and filters of Pebble' })).toContainText('with ND 2');
	await answer(page)
		.getByRole('button', { name: /^flash/ })
		.first()
		.click();
	await expect(answer(page)).toContainText('The background gets');
	await page.getByRole('button', { name: 'Keep it' }).click();
	await expect(answer(page).getByRole('heading', { name: 'Just enough' })).toBeVisible();
	await answer(page).getByText('On the camera', { exact: true }).click();
	await expect(answer(page).getByLabel('The flash fires')).toBeChecked();
	await picture(page, info, 'flash');
	await page.getByRole('button', { name: /Took frame 1/ }).click();
	await expect(page.getByText('Frame 1 of Pebble saved')).toBeVisible();
	const { items } = await (await page.request.get('/api/frames')).json();
	expect(items[0].flash).toEqual({
		id: expect.any(String),
		name: 'Pocket flash',
		guideNumber: 14,
		power: 1
	});
	expect(items[0].predicted.verdict).toBe('just-enough');
	await answer(page).getByLabel('The flash fires').uncheck();
	await expect(answer(page).getByRole('heading', { name: /^Too dark/ })).toBeVisible();
});
