import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { fixedCamera } from '../fixtures/bag';
import { expect, findsNothingInAnyDisplay, fits, loadCamera, open, PHONE, stored, test } from './app';

/** All of it can be taken elsewhere on any day, and back. */

const settings = { f: 11, seconds: 0.01, compensation: null, iso: null };

test('everything goes out as one file that other programs read, and comes back on another machine', async ({
	page,
	request,
	app
}, info) => {
	const { loadId } = await loadCamera(request, { camera: fixedCamera({ name: '写ルンです' }) });
	const frame = { loadId, light: null, settings, predicted: null, takenAt: '2026-05-02T10:30:00+01:00' };
	const id = await stored(request, 'frames', {
		...frame,
		number: 1,
		subject: '＝1+1',
		note: 'The quay, "far"'
	});
	const picture = readFileSync(new URL('../../docs/screenshots/frames.png', import.meta.url));
	const kept = await request.post(`/api/pictures?frame=${id}&name=frames.png`, {
		data: picture,
		headers: { 'content-type': 'image/png' }
	});
	expect(kept.status()).toBe(201);

	await open(page, '/settings');
	const coming = page.waitForEvent('download');
	await page.getByRole('link', { name: 'Export everything' }).click();
	const zip = info.outputPath('all.zip');
	await (await coming).saveAs(zip);
	expect(execFileSync('unzip', ['-t', zip], { encoding: 'utf8' })).toContain('No errors detected');
	const inside = execFileSync('unzip', ['-p', zip, 'pictures/*'], { maxBuffer: 50e6 });
	expect(inside.equals(picture)).toBe(true);

	// A table of what was found, read by Python's csv.
	await open(page, '/frames/all?q=quay');
	const table = page.waitForEvent('download');
	await page.getByRole('link', { name: 'CSV' }).click();
	const csv = info.outputPath('frames.csv');
	await (await table).saveAs(csv);
	const script = `import csv, json, sys
with open(sys.argv[1], newline='', encoding='utf-8') as f: print(json.dumps(list(csv.DictReader(f))))`;
	const rows = JSON.parse(execFileSync('python3', ['-c', script, csv], { encoding: 'utf8' }));
	expect(rows).toMatchObject([
		{ Camera: '写ルンです', Frame: '1', Subject: "'＝1+1", Note: 'The quay, "far"', 'f-number': '11' }
	]);
	expect((await request.get('/api/frames.csv?q=nowhere')).status()).toBe(404);
	const asked = await request.get(`/api/frames?load=${loadId}`, { headers: { accept: 'text/csv' } });
	expect(asked.headers()['content-type']).toContain('text/csv');

	// Another machine: nothing is there yet.
	await app.restart(['--fresh']);
	await open(page, '/settings');
	await page.getByLabel('Import an archive').setInputFiles(zip);
	await expect(page.getByRole('row', { name: /^Frames 1/ })).toBeVisible();
	await expect(page.getByRole('row', { name: /^Pictures 1/ })).toBeVisible();
	await findsNothingInAnyDisplay(page);
	await page.setViewportSize(PHONE);
	await fits(page);
	expect((await (await request.get('/api/frames')).json()).total).toBe(0);
	await page.getByRole('button', { name: 'Import what’s new' }).click();
	await expect(page.getByText('Imported: 5 new.')).toBeVisible();
	const there = await (await request.get(`/api/frames/${id}`)).json();
	expect(there).toMatchObject({ note: 'The quay, "far"', takenAt: frame.takenAt, version: 1 });
	const { items } = await (await request.get(`/api/pictures?frame=${id}`)).json();
	expect((await (await request.get(`/api/pictures/${items[0].id}`)).body()).equals(picture)).toBe(true);
	await page.getByLabel('Import an archive').setInputFiles(zip);
	await expect(page.getByText('All of it is already here.')).toBeVisible();
	await open(page, '/frames/all?q=写');
	await expect(page.getByRole('cell', { name: /The quay, "far"/ })).toBeVisible();
});

test('a script brings an archive in at once, and nothing happens to one who leaves in the middle', async ({
	request,
	app
}) => {
	const { loadId } = await loadCamera(request);
	const frame = { loadId, light: null, settings, predicted: null, takenAt: '2026-05-02T10:30:00Z' };
	// Noise packs badly: so much of it is not sent before anybody leaves.
	const noise = () =>
		Array.from({ length: 4000 }, () => String.fromCharCode(0x4e00 + Math.random() * 20_000)).join('');
	for (let number = 1; number <= 150; number++)
		await stored(request, 'frames', { ...frame, number, note: noise() });
	const all = await (await request.get('/api/export.zip')).body();
	for (const path of ['export.zip', 'frames.csv', 'frames.json']) {
		const leaving = new AbortController();
		const response = await fetch(`${app.address}/api/${path}`, { signal: leaving.signal });
		await response.body!.getReader().read();
		leaving.abort();
		expect((await request.head(`/api/${path}`)).status()).toBe(200);
	}
	expect((await request.get('/api/health')).status()).toBe(200);
	await app.restart(['--fresh']);
	const zip = { data: all, headers: { 'content-type': 'application/zip' } };
	const { report } = await (await request.post('/api/import?take=true', zip)).json();
	expect(report.kinds.frames).toEqual({ new: 150, same: 0, conflicting: 0, unreadable: 0 });
	expect((await (await request.get('/api/frames')).json()).total).toBe(150);
	expect((await request.post('/api/import?take=perhaps', zip)).status()).toBe(422);
});

test('what is no archive is refused with a word, and nothing changes', async ({ page, request }) => {
	await open(page, '/settings');
	const file = { name: 'a.zip', mimeType: 'application/zip', buffer: Buffer.from('a text') };
	await page.getByLabel('Import an archive').setInputFiles(file);
	await expect(page.getByText('This zip can’t be read')).toBeVisible();
	expect((await request.post('/api/import')).status()).toBe(400);
	const unknown = '5f0e4b1c-0d5a-4a77-9f3e-2b1c9d8e7f60';
	expect((await request.post(`/api/import/${unknown}`)).status()).toBe(404);
	expect((await request.post('/api/import/..%2f..%2fjust-enough')).status()).toBe(404);
});
