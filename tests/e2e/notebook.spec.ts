import { execFileSync } from 'node:child_process';
import { fixedCamera } from '../fixtures/bag';
import { expect, findsNothingInAnyDisplay, fits, open, PHONE, stored, test } from './app';

/** An old notebook from a spreadsheet becomes frames, and can be taken back. */

/** A table as Python's csv writes it, in the manner of a spreadsheet of a country with decimal commas. */
const table = (rows: string[][], encoding: string): Buffer =>
	execFileSync('python3', [
		'-c',
		`import csv, io, json, sys
out = io.StringIO()
csv.writer(out, delimiter=';').writerows(json.loads(sys.argv[1]))
sys.stdout.buffer.write(out.getvalue().encode(sys.argv[2]))`,
		JSON.stringify(rows),
		encoding
	]);

test('a notebook is looked through row by row, comes in whole, and goes again by one tap', async ({
	page,
	request
}) => {
	await stored(request, 'cameras', fixedCamera({ name: 'Tin Box' }));
	const head = ['Kamera', 'Film', 'ISO', 'Bild', 'Datum', 'Uhrzeit', 'Blende', 'Zeit', 'Entf.', 'Motiv'];
	const rows = [
		['Tin Box', 'Samphire', '125', '1', '2.5.2026', '14:30', 'f/11', '1/125', '3 ft', 'Schöner Kahn'],
		['Tin Box', 'Samphire', '125', '2', '14.5.2026', '15:00', '8', '0,008', '∞', 'Die Winde; "blau"'],
		['Klappe', 'Tang', '400', '1', '31.2.2026', '', 'offen', '60', '2', 'Nebel'],
		['Klappe', 'Tang', '400', '2', '15.5.2026', '', '5,6', '60', '2', '=1+1']
	];
	await open(page, '/settings');
	await page.getByRole('link', { name: 'import an old notebook' }).click();
	const drop = page.getByLabel('Drop a table here');
	await drop.setInputFiles({
		name: 'book.xls',
		mimeType: 'application/vnd.ms-excel',
		buffer: Buffer.from([0xd0, 0xcf, 0, 1])
	});
	await expect(page.getByText('This isn’t a CSV. In the spreadsheet, save it as CSV first.')).toBeVisible();
	await drop.setInputFiles({
		name: 'buch.csv',
		mimeType: 'text/csv',
		buffer: table([head, ...rows], 'utf-8')
	});
	const found = page.getByRole('region', { name: '3 frames of 2 rolls, 1 with a problem' });
	await expect(found).toBeVisible();
	await expect(page.getByLabel('Motiv').locator('option:checked')).toHaveText('subject');
	await expect(page.getByLabel('Entf.').locator('option:checked')).toHaveText('none of these');
	await page.getByLabel('Entf.').selectOption('distance');
	await expect(found.getByRole('listitem').filter({ hasText: 'line 2' })).toContainText(
		'f/11 · 1/125 s · 91 cm'
	);
	await expect(found.getByRole('listitem').filter({ hasText: 'line 4' })).toContainText(
		'“31.2.2026” isn’t a date; “offen” isn’t an aperture'
	);
	await expect(page.getByLabel('Tin Box', { exact: true }).locator('option:checked')).toHaveText('Tin Box');
	await page.getByLabel('Klappe', { exact: true }).selectOption('make:full-settings');
	await page.getByLabel('Tang · ISO 400', { exact: true }).selectOption('make:bw-negative');
	await findsNothingInAnyDisplay(page);
	await page.setViewportSize(PHONE);
	await fits(page);

	const bring = page.getByRole('button', { name: 'Bring 3 frames in' });
	await expect(bring).toBeDisabled();
	await page.getByLabel('Skip rows with a problem').check();
	await bring.click();
	await expect(page.getByText('3 frames of 2 rolls are in your records.')).toBeVisible();
	const list = async (kind: string) => (await (await request.get(`/api/${kind}`)).json()).items;
	expect((await list('cameras')).map(({ name }: { name: string }) => name)).toEqual(['Klappe', 'Tin Box']);
	expect(await list('films')).toMatchObject([
		{ name: 'Samphire', iso: 125, type: 'colour-negative' },
		{ name: 'Tang', iso: 400, type: 'bw-negative' }
	]);
	const frames = (await list('frames')) as {
		subject: string;
		settings: object;
		distance?: number;
		note?: string;
	}[];
	const bySubject = (subject: string) => frames.find((frame) => frame.subject === subject)!;
	expect(bySubject('Schöner Kahn')).toMatchObject({
		number: 1,
		settings: { f: 11, seconds: 0.008 },
		distance: expect.closeTo(0.9144, 9)
	});
	expect(bySubject('Die Winde; "blau"')).toMatchObject({ number: 2, settings: { f: 8, seconds: 0.008 } });
	expect(bySubject('=1+1').settings).toMatchObject({ f: 5.6, seconds: 1 / 60 });

	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByText('Undone. Everything is as it was.')).toBeVisible();
	for (const kind of ['frames', 'loads', 'films']) expect(await list(kind)).toEqual([]);
	expect((await list('cameras')).map(({ name }: { name: string }) => name)).toEqual(['Tin Box']);
});

test('an older spreadsheet’s letters are read; what was changed since is not taken back', async ({
	page,
	request
}) => {
	await open(page, '/frames/notebook');
	const old = table(
		[
			['Date', 'Subject'],
			['02/05/2026', 'Kähne'],
			['03/05/2026', 'Söll']
		],
		'cp1252'
	);
	await page
		.getByLabel('Drop a table here')
		.setInputFiles({ name: 'old.csv', mimeType: 'text/csv', buffer: old });
	await expect(page.getByText('They can be read more than one way: choose one.')).toBeVisible();
	await page.getByLabel('Dates are').selectOption({ label: 'day, month, year' });
	await expect(page.getByRole('listitem').filter({ hasText: 'Kähne' })).toContainText('2026-05-02');
	await page.getByRole('button', { name: 'Bring 2 frames in' }).click();
	await expect(page.getByText('2 frames of one roll are in your records.')).toBeVisible();
	const { items } = await (await request.get('/api/frames')).json();
	const changed = await request.put(`/api/frames/${items[0].id}`, { data: { ...items[0], note: 'by hand' } });
	expect(changed.status()).toBe(200);
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByText('One of the frames was changed since. All of it stays.')).toBeVisible();
	expect((await (await request.get('/api/frames')).json()).items).toHaveLength(2);
});
