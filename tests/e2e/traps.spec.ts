import type { Page } from '@playwright/test';
import { foldingInstant, twinLens } from '../fixtures/automatic';
import { filmOf, fixedCamera, losesNothing } from '../fixtures/bag';
import { expect, loadCamera, open, PHONE, readLight, test, sizes, stored } from './app';
import { answer, openAid, openWay, use } from './shoot-page';

/** What loses frames around right numbers, as it was met: given, seen, and what must be. */

const took = (page: Page) => page.getByRole('button', { name: /^Took frame/ });

for (const [where, viewport] of sizes) {
	test.describe(`on the ${where}`, () => {
		test.use({ viewport });

		test('a frame that nobody read the light for is kept, and put right when the light is known', async ({
			page,
			app
		}) => {
			const { loadId } = await loadCamera(page.request, { camera: fixedCamera({ name: 'Pier Box' }) });
			await open(page, '/');
			await expect(answer(page).getByRole('heading', { name: 'Read the light' })).toBeVisible();
			await took(page).click();
			await expect(page.getByText('Frame 1 of Pier Box saved')).toBeVisible();
			await app.restart();
			await open(page, `/frames?load=${loadId}`);
			await expect(page.getByRole('list', { name: 'Frames' })).toContainText('light not read');
			// What the box is set to is known all the same.
			await expect(page.getByRole('list', { name: 'Frames' })).toContainText('f/11');
			await open(page, '/frames/learnt');
			await expect(page.getByRole('heading', { name: 'What you already know' })).toBeVisible();
			await expect(page.getByRole('article', { name: 'Pier Box' })).toHaveCount(0);
			await open(page, `/frames?load=${loadId}`);
			await page.getByRole('link', { name: 'Edit frame 1' }).click();
			await page.getByLabel('Light, EV').fill('12');
			// By hand: EV 12 on ISO 400 against f/11 at 1/100 s (13.56): 0.44 over, which colour negative likes.
			await expect(page.locator('#main').getByText('just enough')).toBeVisible();
			await page.getByRole('button', { name: 'Save', exact: true }).click();
			await expect(page.getByRole('list', { name: 'Frames' })).toContainText('just enough');
		});

		test('a film two stops faster than the eye expects is named with its cure, in the bag or not', async ({
			page
		}) => {
			await loadCamera(page.request, {
				camera: foldingInstant({ name: 'Slow Eye' }, { compensation: undefined }),
				film: filmOf('instant', 640, losesNothing)
			});
			await readLight(page.request, { ev: 10, sd: 0.33 });
			await open(page, '/');
			await expect(answer(page)).toContainText(
				'This film is 2 stops faster than the camera expects. It needs a 2-stop ND (0.6) on the pack; there’s none in your bag.'
			);
			const remedy = answer(page).getByRole('button', { name: /^an ND of 2 stops \(0\.6\)/ });
			await expect(remedy).toContainText('not in your bag');
			await remedy.click();
			await expect(answer(page).getByRole('heading', { level: 2 })).toContainText('Just enough');
			await expect(page.getByRole('button', { name: 'Keep it' })).toHaveCount(0);
			await stored(page.request, 'gear', { type: 'filter', name: 'Grey two', stops: 2 });
			await page.reload();
			await expect(answer(page)).toContainText('Put your Grey two on the pack.');
			await expect(answer(page).getByRole('button', { name: /^an ND of 2 stops/ })).toHaveCount(0);
		});
	});
}

test('a body with nothing to set is not told to try, whatever the doubt', async ({ page }) => {
	await loadCamera(page.request, {
		camera: fixedCamera({ name: 'One Way' }),
		film: filmOf('instant', 100, losesNothing)
	});
	await readLight(page.request, { ev: 13.56, sd: 1.2 });
	await open(page, '/');
	await expect(answer(page)).toContainText('Nothing to set: just take it.');
	await expect(answer(page)).not.toContainText(/trial|No trial needed/);
	// Half a stop under the doubt is no cliff, and what fails is not called fine.
	await readLight(page.request, { ev: 6, sd: 1.2 });
	await page.reload();
	await expect(answer(page).getByRole('heading', { level: 2 })).toContainText('Too dark by');
	await expect(answer(page)).toContainText('Hardly any will come out');
	await expect(answer(page)).not.toContainText(/trial|Nothing to set/);
});

