import type { Page } from '@playwright/test';
import { twinLens } from '../fixtures/automatic';
import { filmOf, fixedCamera, losesNothing, steppedCamera } from '../fixtures/bag';
import { expect, isClean, loadCamera, open, PHONE, readLight, ready, test, sizes, stored } from './app';
import { answer } from './shoot-page';

/** What is on the camera in hand stays on it, is logged with it, and what is said goes together. */

const gear = (page: Page, data: object) => stored(page.request, 'gear', data);
const frames = async (page: Page) => (await (await page.request.get('/api/frames')).json()).items;
const took = (page: Page) => page.getByRole('button', { name: /^Took frame/ });
const onCamera = (page: Page) => answer(page).getByText('On the camera', { exact: true }).click();
/** Kept by the server, not on its way. */
const keptRig = (page: Page, loadId: string, rig: Record<string, unknown>) =>
	expect
		.poll(async () => (await (await page.request.get(`/api/loads/${loadId}`)).json()).rig)
		.toMatchObject(rig);

for (const [where, viewport] of sizes) {
	test.describe(`on the ${where}`, () => {
		test.use({ viewport });

		test('what is on a camera stays through views, a correction, a reload and a restart, and is logged', async ({
			page,
			app
		}) => {
			await loadCamera(page.request, { camera: fixedCamera({ name: 'Another' }) });
			const { loadId } = await loadCamera(page.request, {
				camera: twinLens({ name: 'Twin' }, { iso: [100, 200, 400] }),
				film: filmOf('reversal', 400, losesNothing)
			});
			const nd = await gear(page, { type: 'filter', name: 'ND 0.6', stops: 2 });
			await gear(page, { type: 'close-up', name: 'Close-up +2', dioptres: 2 });
			await readLight(page.request, { ev: 10, sd: 0.33 });
			await open(page, '/');
			await page.getByRole('button', { name: /^Twin/ }).click();
			await onCamera(page);
			await answer(page).getByLabel('Aperture', { exact: true }).selectOption({ label: 'f/8' });
			await answer(page).getByLabel('Wheel', { exact: true }).selectOption({ label: 'in the middle' });
			await answer(page).getByLabel('Light on its eye').selectOption({ label: '3 stops darker' });
			await answer(page)
				.getByRole('checkbox', { name: /^ND 0.6/ })
				.check();
			await answer(page).getByRole('checkbox', { name: 'It’s on a tripod or a wall' }).check();
			await keptRig(page, loadId, { aperture: 8, filters: [nd], support: true, meterDifference: -3 });

			const stands = async () => {
				await expect(answer(page).locator('.head')).toContainText('Twin');
				const rows = answer(page).locator('.rows');
				await expect(rows).toContainText('f/8');
				await expect(rows).toContainText('ND 0.6');
				await expect(rows).toContainText('on a tripod');
			};
			await stands();
			// Source: hand arithmetic: an eye in light three stops darker gives three more; the filter takes two.
			await expect(answer(page)).toContainText('The light on its eye is 3 stops darker than on the subject.');
			await took(page).click();
			await expect(page.getByText('Frame 1 of Twin saved')).toBeVisible();
			await page.getByRole('button', { name: 'Correct it' }).click();
			const correction = page.getByRole('dialog', { name: 'Correct it' });
			await expect(correction.getByLabel('Light on its eye')).toHaveValue('-3');
			await expect(correction.getByRole('checkbox', { name: /^ND 0.6/ })).toBeChecked();
			await expect(correction.getByRole('checkbox', { name: 'It was on a tripod or a wall' })).toBeChecked();
			await correction.getByLabel('Close-up lens').selectOption({ label: 'Close-up +2' });
			await correction.getByRole('button', { name: 'Save', exact: true }).click();
			await expect(correction).toBeHidden();
			await stands();

			await page.getByRole('link', { name: 'Bag', exact: true }).click();
			await expect(page.getByRole('heading', { name: 'Bag', exact: true })).toBeVisible();
			await page.getByRole('link', { name: /^Shoot/ }).click();
			await stands();
			await page.reload();
			await stands();
			await app.restart();
			await open(page, '/');
			await stands();
			await took(page).click();
			await expect(page.getByText('Frame 2 of Twin saved')).toBeVisible();
			const [first, second] = await frames(page);
			const taken = {
				loadId,
				handheld: false,
				filters: [{ id: nd }],
				settings: { f: 8 },
				light: { meterEv: 7 }
			};
			expect(first).toMatchObject({ ...taken, closeUp: { name: 'Close-up +2' } });
			expect(second).toMatchObject({ ...taken, number: 2 });

			await open(page, `/frames?load=${loadId}&view=table`);
			await expect(page.getByRole('row').nth(1)).toContainText(
				/f\/8.*ND 0.6, Close-up \+2, on a tripod, eye in light 3 stops darker/
			);
			await isClean(page);
		});

		test('two rings: the scale of equivalents, what is wanted in a tap, a speed that is set, and B refused', async ({
			page
		}) => {
			const camera = steppedCamera({
				name: 'Rings',
				aperture: { kind: 'stops', f: [2.8, 4, 5.6, 8, 11, 16] },
				shutter: { kind: 'speeds', seconds: [1 / 1000, 1 / 500, 1 / 250, 1 / 125, 1 / 60, 1 / 30] },
				bulb: true
			});
			await loadCamera(page.request, { camera, film: filmOf('reversal', 100, losesNothing) });
			await readLight(page.request, { ev: 15, sd: 0.33 });
			await open(page, '/');
			const scale = answer(page).getByRole('list', { name: 'Apertures with the times that go with them' });
			// Source: ISO 2720 and the f/16 rule: f/16 at 1/125 s is f/11 at 1/250 s is f/8 at 1/500 s.
			await expect(scale.getByRole('button', { name: /^f\/16 1\/125/ })).toBeVisible();
			await expect(scale.getByRole('button', { name: /^f\/8 1\/500/ })).toBeVisible();
			await expect(scale.getByRole('listitem')).toHaveCount(6);
			const rows = answer(page).locator('.rows');
			await answer(page).getByRole('button', { name: 'Blur behind' }).click();
			await expect(rows).toContainText('f/5.6');
			await expect(rows).toContainText('1/1000 s');
			await answer(page).getByRole('button', { name: 'All sharp' }).click();
			await expect(rows).toContainText('f/16');
			await page.reload();
			await expect(rows).toContainText('f/16');
			await answer(page).getByRole('button', { name: 'All sharp' }).click();
			await scale.getByRole('button', { name: /^f\/8/ }).click();
			await expect(rows).toContainText('1/500 s');
			await onCamera(page);
			await expect(answer(page).getByLabel('Shutter')).toHaveValue(String(1 / 500));
			await answer(page).getByLabel('Shutter').selectOption({ label: '1/60 s' });
			// By hand: f/8 at 1/60 s lets in three stops more than f/8 at 1/500 s.
			await expect(answer(page).getByRole('heading', { name: 'Too light by 3' })).toBeVisible();
			await expect(answer(page)).toContainText('In this light its settings give 3 over.');
			await answer(page).getByLabel('Shutter').selectOption({ label: 'B, held open and counted' });
			await expect(rows).toContainText('bulb, count it');
			await ready(page);
			await isClean(page);
		});
	});
}

