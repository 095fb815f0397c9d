import { execFileSync } from 'node:child_process';
import { mkdirSync, readFileSync } from 'node:fs';
import sharp from 'sharp';
import { fixedCamera } from '../fixtures/bag';
import { expect, findsNothingInAnyDisplay, fits, loadCamera, open, PHONE, stored, test } from './app';

/** What was logged reaches the lab's scans. */

const settings = { f: 11, seconds: 0.01, compensation: null, iso: null };

/** Scans of some frames, each with another grey. */
function scanOf(grey: number, as: 'jpeg' | 'tiff'): Promise<Buffer> {
	const picture = sharp({
		create: { width: 60, height: 40, channels: 3, background: { r: grey, g: 60, b: 90 } }
	});
	return (as === 'jpeg' ? picture.jpeg() : picture.tiff()).toBuffer();
}

const readBy = (file: string): Record<string, unknown> =>
	JSON.parse(execFileSync('exiftool', ['-j', '-n', file], { encoding: 'utf8' }))[0];

test('a lab’s folder is put against the frames, and what was logged is in copies of its files', async ({
	page,
	request
}, info) => {
	const { loadId } = await loadCamera(request, { camera: fixedCamera({ name: 'Pebble' }) });
	const frame = { loadId, light: null, settings, predicted: null, takenAt: '2026-05-02T10:30:00-04:00' };
	const subjects = ['Winch', 'Slip', 'Net loft'];
	for (const [at, subject] of subjects.entries())
		await stored(request, 'frames', {
			...frame,
			number: at + 1,
			subject,
			where: { latitude: -33.5, longitude: -70.25 }
		});
	const [first, second, third] = [
		await scanOf(20, 'jpeg'),
		await scanOf(120, 'jpeg'),
		await scanOf(220, 'tiff')
	];
	const files = [
		{ name: 'lab 0001.jpg', mimeType: 'image/jpeg', buffer: first },
		{ name: 'lab 0003.tif', mimeType: 'image/tiff', buffer: third },
		{ name: 'lab 0002.jpg', mimeType: 'image/jpeg', buffer: second },
		{ name: 'lab 0004.dng', mimeType: 'image/x-raw', buffer: Buffer.from('raw') }
	];

	await open(page, `/frames?load=${loadId}`);
	await page.getByText('More', { exact: true }).click();
	await page.getByRole('link', { name: 'Write into the lab’s scans' }).click();
	await page.getByLabel('Drop the lab’s folder here').setInputFiles(files);
	const pairs = page.getByRole('region', { name: '4 files, 3 logged' });
	await expect(pairs).toContainText('No frame numbers in their names: matched in order.');
	const frameOn = (name: string) => page.getByLabel(`Frame on ${name}`).locator('option:checked');
	await expect(frameOn('lab 0003.tif')).toHaveText(/^3 · Net loft/);
	await expect(frameOn('lab 0004.dng')).toHaveText('no frame of these');

	// The first file is a blank one: from there on everything slips.
	await page.getByRole('button', { name: 'One frame earlier from lab 0001.jpg on' }).click();
	await expect(frameOn('lab 0001.jpg')).toHaveText('no frame of these');
	await expect(frameOn('lab 0002.jpg')).toHaveText(/^1 · Winch/);
	await page.getByLabel('Frame on lab 0004.dng').selectOption({ label: '3 · Net loft · f/11, 1/100 s' });
	await expect(pairs).not.toContainText('No file for');
	await findsNothingInAnyDisplay(page);
	await page.setViewportSize(PHONE);
	await fits(page);

	await page.getByRole('button', { name: 'Write it into copies: 3 files' }).click();
	const save = page.getByRole('link', { name: 'Save Pebble' });
	await expect(page.getByText('Written for 3 files, read back and checked.')).toBeVisible();
	const coming = page.waitForEvent('download');
	await save.click();
	const zip = info.outputPath('scans.zip');
	await (await coming).saveAs(zip);
	const folder = info.outputPath('copies');
	mkdirSync(folder);
	execFileSync('unzip', ['-q', zip, '-d', folder]);
	expect(readBy(`${folder}/lab 0002.jpg`)).toMatchObject({
		FNumber: 11,
		ExposureTime: 0.01,
		DateTimeOriginal: '2026:05:02 10:30:00',
		OffsetTimeOriginal: '-04:00',
		GPSLatitude: -33.5,
		GPSLongitude: -70.25,
		Title: 'Winch'
	});
	expect(readBy(`${folder}/lab 0003.tif`)).toMatchObject({ Title: 'Slip', Model: 'Pebble' });
	expect(readBy(`${folder}/lab 0004.xmp`)).toMatchObject({ Title: 'Net loft', GPSLatitude: -33.5 });
	const pixels = (file: string | Buffer) => sharp(file).raw().toBuffer();
	expect((await pixels(`${folder}/lab 0002.jpg`)).equals(await pixels(second))).toBe(true);

	// A table for one's own exiftool does the same.
	await page.getByLabel('A table for exiftool').check();
	await page.getByRole('button', { name: 'Write the table: 3 files' }).click();
	const tableComing = page.waitForEvent('download');
	await page.getByRole('link', { name: 'Save exiftool.csv' }).click();
	await (await tableComing).saveAs(`${folder}/exiftool.csv`);
	const own = `${folder}/own`;
	mkdirSync(own);
	await sharp(second).toFile(`${own}/lab 0002.jpg`);
	const asked = ['-q', '-overwrite_original', '-sep', '; ', '-csv=../exiftool.csv', 'lab 0002.jpg'];
	execFileSync('exiftool', asked, { cwd: own });
	expect(readBy(`${own}/lab 0002.jpg`)).toMatchObject({
		ExposureTime: 0.01,
		GPSLatitude: -33.5,
		Title: 'Winch',
		Subject: ['Pebble', expect.any(String)]
	});
});

test('what is no scan, too much or of no frame is refused with a word', async ({ request }) => {
	const { loadId } = await loadCamera(request, { camera: fixedCamera({ name: 'Pebble' }) });
	const frame = { loadId, light: null, settings, predicted: null, takenAt: '2026-05-02T10:30:00Z' };
	const id = await stored(request, 'frames', { ...frame, number: 1 });
	const write = async (data: Buffer | undefined, to = id) => {
		const answer = await request.post(`/api/frames/${to}/scan`, {
			data,
			headers: { 'content-type': 'image/jpeg' }
		});
		return [answer.status(), (await answer.json()).message];
	};
	const picture = readFileSync(new URL('../fixtures/photos/plain.jpg', import.meta.url));
	expect(await write(Buffer.from('a text'))).toEqual([
		415,
		expect.stringContaining('JPEG, PNG, WebP and TIFF')
	]);
	expect(await write(picture.subarray(0, 60))).toEqual([
		422,
		expect.stringMatching(/can’t be read|couldn’t be written/)
	]);
	expect(await write(picture, crypto.randomUUID())).toEqual([404, 'There is no such frame']);
	expect((await request.get(`/api/frames/${crypto.randomUUID()}/metadata.xmp`)).status()).toBe(404);
	const head = await request.head(`/api/frames/${id}/metadata.xmp`);
	expect(head.headers()['content-type']).toBe('application/rdf+xml');
	const table = await request.post('/api/scans.csv', {
		data: { scans: [{ file: 'a', frameId: crypto.randomUUID() }] }
	});
	expect(table.status()).toBe(422);
	expect((await table.json()).issues).toEqual([
		{ path: 'scans.0.frameId', message: 'there is no such frame' }
	]);
	expect((await request.get('/api/health')).ok()).toBe(true);
});
