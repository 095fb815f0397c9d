import { expect, loadCamera, open, readLight, test } from './app';
import { filmOf, fixedCamera } from '../fixtures/bag';
import { foldingInstant } from '../fixtures/automatic';

/** What a camera, a film and a filter start from, and what the bag remembers of them. */

test('a camera keeps its lever, its finder, where to aim, and what is forgotten; Shoot and loading say it', async ({
	page,
	app
}) => {
	const { cameraId } = await loadCamera(page.request, {
		camera: fixedCamera({ name: 'Causeway', focalLength: 100, frame: { width: 80, height: 80 } }),
		film: filmOf('colour-negative', 400)
	});
	await readLight(page.request, { ev: 12, sd: 0.5 });
	await open(page, `/bag/camera/${cameraId}`);
	await page.getByText('Lever, finder, checklists, notes').click();
	await page.getByLabel('A lever that moves several things').fill('sun, f/16, 1/100\ncloud, f/wide');
	await page.getByLabel('Finder above the lens, mm').fill('50');
	await page.getByLabel('Where to aim').fill('one fifth low');
	await page.getByLabel('Loading checklist').fill('Dark slide\nFirst cover sheet');
	await page.getByLabel('Notes').fill('Likes the 150 mark');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByLabel('A lever that moves several things')).toHaveAttribute('aria-invalid', 'true');
	await page.getByLabel('A lever that moves several things').fill('sun, f/16, 1/100\ncloud, f/11, 1/100');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByRole('heading', { name: 'Bag', exact: true })).toBeVisible();

	await app.restart();
	await open(page, `/bag/camera/${cameraId}`);
	await page.getByText('Lever, finder, checklists, notes').click();
	await expect(page.getByLabel('A lever that moves several things')).toHaveValue(
		/sun, f\/16, 1\/100 s\ncloud/
	);
	await expect(page.getByLabel('Notes')).toHaveValue('Likes the 150 mark');
	await open(page, '/');
	// Source: similar triangles: 50 mm beside a 100 mm lens are a twentieth of 80 mm at 1.25 m.
	await expect(page.getByText('One fifth low. Nearer than 1.3 m aim 5 cm above it.')).toBeVisible();
	await open(page, `/bag/load?camera=${cameraId}`);
	await expect(page.getByLabel('Dark slide')).toBeVisible();
});

test('a film starts from a kind, and an expired one loses speed and certainty', async ({ page }) => {
	await open(page, '/bag/film/new');
	await page.getByLabel('Name').fill('Attic find');
	await page.getByLabel('Start from a kind').selectOption({ label: 'Colour print 200' });
	await expect(page.getByLabel('Name')).toHaveValue('Attic find');
	await expect(page.getByLabel('Speed', { exact: true })).toHaveValue('200');
	await page.getByText('Age, development and long times').click();
	await page.getByLabel('Expired (month on its box)').fill('2006-01');
	await expect(page.getByText(/About 2(⅓)? stops slower, give or take 1/)).toBeVisible();
	await page.getByRole('button', { name: 'Use it for this film' }).click();
	await page.getByRole('button', { name: 'Save and load it' }).click();
	await expect(page.getByText('There is no camera yet')).toBeVisible();
	const { items } = await (await page.request.get('/api/films')).json();
	expect(items[0]).toMatchObject({ name: 'Attic find', iso: 200, type: 'colour-negative' });
	// Source: common practice: a stop in ten years at room temperature, as much in doubt as half of it.
	expect(items[0].processStops).toBeLessThan(-1.9);
	expect(items[0].speedSd).toBeGreaterThan(0.9);
});

test('a filter starts from a usual one', async ({ page }) => {
	await open(page, '/bag');
	await page.getByText('Add one', { exact: true }).click();
	await page.getByLabel('Start from a usual one').selectOption({ label: 'ND 1.8' });
	await page.getByRole('button', { name: 'Put it in the bag' }).click();
	await expect(page.getByText('ND 1.8 is in the bag.')).toBeVisible();
	// Source: the published definition of density: 1.8 / log10(2) is 5.98 stops.
	await expect(page.getByText('costs 6 stops')).toBeVisible();
});

test('a camera’s form shows at once what light it works in, and where each value comes from', async ({
	page
}) => {
	await open(page, '/bag/camera/new');
	const light = page.getByRole('region', { name: 'The light it works in' });
	const ends = async () => {
		const said = (await light.getByRole('status').textContent())!;
		const thirds: Record<string, number> = { '⅓': 1 / 3, '⅔': 2 / 3, '½': 1 / 2 };
		return [...said.matchAll(/(−?\d*)([⅓⅔½]?) \(/g)].map(
			([, whole, part]) => Number(whole) + (thirds[part] ?? 0)
		);
	};
	await page.getByLabel('It has bulb (B)').uncheck();
	await expect(light).toContainText(/Works from EV \d/);
	const before = await ends();
	expect(before).toHaveLength(2);
	const aperture = page.locator('summary', { hasText: 'Aperture' });
	await expect(aperture).toContainText('typical');
	await page.getByLabel('f-number').fill('7');
	await expect(aperture).not.toContainText('typical');
	await expect(aperture).toContainText('f/7');
	// Source: the definition of EV: half the f-number is two stops more light, so two EV less are enough.
	const after = await ends();
	expect(before[0] - after[0]).toBeCloseTo(2, 5);
	expect(before[1] - after[1]).toBeCloseTo(2, 5);
	// What is folded away and wrong is opened, and named.
	await page.locator('summary', { hasText: 'Lens and hand' }).click();
	await page.getByLabel('Focal length, mm').fill('long');
	await page.locator('summary', { hasText: 'Lens and hand' }).click();
	await expect(page.getByLabel('Focal length, mm')).toBeHidden();
	await page.getByLabel('Your name for it').fill('Quay Box');
	await page.getByRole('button', { name: 'Save and load a film' }).click();
	await expect(page.getByLabel('Focal length, mm')).toBeVisible();
	await page.getByRole('button', { name: 'Focal length, mm' }).click();
	await expect(page.getByLabel('Focal length, mm')).toBeFocused();
	await page.getByLabel('Focal length, mm').fill('105');
	await page.getByRole('button', { name: 'Save and load a film' }).click();
	await expect(page.getByText('There is no film yet')).toBeVisible();
});

test('the bag shows at a glance what is loaded, what is left, and which film an eye believes', async ({
	page
}) => {
	const { cameraId, loadId } = await loadCamera(page.request, {
		camera: foldingInstant({ name: 'Wedge' }),
		film: filmOf('instant', 640)
	});
	await open(page, '/bag');
	const row = page
		.getByRole('listitem')
		.filter({ has: page.getByRole('link', { name: 'Wedge', exact: true }) });
	// Source: ISO 160 to 640 is twice twice the speed: two stops.
	await expect(row).toContainText('Its eye is built for ISO 160; this film is 2 stops faster.');
	const { frames } = await (await page.request.get(`/api/loads/${loadId}`)).json();
	await expect(row).toContainText(`${frames} of ${frames} left`);
	await expect(row).toContainText(/Works from EV/);
	await open(page, `/bag/load?camera=${cameraId}`);
	await expect(page.getByRole('region', { name: /in Wedge$/ })).toContainText(/Works from EV/);
	await expect(page.getByText(/This film is 2 stops faster than the camera expects/)).toBeVisible();
});
