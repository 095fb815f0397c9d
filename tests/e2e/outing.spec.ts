import ICAL from 'ical.js';
import { readFileSync } from 'node:fs';
import type { APIRequestContext, Page } from '@playwright/test';
import { cameraKind } from '../../src/core/camera';
import { filmOf, fixedCamera } from '../fixtures/bag';
import { expect, loadCamera, open, readLight, test, sizes } from './app';

/** The lantern walk: planned at a desk, exported, taken along, logged against. */

async function fillBag(request: APIRequestContext): Promise<void> {
	const keep = (kind: string, data: object) => request.post(`/api/${kind}`, { data });
	await keep('places', { name: 'Hollin Holm', latitude: 54.62, longitude: -4.21 });
	await keep('gear', { type: 'support', name: 'Tripod' });
	await keep('gear', { type: 'filter', name: 'ND 0.6', stops: 2, kind: 'neutral', overMeter: true });
	const wedge = { name: 'Slip Wedge', kind: 'folding-instant', ...cameraKind('folding-instant')!.camera };
	await loadCamera(request, { camera: wedge, film: { ...filmOf('instant', 160), name: 'Wrack 160' } });
	await loadCamera(request, { camera: fixedCamera({ name: 'Quay Box' }) });
	await readLight(request, { method: 'place', place: 'bright-street' });
}

const scene = (page: Page, at: number) => page.locator('details.scene').nth(at);

/** Types what one goes for. */
async function fillOuting(page: Page): Promise<void> {
	await page.getByLabel('Outing', { exact: true }).fill('Lantern walk');
	await page.getByLabel('Date there').fill('2026-05-02');
	const first = scene(page, 0);
	await first.getByLabel('Scene', { exact: true }).fill('Lanterns on the slip');
	await first.getByLabel('At', { exact: true }).fill('19:40');
	await first.getByLabel('Its light').selectOption({ label: 'a kind of place' });
	await first.getByLabel('The place').selectOption({ label: 'Bright street at night' });
	await first.getByLabel('Film', { exact: true }).selectOption({ label: 'on instant film' });
	await page.getByRole('button', { name: 'Another scene' }).click();
	const second = scene(page, 1);
	await second.getByLabel('Scene', { exact: true }).fill('Trails along the causeway');
	await second.getByLabel('At', { exact: true }).fill('00:20');
	await second.getByLabel(/after midnight/).check();
	await second.getByLabel('Frames, at most').fill('1');
	await second.getByLabel('Its light').selectOption({ label: 'a kind of place' });
	await second.getByLabel('The place').selectOption({ label: 'Traffic at night' });
	await second.getByLabel('Time', { exact: true }).selectOption({ label: '4 to 10 s, for light trails' });
	await second.getByLabel('Held').selectOption({ label: 'on a tripod' });
}

/** The calendar file, read by another package. */
async function exported(page: Page): Promise<ICAL.Event[]> {
	const [download] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('link', { name: 'Calendar file' }).first().click()
	]);
	expect(download.suggestedFilename()).toBe('Lantern walk.ics');
	const calendar = new ICAL.Component(ICAL.parse(readFileSync(await download.path(), 'utf8')));
	return calendar.getAllSubcomponents('vevent').map((event) => new ICAL.Event(event));
}

