import { execFileSync } from 'node:child_process';
import { fixedCamera } from '../fixtures/bag';
import { expect, findsNothingInAnyDisplay, fits, loadCamera, open, PHONE, stored, test } from './app';

/** A load on paper: what a printer gets, read by poppler. */

const settings = { f: 11, seconds: 0.01, compensation: null, iso: null };

test('a load is put on paper: contact sheet, label and captions, black on white from the dark display', async ({
	page,
	request
}, info) => {
	const { loadId } = await loadCamera(request, { camera: fixedCamera({ name: '写ルンです' }) });
	const load = await (await request.get(`/api/loads/${loadId}`)).json();
	await request.put(`/api/loads/${loadId}`, { data: { ...load, countsFrom: 81 } });
	const frame = { loadId, light: null, settings, predicted: null };
	const judged = { stops: 0, sd: 0.4, by: 'eye', judgedAt: '2026-05-04T10:00:00Z', kept: true };
	await stored(request, 'frames', {
		...{ ...frame, number: 1, takenAt: '2026-05-02T23:30:00Z', zone: 'Asia/Tokyo', subject: 'Winch' },
		...{ caption: 'Low water', judged, where: { latitude: 35, longitude: 139, name: 'Far quay' } }
	});
	await stored(request, 'frames', {
		...frame,
		number: 2,
		takenAt: '2026-05-04T02:00:00Z',
		zone: 'Asia/Tokyo'
	});

	await open(page, `/frames?load=${loadId}`);
	await page.getByText('More', { exact: true }).click();
	await page.getByRole('link', { name: 'On paper: contact sheet, label, captions' }).click();
	const sheet = page.getByRole('article', { name: 'contact sheet' });
	await expect(sheet).toContainText('3 May 2026 to 4 May 2026 · Far quay · no. 81 to 82 · 2 of');
	await findsNothingInAnyDisplay(page);

	/** What is printed, as text, and its pages' size in points. */
	async function printed(name: string) {
		const path = info.outputPath(`${name}.pdf`);
		await page.pdf({ path, preferCSSPageSize: true });
		const size = /Page size:\s+([\d.]+) x ([\d.]+)/.exec(
			execFileSync('pdfinfo', [path], { encoding: 'utf8' })
		)!;
		const text = execFileSync('pdftotext', ['-layout', path, '-'], { encoding: 'utf8' });
		return { text, size: size.slice(1).map((points) => Math.round(Number(points))) };
	}
	const asSheet = await printed('sheet');
	expect(asSheet.size).toEqual([595, 842]);
	expect(asSheet.text).toContain('f/11, 1/100 s');
	expect(asSheet.text).not.toContain('On paper');

	await page.getByLabel('What').selectOption('captions');
	await page.getByLabel('Frames', { exact: true }).selectOption('kept');
	await page.getByLabel('Paper').selectOption('letter');
	const captions = await printed('captions');
	expect(captions.size).toEqual([612, 792]);
	expect(captions.text).toContain('Low water');
	expect(captions.text).toContain('3 May 2026, Far quay');
	expect(captions.text).toContain('no. 81');
	expect(captions.text).not.toContain('no. 82');
	await page.getByLabel('What').selectOption('label');
	await expect(page.getByRole('article', { name: 'sleeve label' })).toContainText('写ルンです');

	/** What the server makes of it, under its name. */
	async function asPdf() {
		const link = page.getByRole('link', { name: 'Open as PDF' });
		const answer = await request.get((await link.getAttribute('href'))!);
		expect(answer.headers()['content-type']).toBe('application/pdf');
		const text = execFileSync('pdftotext', ['-layout', '-', '-'], {
			input: await answer.body(),
			encoding: 'utf8'
		});
		return { text, named: answer.headers()['content-disposition'] };
	}
	expect((await asPdf()).text).toContain('no. 81 · 1 of');
	await page.getByLabel('What').selectOption('sheet');
	await page.getByLabel('Frames', { exact: true }).selectOption('all');
	const { text, named } = await asPdf();
	expect(text).toContain('写ルンです, Film 400');
	expect(text.match(/simulated/g)).toHaveLength(2);
	expect(named).toContain(`filename*=UTF-8''${encodeURIComponent('写ルンです Film 400 contact sheet.pdf')}`);
	const nothing = await request.get(`/api/loads/${loadId}/paper.pdf?kind=poster`);
	expect(nothing.status()).toBe(422);

	await page.evaluate(() => (document.documentElement.dataset.theme = 'dark'));
	await page.emulateMedia({ media: 'print' });
	const colours = await page.evaluate(() => {
		const style = getComputedStyle(document.querySelector('article h2')!);
		return [style.color, getComputedStyle(document.body).backgroundColor];
	});
	expect(colours[0]).toBe('rgb(0, 0, 0)');
	expect(['rgba(0, 0, 0, 0)', 'rgb(255, 255, 255)']).toContain(colours[1]);
	await page.emulateMedia({ media: 'screen' });
	await page.setViewportSize(PHONE);
	await fits(page);
});

test('twelve scenes go on a sheet of paper, their lights on its back', async ({ page }) => {
	await open(page, '/practice/paper');
	await expect(page.getByText('All twelve are drawn.')).toBeVisible({ timeout: 30_000 });
	const answers = page.getByRole('region', { name: 'Answers' });
	await expect(page.getByRole('list', { name: 'Scenes' }).getByRole('listitem')).toHaveCount(12);
	await expect(answers).toBeHidden();
	const button = page.getByRole('button', { name: 'Answers' });
	await button.press('Enter');
	await expect(button).toHaveAttribute('aria-pressed', 'true');
	await expect(answers.getByRole('listitem')).toHaveCount(12);
	await expect(answers.getByRole('listitem').first()).toHaveText(/: EV \S+, f\/\d/);
	await button.press('Enter');
	await expect(answers).toBeHidden();
	// Chromium's own printing: a sheet, and its back.
	const printed = (await page.pdf({ preferCSSPageSize: true })).toString('latin1');
	expect(printed.match(/\/Type\s*\/Page\b/g)).toHaveLength(2);
});