test.describe('with one thumb', () => {
	test.use({ viewport: PHONE });

	test('a film that does not go into the camera says so where it is loaded', async ({ page }) => {
		const cameraId = await stored(page.request, 'cameras', {
			...fixedCamera({ name: 'Thin Spool', frame: { width: 84, height: 56 } }),
			kind: 'box',
			format: '620'
		});
		await stored(page.request, 'films', { ...filmOf('bw-negative', 125), name: 'Small', format: '35 mm' });
		await stored(page.request, 'films', {
			...filmOf('instant', 640),
			name: 'Pack',
			format: 'instant pack with battery'
		});
		await open(page, `/bag/load?camera=${cameraId}`);
		const film = page.getByLabel('Film', { exact: true });
		await film.selectOption({ label: 'Small' });
		await expect(
			page.getByText('Thin Spool takes 620, and this is 35 mm. Use adapters at both ends')
		).toBeVisible();
		await expect(page.getByText('A cassette of 36 gives about 15 frames')).toBeVisible();
		await expect(page.getByLabel('Frames', { exact: true })).toHaveValue('15');
		await film.selectOption({ label: 'Pack' });
		await expect(
			page.getByText('Thin Spool takes 620, and this is instant pack with battery. It won’t fit.')
		).toBeVisible();
	});

	test('a print that is pulled starts its clock then, by the table on its pack, and the caution stands before it', async ({
		page
	}) => {
		await loadCamera(page.request, {
			camera: fixedCamera({ name: 'Old Back' }),
			film: {
				...filmOf('peel-apart', 100, losesNothing),
				times: [
					{ celsius: 16, seconds: 120 },
					{ celsius: 21, seconds: 90 }
				]
			} as ReturnType<typeof filmOf>
		});
		await readLight(page.request, { ev: 13.5, sd: 0.33 });
		await open(page, '/');
		await took(page).click();
		const print = page.getByRole('region', { name: 'The last print' });
		await expect(print).toContainText('Frame 1: pull it straight out');
		await expect(print).toContainText('Caustic paste');
		await print.getByLabel('Temperature of the print').selectOption({ label: '16 °C' });
		await print.getByRole('button', { name: 'Pulled now' }).click();
		// The table of its pack says two minutes.
		await expect(print.getByRole('timer')).toHaveText(/develops: (2:00|1:5\d)/);
		await page.reload();
		await expect(print.getByRole('timer')).toHaveText(/develops: (2:00|1:[2-5]\d)/);
	});

	test('an eye in the shade is brought into the light of its subject', async ({ page }) => {
		await loadCamera(page.request, {
			camera: twinLens({ name: 'Shaded' }, { iso: [800] }),
			film: filmOf('instant', 800, losesNothing)
		});
		await readLight(page.request, { ev: 13, sd: 0.33, meterEv: 9 });
		await open(page, '/');
		await expect(answer(page).getByRole('heading', { level: 2 })).toContainText('Too light by');
		await answer(page)
			.getByRole('button', { name: /^the camera’s eye in your subject’s light/ })
			.click();
		await expect(answer(page).getByRole('heading', { level: 2 })).toContainText('Just enough');
	});

	test('an eye of 1/180 to 14 s shows no other end, and its frame no row of digits', async ({ page }) => {
		await loadCamera(page.request, {
			camera: foldingInstant({ name: 'Old Eye' }),
			film: filmOf('instant', 160, losesNothing)
		});
		await readLight(page.request, { ev: 15.5, sd: 0.33 });
		await open(page, '/');
		// By hand: f/8 at 1/180 s is V 13.49: an EV of 15.5 asks for more than the eye has.
		await expect(answer(page).locator('.rows')).toContainText('1/180');
		await expect(answer(page)).not.toContainText('1/200');
		await took(page).click();
		await expect(page.getByText('Frame 1 of Old Eye saved')).toBeVisible();
		await page.getByRole('button', { name: 'Correct it' }).click();
		const correction = page.getByRole('dialog', { name: 'Correct it' });
		await expect(correction.getByLabel('Time, s')).toHaveValue('1/180');
		await readLight(page.request, { ev: -3, sd: 0.33 });
		await page.reload();
		await expect(answer(page).locator('.rows')).toContainText('14 s');
		await expect(answer(page)).not.toContainText(/(?<!\/)\b15 s/);
	});

	test('a spring cine starts with its spool, and a film for a camera comes back to it', async ({ page }) => {
		await open(page, '/');
		await page.getByRole('button', { name: 'More kinds of camera' }).click();
		await page.getByText('Spring cine', { exact: true }).click();
		await page.getByLabel('Number on the film box').fill('50');
		await page.getByRole('button', { name: 'Load it and read the light' }).click();
		// Source: common practice: 25 feet of two sides, 80 frames a foot, 16 a second: 250 s.
		await expect(answer(page)).toContainText('shot 1, 250 s left');
		const cameraId = await stored(page.request, 'cameras', {
			...fixedCamera({ name: 'Second' }),
			format: '120'
		});
		await stored(page.request, 'films', { ...filmOf('colour-negative', 100), name: 'Elsewhere' });
		await open(page, `/bag/load?camera=${cameraId}`);
		await page.getByRole('link', { name: 'Another film' }).click();
		await page.getByLabel('Name').fill('Bladder 200');
		await page.getByRole('textbox', { name: 'Speed', exact: true }).fill('200');
		await expect(page.getByLabel('Format')).toHaveValue('120');
		await page.getByRole('button', { name: 'Save and load it' }).click();
		await expect(page.getByLabel('Camera', { exact: true })).toHaveValue(cameraId);
		await expect(page.getByLabel('Film', { exact: true }).locator('option:checked')).toHaveText(
			'Bladder 200'
		);
	});
});

test('what is fixed is fixed under a lamp, and a meter for one speed asks for its f-number alone', async ({
	page
}) => {
	await loadCamera(page.request, {
		camera: fixedCamera({
			name: 'Studio Box',
			aperture: { kind: 'stops', f: [4, 5.6, 8, 11, 16, 22] },
			shutter: { kind: 'fixed', seconds: 1 / 100 }
		}),
		film: filmOf('reversal', 100, losesNothing)
	});
	await readLight(page.request, { method: 'lamp', reading: { ev: 12.64, sd: 0.33 }, from: 1, to: 1 });
	await open(page, '/');
	await answer(page).getByText('On the camera', { exact: true }).click();
	await answer(page).getByLabel('Aperture', { exact: true }).selectOption({ label: 'f/8' });
	const lamp = await openAid(page, 'Lamp');
	// By hand: EV 12.64 is right for f/8 at 1/100 s; at half a metre there are two stops more, and f/8 stays f/8.
	await lamp.getByLabel('Lamp now at, m').fill('0.5');
	await expect(lamp.getByRole('status').first()).toHaveText(
		/^Too light by 2 with the lamp at 50 cm; just right at 1 m/
	);
	await page.keyboard.press('Escape');
	await openWay(page, 'Meter');
	await page.getByLabel('f-number').fill('11');
	await use(page);
	// f/11 at 1/100 s on ISO 100: EV 13.56.
	await expect(page.getByText('about 13⅔').first()).toBeVisible();
});