for (const [where, viewport] of sizes) {
	test.describe(`on the ${where}`, () => {
		test.use({ viewport });

		test('an outing is planned, packed, exported, taken to Shoot, and logged against', async ({
			page,
			request,
			app
		}) => {
			await fillBag(request);
			await open(page, '/plan');
			await page.getByRole('link', { name: 'Outings' }).click();
			await page.getByRole('link', { name: 'Plan an outing' }).click();
			await fillOuting(page);

			const packed = page.getByRole('region', { name: 'What to pack' });
			// Source: at EV 5 and ISO 160, f/8 takes 64 / (2^5 × 1.6) = 1¼ s: two stops of a filter make 5 s of it,
			// and the wheel 7 s, because instant film loses 0.39 stop over 5 s.
			await expect(packed.locator('.carried')).toContainText('ND 0.6');
			await expect(packed.locator('.carried')).toContainText('A tripod');
			await expect(packed.locator('.carried')).toContainText('Slip Wedge');
			await expect(packed.locator('.carried')).not.toContainText('Quay Box');
			await expect(packed).toContainText('Wrack 160, in Slip Wedge already', { ignoreCase: true });
			await expect(packed.getByRole('listitem').filter({ hasText: 'Trails' })).toContainText(
				'about 8 s, wheel ½ toward lighten'
			);
			await page.getByRole('button', { name: 'Save the outing' }).click();
			await expect(page.getByRole('heading', { name: 'Lantern walk' })).toBeVisible();

			const [slip, trails] = await exported(page);
			expect(slip.startDate.toJSDate().toISOString()).toBe('2026-05-02T18:40:00.000Z');
			expect(slip.description).toContain('Slip Wedge with Wrack 160');
			expect(trails.startDate.toJSDate().toISOString()).toBe('2026-05-02T23:20:00.000Z');
			expect(trails.component.getAllSubcomponents('valarm')).toHaveLength(1);

			await page.getByRole('link', { name: 'Sheet to print' }).click();
			await expect(page.getByText('Carry: Slip Wedge, Wrack 160, ND 0.6, a tripod.')).toBeVisible();
			await page.emulateMedia({ media: 'print' });
			await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
			await page.emulateMedia({ media: 'screen' });

			await open(page, '/plan/outings');
			await page.getByRole('button', { name: /^Take it to Shoot.*Lantern walk/ }).click();
			await expect(page.getByText('Lantern walk is on Shoot.')).toBeVisible();
			await page.getByRole('link', { name: 'Shoot', exact: true }).click();
			await expect(page.getByText('Next 19:40 Lanterns on the slip 0 of 2 taken')).toBeVisible();
			await page.getByRole('button', { name: /^Set/ }).first().click();
			await expect(page.getByText('For 19:40 Lanterns on the slip')).toBeVisible();
			await expect(page.getByRole('button', { name: /^Slip Wedge/ })).toHaveAttribute('aria-pressed', 'true');
			await expect(page.getByLabel('It’s on a tripod or a wall')).toBeChecked();
			for (const frame of [1, 2]) {
				await page.getByRole('button', { name: `Took frame ${frame}` }).click();
				await expect(page.getByText(`Frame ${frame} of Slip Wedge saved`)).toBeVisible();
			}
			await expect(page.getByText('all 2 taken')).toBeVisible();

			await app.restart();
			await open(page, '/');
			await expect(page.getByText('Next 00:20 Trails along the causeway 0 of 1 taken')).toBeVisible();
			await page.getByRole('button', { name: 'Scenes' }).click();
			await expect(page.getByText('19:40 Lanterns on the slip all 2 taken')).toBeVisible();
			await page.getByRole('button', { name: /^Set for it.*Trails along the causeway/ }).click();
			const { items } = await (await request.get('/api/frames')).json();
			const [outing] = (await (await request.get('/api/outings')).json()).items;
			expect(items.map((frame: { outing: object }) => frame.outing)).toEqual(
				[1, 2].map(() => ({ id: outing.id, scene: outing.scenes[0].id }))
			);
			// With the filter that it was packed with.
			await page.getByRole('button', { name: 'Took frame 3' }).click();
			await expect(page.getByText('Frame 3 of Slip Wedge saved')).toBeVisible();
			const [, , third] = (await (await request.get('/api/frames')).json()).items;
			expect(third.filters).toMatchObject([{ name: 'ND 0.6', stops: 2, kind: 'neutral', overMeter: true }]);
			expect(third.outing.scene).toBe(outing.scenes[1].id);
		});
	});
}

