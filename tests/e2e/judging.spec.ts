import sharp from 'sharp';
import { cameraKind } from '../../src/core/camera';
import { filmOf } from '../fixtures/bag';
import { pairOf, photograph } from '../fixtures/photographed';
import { expect, loadCamera, open, readLight, stored, test } from './app';

/** Frames that are judged by their scans and by pictures of them. */

const wedge = () => ({
	name: 'Slip Wedge',
	kind: 'folding-instant',
	...cameraKind('folding-instant')!.camera
});
const pack = filmOf('instant', 160);

test('a scan is kept with its frame, its grey read, and comes back after a restart', async ({
	page,
	request,
	app
}) => {
	const { loadId } = await loadCamera(request, { camera: wedge(), film: pack, frames: 10 });
	await readLight(request, { ev: 9, sd: 0.33 });
	await open(page, '/');
	await page.getByRole('button', { name: /^Took frame 1/ }).click();
	await expect(page.getByText('Frame 1 of Slip Wedge saved', { exact: true })).toBeVisible();
	const [frame] = (await (await request.get(`/api/frames`)).json()).items;
	expect(frame.loadId).toBe(loadId);

	// Mid grey as published, IEC 61966-2-1: 18 % is 118 of 255; in the dark half a stop less light: 85 of 255.
	const grey = (value: number) => ({ r: value, g: value, b: value });
	const scan = await sharp({ create: { width: 600, height: 400, channels: 3, background: grey(118) } })
		.composite([
			{
				input: await sharp({ create: { width: 300, height: 400, channels: 3, background: grey(60) } })
					.png()
					.toBuffer(),
				left: 0,
				top: 0
			}
		])
		.withExif({ IFD0: { Copyright: 'Keeper of the net loft' } })
		.jpeg()
		.toBuffer();
	await open(page, `/frames/${frame.id}/judge`);
	await page
		.getByLabel(/Drop a scan here/)
		.setInputFiles({ name: 'frame1.jpg', mimeType: 'image/jpeg', buffer: scan });
	await expect(page.getByRole('img', { name: /scan frame1.jpg, 600 by 400/ })).toBeVisible();
	await page.getByRole('button', { name: 'Judge from it' }).click();
	await page.getByLabel('What the picture shows').selectOption({ label: 'An uncorrected scan' });
	await page.getByRole('button', { name: /^\+ a grey card/ }).click();
	const spot = page.getByRole('button', { name: /^Marks on frame1.jpg/ });
	await spot.click({ position: { x: 360, y: 150 } });
	await expect(page.getByText(/It came out right, give or take .*by the scan/)).toBeVisible();
	await spot.click({ position: { x: 40, y: 150 } });
	await expect(page.getByText(/It came out 1⅓ stops too dark, give or take .*by the scan/)).toBeVisible();
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByText('Came out 1⅓ stops too dark', { exact: true })).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByRole('list', { name: 'Frames' }).getByText('Judge frame 1')).toBeVisible();
	await page.getByRole('link', { name: 'Edit frame 1' }).click();
	await page.getByLabel('What is in it').fill('Winch');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByText('Winch', { exact: true })).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByText('Winch', { exact: true })).toBeHidden();

	await app.restart();
	await open(page, `/frames/${frame.id}/judge`);
	const picture = page.getByRole('img', { name: /scan frame1.jpg/ });
	await expect(picture).toBeVisible();
	const address = (await picture.getAttribute('src'))!;
	const thumbnail = await (await request.get(address)).body();
	expect(thumbnail.includes('net loft')).toBe(false);
	expect((await sharp(thumbnail).metadata()).width).toBe(480);
	const original = await (await request.get(address.replace('/thumbnail', ''))).body();
	expect(original.equals(scan)).toBe(true);

	// A frame with a picture is not deleted by the way; the picture is, and comes back.
	expect((await request.delete(`/api/frames/${frame.id}`)).status()).toBe(409);
	await page.getByRole('button', { name: 'Delete', exact: true }).click();
	await expect(picture).toBeHidden();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(picture).toBeVisible();
});

test('a print is judged in a phone’s picture, beside one that came out right', async ({ page, request }) => {
	const { loadId } = await loadCamera(request, { camera: wedge(), film: pack, frames: 10 });
	const light = { ev: 9, sd: 0.33 };
	const { best } = await (await request.post('/api/match', { data: { loadId, light } })).json();
	const { f, seconds, compensation, iso } = best;
	const id = await stored(request, 'frames', {
		loadId,
		number: 1,
		takenAt: '2026-05-02T10:00:00Z',
		light,
		settings: { f, seconds, compensation, iso },
		predicted: best
	});
	const phone = { contrast: 1.6, least: 0.12, most: 1.75, s: 0.15, lifted: 0.02, local: 0.05 };
	const lit = { across: 0.2, down: -0.1, white: 0.85 };
	const [own, right] = pairOf;
	const prints = [
		{ error: -1, quad: own },
		{ error: 0, quad: right }
	];
	const { width, height, data } = photograph(prints, { ...phone, ...lit }, 0.4, { width: 720, height: 540 });
	const raw = { width, height, channels: 4 } as const;
	const picture = await sharp(Buffer.from(data.buffer), { raw }).png().toBuffer();
	await open(page, `/frames/${id}/judge`);
	await page
		.getByLabel(/Drop a scan here/)
		.setInputFiles({ name: 'both.png', mimeType: 'image/png', buffer: picture });
	await page.getByRole('button', { name: 'Judge from it' }).click();
	await expect(page.getByLabel('What the picture shows')).toHaveValue('pair');
	const canvas = page.getByRole('button', { name: /^Marks on both.png/ });
	await expect(canvas).toHaveAccessibleName(/Top left corner of your print/);
	await expect.poll(async () => (await canvas.boundingBox())!.height).toBeGreaterThan(200);
	const box = (await canvas.boundingBox())!;
	for (const { x, y } of [...own, ...right])
		await canvas.click({ position: { x: x * box.width, y: y * box.height } });
	await expect(page.getByText(/It came out 1 stop too dark, give or take ⅓, by its picture/)).toBeVisible();
	// By keys: the arrows move the last mark, and Enter keeps it where it is.
	await canvas.focus();
	await page.keyboard.press('ArrowLeft');
	await page.keyboard.press('ArrowRight');
	await page.keyboard.press('Enter');
	await expect(page.getByText(/It came out 1 stop too dark, give or take ⅓, by its picture/)).toBeVisible();
	// Alone in the picture, its border says too little to be filled in.
	await page.getByLabel('What the picture shows').selectOption({ label: 'Your print alone' });
	for (const { x, y } of own) await canvas.click({ position: { x: x * box.width, y: y * box.height } });
	await expect(page.getByText(/too unsure to count/)).toBeVisible();
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByText('Came out 1 stop too dark', { exact: true })).toBeVisible();
	const frame = await (await request.get(`/api/frames/${id}`)).json();
	expect(frame.judged).toMatchObject({ by: 'picture', sd: expect.closeTo(1 / 3, 2) });
});
