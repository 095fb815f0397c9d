import { expect, isClean, loadCamera, open, said, stored, test } from './app';
import { filmOf, fixedCamera } from '../fixtures/bag';

/** What there is to load: counted once, less by what is loaded, and what has to be bought for an outing. */

test('packs are counted, get fewer by loading, and an outing says what to buy', async ({
	page,
	request,
	app
}) => {
	const camera = fixedCamera({ name: 'Quay Box' });
	const film = { ...filmOf('reversal', 100), name: 'Cockle 100' };
	const { filmId, cameraId, loadId } = await loadCamera(request, { camera, film });
	await open(page, '/bag');
	await page.getByRole('link', { name: 'In stock' }).click();
	await expect(page.getByText('Nothing counted yet.')).toBeVisible();
	await isClean(page);
	await page.getByRole('combobox', { name: 'Count another film' }).selectOption({ label: 'Cockle 100' });
	const sheet = page.getByRole('dialog', { name: 'Add Cockle 100' });
	await sheet.getByLabel('Rolls you have').fill('2');
	await sheet.getByLabel('Price of a roll').fill('11.5');
	await sheet.getByLabel('Best before (month on its box)').fill('2016-05');
	await sheet.getByLabel('Stored').selectOption({ label: 'in a fridge' });
	await isClean(page);
	await sheet.getByRole('button', { name: 'Save' }).click();
	await expect(said(page)).toHaveText('Saved: Cockle 100.');
	const main = page.getByRole('main');
	await expect(main).toContainText('2 packs and rolls, worth 23.00.');
	await expect(main).toContainText('2 rolls left');
	// Source: common practice: colour loses half a stop in ten years in a fridge.
	await expect(main).toContainText(
		/11\.50 each · best before May 2016: about [⅓½⅔] stop slower by now, give or take ⅓ stop · in a fridge/
	);

	// Loading says which rolls it takes from, and counts on their age unless that is not wanted.
	await open(page, `/bag/load?camera=${cameraId}&film=${filmId}`);
	await expect(main).toContainText('From stock: 2 rolls, best before May 2016.');
	const age = page.getByRole('checkbox', { name: /^Count on its age: about [⅓½⅔] stop slower/ });
	await expect(age).toBeChecked();
	await isClean(page);
	await page.getByRole('button', { name: 'Load it' }).click();
	await expect(page).toHaveURL('/');
	const { items: loads } = await (await request.get('/api/loads')).json();
	const aged = loads.find((each: { aged?: object }) => each.aged);
	expect(aged.aged.stops).toBeLessThan(-0.4);
	const reach = async (asked: object) =>
		(await (await request.post('/api/reach', { data: asked })).json()).good[0][0];
	expect(await reach({ loadId: aged.id })).toBeCloseTo(
		(await reach({ cameraId, filmId })) - aged.aged.stops,
		5
	);
	await open(page, `/bag/load/${aged.id}`);
	await age.uncheck();
	await page.getByRole('button', { name: 'Save the load' }).click();
	await expect(page).toHaveURL('/');
	expect(await reach({ loadId: aged.id })).toBeCloseTo(await reach({ cameraId, filmId }), 5);
	expect((await request.delete(`/api/loads/${aged.id}`)).ok()).toBe(true);

	// What is loaded is taken off, also after a restart; what was there before it was counted is not.
	const load = await (await request.get(`/api/loads/${loadId}`)).json();
	const unloadedAt = new Date().toISOString();
	expect((await request.put(`/api/loads/${loadId}`, { data: { ...load, unloadedAt } })).status()).toBe(200);
	await stored(request, 'loads', { cameraId, filmId, frames: 12, loadedAt: new Date().toISOString() });
	await app.restart();
	await open(page, '/bag/stock');
	await expect(main).toContainText('1 roll left');

	// 12 frames are in the camera; 30 take two rolls more, one of which is there.
	const soon = new Date(Date.now() + 5 * 86_400_000).toISOString().slice(0, 10);
	const scene = {
		id: crypto.randomUUID(),
		name: 'Slip',
		at: '12:00',
		light: { by: 'ev', ev: 13.5, sd: 0.3 }
	};
	await stored(request, 'outings', {
		...{ name: 'Slides', date: soon, where: { name: 'Net loft', latitude: 54.62, longitude: -4.21 } },
		scenes: [{ ...scene, frames: 30 }]
	});
	await open(page, '/plan/outings');
	await page.getByRole('link', { name: /^Slides/ }).click();
	await expect(main).toContainText('Cockle 100, 2 more loads, 23.00');
	await expect(main).toContainText('To buy: 1 roll of Cockle 100, 11.50.');

	// Once it is packed, the stock says which outing takes what.
	await page.getByRole('button', { name: /^Save/ }).click();
	await expect(page.getByRole('heading', { level: 1, name: 'Slides' })).toBeVisible();
	await open(page, '/bag/stock');
	await expect(main).toContainText('For the outings to come, buy 1 roll of Cockle 100.');
	await expect(page.getByRole('listitem').filter({ hasText: 'Slides' })).toContainText(
		'2 rolls of Cockle 100'
	);
	await isClean(page);
	await page.getByRole('button', { name: /^Change/ }).click();
	await page.getByRole('button', { name: 'Remove it' }).click();
	await expect(page.getByText('Nothing counted yet.')).toBeVisible();
});