test('a form says what is wrong at its fields, takes scenes out and puts them back, and a deleted outing comes back', async ({
	page,
	request
}) => {
	await fillBag(request);
	await open(page, '/plan/outings/new');
	await page.getByRole('button', { name: 'Save the outing' }).click();
	const wrong = page.getByRole('status').filter({ hasText: '2 fields need fixing:' });
	await expect(wrong.getByRole('button')).toHaveText(['Outing', 'Scene']);
	await wrong.getByRole('button', { name: 'Scene' }).click();
	await expect(page.getByLabel('Scene', { exact: true })).toBeFocused();
	await fillOuting(page);
	await page.getByRole('button', { name: 'Take “Lanterns on the slip” out' }).click();
	await expect(scene(page, 1)).toHaveCount(0);
	await page.getByRole('button', { name: 'Put it back' }).click();
	await expect(scene(page, 0)).toContainText('Lanterns on the slip');
	await page.getByRole('button', { name: 'Save the outing' }).click();
	await expect(page.getByRole('link', { name: 'Sheet to print' })).toBeVisible();

	await open(page, '/plan/outings');
	await page.getByRole('button', { name: /^Delete.*Lantern walk/ }).click();
	await expect(page.getByText('Lantern walk is deleted; its frames stay.')).toBeVisible();
	await expect(page.getByRole('link', { name: 'Lantern walk' })).toHaveCount(0);
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByRole('link', { name: 'Lantern walk', exact: true })).toBeVisible();
	expect((await request.get('/api/outings/9d2b7c1e-4f6a-4b3d-8c5e-7a1f0e2d3c55/calendar.ics')).status()).toBe(
		404
	);
});

test('what nothing in the bag covers is said, with the one thing more that would', async ({
	page,
	request
}) => {
	await request.post('/api/places', { data: { name: 'Hollin Holm', latitude: 54.62, longitude: -4.21 } });
	const wedge = { name: 'Slip Wedge', kind: 'folding-instant', ...cameraKind('folding-instant')!.camera };
	await loadCamera(request, { camera: wedge, film: filmOf('instant', 160) });
	await open(page, '/plan/outings/new');
	await fillOuting(page);
	const packed = page.getByRole('region', { name: 'What to pack' });
	await expect(packed).toContainText('Nothing in the bag covers it.');
	await expect(packed).toContainText('“Lanterns on the slip”: a tripod');
	// Four seconds or more in a street at night ask for a support, and for two stops less light.
	await expect(packed).toContainText(
		/Two more things would cover\s*“Trails along the causeway”: a tripod and a filter: ND/
	);
});

test('a year says which film to load when', async ({ page, request }) => {
	await fillBag(request);
	await request.post('/api/films', { data: { ...filmOf('instant', 800), name: 'Lantern 800' } });
	await open(page, '/plan');
	await page.getByRole('link', { name: 'A year' }).click();
	await page.getByLabel('Camera', { exact: true }).selectOption({ label: 'Slip Wedge' });
	const films = page
		.getByRole('table')
		.filter({ has: page.getByRole('columnheader', { name: 'Film', exact: true }) });
	await expect(films.getByRole('row')).toHaveCount(3);
	await films.getByRole('button', { name: 'Lantern 800' }).click();
	await expect(page.getByRole('heading', { name: 'Lantern 800 by month and hour' })).toBeVisible();
	const hours = page.getByRole('table', { name: /How much of each hour/ });
	// Source: astronomy: at 54° north no sun is up at midnight in December.
	const midnight = hours.getByRole('row').filter({ has: page.getByRole('rowheader', { name: '00' }) });
	await expect(midnight.getByRole('cell').last()).toHaveText('no');
	// The sky of the place, month by month: typical to start from, changed, and kept with the place.
	const june = () => films.getByRole('row').filter({ hasText: 'Wrack 160' }).getByRole('cell').nth(5);
	await page.getByText('The sky at this place').click();
	const clear = page.getByLabel('clear days in Jun, percent');
	await expect(clear).toHaveValue('25');
	await expect(page.getByText('Typical for this latitude')).toBeVisible();
	const before = await june().textContent();
	await clear.fill('100');
	await clear.blur();
	await expect(page.getByLabel('overcast days in Jun, percent')).toHaveValue('0');
	await expect(june()).not.toHaveText(before!);
	await page.getByRole('button', { name: 'Save with Hollin Holm' }).click();
	await expect(page.getByText('Saved with Hollin Holm.')).toBeVisible();
	const after = await june().textContent();
	await page.reload();
	await page.getByLabel('Camera', { exact: true }).selectOption({ label: 'Slip Wedge' });
	await expect(june()).toHaveText(after!);
	await page.getByText('The sky at this place').click();
	await expect(page.getByLabel('clear days in Jun, percent')).toHaveValue('100');
	await page.getByLabel('Year', { exact: true }).fill('1700');
	await expect(page.getByText('must be from 1900 to 2100')).toBeVisible();
});