test('two taps at once are one frame', async ({ page }) => {
	await loadCamera(page.request, { camera: fixedCamera({ name: 'Twice' }) });
	await readLight(page.request, { ev: 12, sd: 0.33 });
	await open(page, '/');
	await took(page).dblclick();
	await expect(page.getByText('Frame 1 of Twice saved')).toBeVisible();
	await page.getByRole('button', { name: 'Took frame 2' }).click();
	await expect(page.getByText('Frame 2 of Twice saved')).toBeVisible();
	expect((await frames(page)).map(({ number }: { number: number }) => number)).toEqual([1, 2]);
});

test.describe('on a phone', () => {
	test.use({ viewport: PHONE });
	test('a rig that could not be sent is kept here, and sent when the server is there', async ({ page }) => {
		const { loadId } = await loadCamera(page.request, { camera: steppedCamera({ name: 'Marks' }) });
		await readLight(page.request, { ev: 12, sd: 0.33 });
		await open(page, '/');
		await page.route('**/rig', (route) => route.abort());
		await onCamera(page);
		await answer(page).getByLabel('Aperture', { exact: true }).selectOption({ label: 'f/11' });
		await expect(answer(page).locator('.rows')).toContainText('f/11');
		await page.reload();
		await expect(answer(page).locator('.rows')).toContainText('f/11');
		await page.unroute('**/rig');
		await page.evaluate(() => dispatchEvent(new Event('online')));
		await keptRig(page, loadId, { aperture: 11 });
	});

	test('a load is put right: its frames, its film; the roll that gives one more; and how it comes out', async ({
		page
	}) => {
		const camera = fixedCamera({ name: 'Pebble', kind: 'point-and-shoot' });
		const { loadId } = await loadCamera(page.request, { camera, frames: 36 });
		const other = await page.request.post('/api/films', {
			data: filmOf('colour-negative', 100, { name: 'The other film' })
		});
		await readLight(page.request, { ev: 12, sd: 0.33 });
		await open(page, '/');
		await took(page).click();
		await expect(page.getByText('Frame 1 of Pebble saved')).toBeVisible();
		await open(page, `/frames?load=${loadId}`);
		await page.getByText('More', { exact: true }).click();
		await page.getByRole('link', { name: 'Correct the load' }).click();
		await page.getByRole('textbox', { name: 'Frames', exact: true }).fill('1');
		await page.getByLabel('Film', { exact: true }).selectOption({ label: 'The other film' });
		await expect(page.getByText('Its frame is worked out again for this film')).toBeVisible();
		await isClean(page);
		await page.getByRole('button', { name: 'Save the load' }).click();
		await expect(answer(page).getByRole('heading', { name: 'Roll finished' })).toBeVisible();
		await expect(answer(page)).toContainText('Press the rewind button');
		const [frame] = await frames(page);
		expect(frame.film).toMatchObject({ id: (await other.json()).id, iso: 100 });
		// By hand: f/11 at 1/100 s is EV 13.56 at ISO 100: 1.56 stops under at EV 12.
		expect(frame.predicted.error).toBeCloseTo(-1.56, 1);
		await isClean(page);
		await page.getByRole('button', { name: 'There is one more on it' }).click();
		await page.getByRole('button', { name: 'Took frame 2' }).click();
		await expect(page.getByText('Frame 2 of Pebble saved')).toBeVisible();
		await expect(answer(page).getByRole('heading', { name: 'Roll finished' })).toBeVisible();
		await answer(page).getByRole('button', { name: 'Take it out of the camera' }).click();
		await expect
			.poll(async () => (await (await page.request.get(`/api/loads/${loadId}`)).json()).unloadedAt)
			.toBeTruthy();
	});
});

test('what is fixed is fixed for the plan, too, and is said there', async ({ page }) => {
	const { loadId } = await loadCamera(page.request, { camera: steppedCamera({ name: 'Marks' }) });
	await page.request.put(`/api/loads/${loadId}/rig`, { data: { aperture: 16 } });
	await page.request.post('/api/places', { data: { name: 'The quay', latitude: 54.6, longitude: -4.2 } });
	await open(page, '/plan');
	await expect(page.getByText('As it is set now: f/16.')).toBeVisible();
});
