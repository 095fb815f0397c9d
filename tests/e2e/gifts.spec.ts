import { readFileSync } from 'node:fs';
import { fixedCamera } from '../fixtures/bag';
import { expect, findsNothingInAnyDisplay, fits, open, PHONE, stored, test } from './app';

/** A camera goes from one bag into another with what is known of it. */

test('a camera is given away as a file, looked at, and taken in where learning starts from what was known', async ({
	page,
	request,
	app
}, info) => {
	const camera = { ...fixedCamera({ name: '写ルンです' }), offset: { stops: -0.5, sd: 0.2 } };
	const checklist = { load: ['Wind on', 'Tape the door'], frame: [] };
	const id = await stored(request, 'cameras', { ...camera, checklist });
	await stored(request, 'measurements', {
		cameraId: id,
		takenAt: '2026-05-02T10:30:00Z',
		what: 'shutter',
		marked: 0.01,
		value: 0.014,
		sd: 0.1,
		method: 'by ear'
	});
	await open(page, '/bag');
	await page.getByLabel('More for 写ルンです').click();
	await page.getByRole('link', { name: 'Share file of 写ルンです' }).click();
	await expect(page.getByText('One measurement')).toBeVisible();
	const code = page.getByRole('img', { name: 'QR code that holds all of 写ルンです' });
	await expect.poll(() => code.evaluate((image: HTMLImageElement) => image.naturalWidth)).toBeGreaterThan(0);
	await findsNothingInAnyDisplay(page);
	const coming = page.waitForEvent('download');
	await page.getByRole('link', { name: 'Save 写ルンです.camera.json' }).click();
	const download = await coming;
	expect(download.suggestedFilename()).toBe('写ルンです.camera.json');
	const file = info.outputPath('given.camera.json');
	await download.saveAs(file);

	// Another bag, in which one of that name is already.
	await app.restart(['--fresh']);
	const mine = await stored(request, 'cameras', fixedCamera({ name: '写ルンです', focalLength: 40 }));
	await open(page, '/bag');
	await page.getByRole('link', { name: 'Add a shared camera' }).click();
	const drop = page.getByLabel('Drop a .camera.json here');
	await drop.setInputFiles({
		name: 'no.json',
		mimeType: 'application/json',
		buffer: Buffer.from('{"a": 1}')
	});
	await expect(page.getByText('This isn’t a camera shared from Just Enough', { exact: false })).toBeVisible();
	await drop.setInputFiles(file);
	const gift = page.getByRole('region', { name: '写ルンです' });
	await expect(gift.getByRole('row', { name: /^Focal length 40 mm/ })).toBeVisible();
	await expect(gift.getByRole('row', { name: 'Lists not said 2 steps' })).toBeVisible();
	await findsNothingInAnyDisplay(page);
	await page.setViewportSize(PHONE);
	await fits(page);
	await gift.getByLabel('Which camera is it?').selectOption({ label: 'another one of its kind' });
	await gift.getByRole('button', { name: 'Update mine' }).click();
	await expect(page.getByText('写ルンです is in your bag.')).toBeVisible();
	const after = await (await request.get(`/api/cameras/${mine}`)).json();
	expect(after).toMatchObject({ checklist, offset: { stops: -0.5 } });
	expect(after.offset.sd).toBeGreaterThan(0.3);
	const measured = async () => (await (await request.get('/api/measurements')).json()).items;
	expect(await measured()).toMatchObject([{ cameraId: mine, value: 0.014 }]);

	// By what its code says, as a new one; a second time changes nothing.
	const text = readFileSync(file, 'utf8');
	await page.getByLabel('Or paste the text of its QR code').fill(text);
	await gift.getByLabel('Add it as').selectOption({ label: 'a new camera' });
	await gift.getByRole('button', { name: 'Add it' }).click();
	await expect(page.getByText('写ルンです is in your bag.')).toBeVisible();
	expect(await (await request.get(`/api/cameras/${id}`)).json()).toMatchObject({
		offset: { stops: -0.5, sd: 0.2 }
	});
	const again = { gift: JSON.parse(text), id };
	const twice = await request.post('/api/cameras/received', { data: again });
	expect(await twice.json()).toMatchObject({ id, version: 1 });
	expect(await measured()).toHaveLength(2);
	const wrong = await request.post('/api/cameras/received', { data: { gift: { ...again.gift, form: 2 } } });
	expect(wrong.status()).toBe(422);
	expect((await wrong.json()).issues.map(({ path }: { path: string }) => path)).toContain('gift.form');
});
