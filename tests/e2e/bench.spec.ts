import { execFileSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { XMLValidator } from 'fast-xml-parser';
import { standInShutter } from '../../src/core/standin';
import { foldingInstant } from '../fixtures/automatic';
import { filmOf, fixedCamera } from '../fixtures/bag';
import { wavOf } from '../fixtures/wav';
import { expect, fromMenu, loadCamera, open, picture, readLight, test, sizes } from './app';
import { longestOfPage } from './trace';

/** The bag and its bench: measuring, cards, the reach sheet, and what becomes of cameras and films. */

const quayBox = fixedCamera({ name: 'Quay Box', aperture: { kind: 'fixed', f: 11 } });
const film = filmOf('colour-negative', 100, { name: 'Dulse 100' });

for (const [where, viewport] of sizes) {
	test.describe(`on the ${where}`, () => {
		test.use({ viewport });

		test('an aperture by ruler and a shutter by its trace take the marks’ place, and Shoot answers by them', async ({
			page,
			app
		}, info) => {
			await loadCamera(page.request, { camera: quayBox, film });
			await readLight(page.request, { ev: 13.5, sd: 0.5 });
			await open(page, '/');
			const answer = page.getByRole('region', { name: 'Do' });
			await expect(answer).toContainText('Exactly the light this film asks for.');

			await fromMenu(page, 'Quay Box', 'Bench');
			await page.getByRole('button', { name: 'Save for Quay Box' }).first().click();
			await expect(page.getByText('is needed')).toBeVisible();
			await page.getByLabel('Opening, mm across').fill('3.5');
			// Source: the definition of the f-number: 35 mm by 3.5 mm is f/10, give or take 0.41 stop.
			await expect(
				page.getByText('f/10, give or take ⅓ stop; marked f/11: ⅓ larger, so lighter than marked.')
			).toBeVisible();
			await page.getByRole('button', { name: 'Save for Quay Box' }).first().click();
			await expect(page.getByText('Saved. Quay Box now uses f/10 instead of f/11.')).toBeVisible();

			const samples = standInShutter({
				kind: 'light',
				seconds: 1 / 50,
				firings: 3,
				sampleRate: 48_000,
				seed: 5
			});
			const wav = info.outputPath('shutter.wav');
			writeFileSync(wav, wavOf(samples));
			await page.getByLabel(/Choose a recording|Reading/).setInputFiles(wav);
			await expect(page.getByRole('list', { name: 'Firings' }).getByRole('button')).toHaveCount(3);
			// Twice as long as 1/100 s is a stop.
			await expect(page.getByText(/marked 1\/100 s: 1 stop longer, so lighter, than marked/)).toBeVisible();
			await picture(page, info, 'bench');
			// A mark moved by hand makes this firing longer.
			const before = await page.getByRole('button', { name: /^1: / }).textContent();
			await page.getByLabel('It closes').focus();
			for (let step = 0; step < 20; step++) await page.keyboard.press('ArrowRight');
			await expect(page.getByRole('button', { name: /^1: / })).not.toHaveText(before!);
			await page.getByRole('button', { name: 'Save for Quay Box' }).last().click();
			await expect(page.getByText(/^Saved\. Quay Box now uses 1\/(49|50)/)).toBeVisible();

			await app.restart();
			await fromMenu(page, 'Quay Box', 'Bench');
			await expect(page.getByRole('row', { name: /by ruler/ })).toContainText('f/11');
			await expect(page.getByRole('row', { name: /light sensor, 3 firings/ })).toContainText('1/100 s');
			await open(page, '/');
			// f/10 at 1/50 s is a stop and a third more than f/11 at 1/100 s.
			await expect(answer).toContainText('1⅓ stops over, which this film likes');
		});
	});
}

test('a trial of an eye teaches its habit, which is kept and answers from then on', async ({
	page,
	request,
	app
}) => {
	await loadCamera(request, {
		camera: foldingInstant({ name: 'Wedge' }),
		film: filmOf('instant', 160, { name: 'Wrack 160' }),
		frames: 8
	});
	await readLight(request, { ev: 10, sd: 0.5 });
	await open(page, '/');
	const answer = page.getByRole('region', { name: 'Do' });
	await expect(answer).toContainText('in the middle');
	await fromMenu(page, 'Wedge', 'Bench');
	const frames = page.getByRole('region', { name: 'Eye and wheel' }).getByRole('listitem');
	await expect(frames).toHaveCount(4);
	await expect(frames.nth(1)).toContainText('1½ toward darken');
	await page.getByLabel('Frame 1 came out').selectOption({ label: '⅔ stop too dark' });
	await page.getByLabel('Frame 4 came out').selectOption({ label: '⅔ stop too dark' });
	// Source: a conjugate normal by hand: of body ± 0.5, film ± 0.3, pack ± 0.15, judge ± 0.2 and two frames of −⅔ ± 0.4
	// 0.25/(0.4025 + 0.08) = 0.52 is the body's: −0.35 ± 0.35, nearest thirds.
	await expect(
		page.getByText('It gives ⅓ stop less than its eye says, give or take ⅓, from 2 frames.')
	).toBeVisible();
	await page
		.getByRole('region', { name: 'Eye and wheel' })
		.getByRole('button', { name: /^Save for/ })
		.click();
	await expect(page.getByText('Wedge now uses ⅓ stop less than its eye says')).toBeVisible();
	await app.restart();
	await open(page, '/');
	// A third of a stop too dark is made up by the wheel's half.
	await expect(answer).toContainText('½ toward lighten');
	await fromMenu(page, 'Wedge', 'Bench');
	await expect(page.getByRole('row', { name: /by a trial of 2 frames/ })).toBeVisible();
});

test('files that are no recordings get a word, and a hostile header answers 422', async ({
	page,
	request
}) => {
	await loadCamera(page.request, { camera: quayBox, film });
	await fromMenu(page, 'Quay Box', 'Bench');
	const file = page.getByLabel(/Choose a recording|Reading/);
	await file.setInputFiles({
		name: 'note.wav',
		mimeType: 'audio/wav',
		buffer: Buffer.from('no sound at all')
	});
	await expect(page.getByText('This isn’t a WAV file.')).toBeVisible();
	await file.setInputFiles({
		name: 'silence.wav',
		mimeType: 'audio/wav',
		buffer: wavOf(new Float32Array(48_000))
	});
	await expect(page.getByText(/stands out from the noise/)).toBeVisible();
	const hostile = wavOf(new Float32Array(4800));
	hostile.writeUInt32LE(0xffffffff, 24);
	const answer = await request.post('/api/bench/shutter', {
		data: hostile,
		headers: { 'content-type': 'audio/wav' }
	});
	expect(answer.status()).toBe(422);
	expect((await answer.json()).issues[0].message).toContain('is not a sample rate');
});

test('the API measures a recording and an opening', async ({ request }) => {
	const samples = standInShutter({
		kind: 'light',
		seconds: 1 / 125,
		firings: 2,
		sampleRate: 96_000,
		seed: 8
	});
	const answer = await request.post('/api/bench/shutter', {
		data: wavOf(samples, 96_000),
		headers: { 'content-type': 'audio/wav' }
	});
	expect(answer.status()).toBe(200);
	const { kind, firings, seconds, sampleRate } = await answer.json();
	expect({ kind, sampleRate, count: firings.length }).toEqual({
		kind: 'light',
		sampleRate: 96_000,
		count: 2
	});
	expect(Math.abs(seconds * 125 - 1)).toBeLessThan(0.03);
	// Source: common practice: 95 mm by 6 mm is about f/16, and half a millimetre a quarter stop.
	const aperture = await request.post('/api/bench/aperture', { data: { focalLength: 95, opening: 6 } });
	expect(await aperture.json()).toEqual({ f: expect.closeTo(15.8, 1), sd: expect.closeTo(0.24, 2) });
	expect((await request.post('/api/bench/aperture', { data: { focalLength: -1 } })).status()).toBe(422);
	expect((await request.post('/api/bench/shutter?kind=smell', { data: 'x' })).status()).toBe(422);
	const large = await request.post('/api/bench/shutter', { data: Buffer.alloc(33 * 1024 ** 2) });
	expect(large.status()).toBe(413);
});

test('a long recording is worked through beside the page, in which one goes on typing', async ({
	page,
	browser,
	request
}, info) => {
	await loadCamera(request, { camera: quayBox, film });
	await fromMenu(page, 'Quay Box', 'Bench');
	const firing = standInShutter({ kind: 'light', seconds: 1 / 60, firings: 1, sampleRate: 96_000, seed: 2 });
	const samples = new Float32Array(120 * 96_000);
	for (let second = 5; second < 120; second += 10) samples.set(firing, second * 96_000);
	const wav = info.outputPath('long.wav');
	writeFileSync(wav, wavOf(samples, 96_000));
	await browser.startTracing(page, { categories: ['toplevel', 'devtools.timeline', '__metadata'] });
	await page.getByLabel(/Choose a recording|Reading/).setInputFiles(wav);
	await page.getByLabel('Opening, mm across').pressSequentially('6.25');
	await expect(page.getByLabel('Opening, mm across')).toHaveValue('6.25');
	await expect(page.getByRole('list', { name: 'Firings' }).getByRole('button')).toHaveCount(12);
	expect(longestOfPage(await browser.stopTracing())).toBeLessThan(1 / 12);
	await expect(page.getByText('marked 1/100 s: ⅔ stop longer')).toBeVisible();
});

test('the stand-in tester makes recordings that say they are simulated', async ({ page }) => {
	await loadCamera(page.request, { camera: quayBox, film });
	await fromMenu(page, 'Quay Box', 'Bench');
	await page.getByText('No tester at hand: try a stand-in').click();
	await expect(page.getByText('A simulation, to learn and try things with')).toBeVisible();
	await page.getByLabel('Disturbed by').selectOption({ label: 'blades that bounce' });
	await page.getByRole('button', { name: 'Fire it three times' }).click();
	await expect(page.getByText('Was one a double')).toBeVisible();
	const [download] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('link', { name: 'Save the recording' }).click()
	]);
	expect(
		readFileSync(await download.path())
			.subarray(0, 4)
			.toString()
	).toBe('RIFF');
});

test('a pocket card is looked at, taken as SVG and PDF with a filter, and refuses what is not there', async ({
	page,
	request
}, info) => {
	const { cameraId, filmId } = await loadCamera(request, { camera: quayBox, film });
	const gear = await request.post('/api/gear', {
		data: { type: 'filter', name: 'ND 0.6', stops: 2, kind: 'neutral' }
	});
	const { id: filterId } = await gear.json();
	await fromMenu(page, 'Quay Box', 'Pocket card');
	await expect(page.getByRole('heading', { name: 'Pocket card of Quay Box' })).toBeVisible();
	const card = page.locator('.card');
	// f/11 at 1/100 s on ISO 100 is right at EV 13.56: two stops less light are too dark, two more within reach.
	await expect(card).toContainText('f/11, 1/100 s');
	await expect(card).toContainText('no shadows, grey');
	await page.getByLabel('ND 0.6').check();
	await expect(card).toContainText('Dulse 100, ISO 100 + ND 0.6');
	await page.emulateMedia({ media: 'print' });
	await picture(page, info, 'printed');
	await expect(page.getByRole('button', { name: 'Print it' })).toBeHidden();
	await page.emulateMedia({ media: 'screen' });

	const at = (file: string) => `/api/cards/${cameraId}/${file}`;
	const svg = await request.get(at(`${filmId}.svg?size=a6&filter=${filterId}`));
	expect(svg.headers()['content-type']).toContain('image/svg+xml');
	expect(XMLValidator.validate(await svg.text())).toBe(true);
	expect(await svg.text()).toContain('ND 0.6');
	const pdf = await request.get(at(`${filmId}.pdf`));
	// Source: poppler from Debian's packages.
	const text = execFileSync('pdftotext', ['-layout', '-', '-'], {
		input: await pdf.body(),
		encoding: 'utf8'
	});
	expect(text).toContain('Quay Box');
	expect(text).toContain('f/11, 1/100 s');
	expect((await request.get(at(`${filmId}.exe`))).status()).toBe(404);
	expect((await request.get(at(`${cameraId}.svg`))).status()).toBe(404);
	expect((await request.get(at(`${filmId}.svg?size=poster`))).status()).toBe(422);
	expect((await request.get(at(`${filmId}.svg?filter=${cameraId}`))).status()).toBe(404);
});

test('the reach sheet holds a camera against all films that fit it', async ({ page, request }) => {
	await loadCamera(request, { camera: quayBox, film });
	await request.post('/api/films', { data: filmOf('colour-negative', 800, { name: 'Kelp 800' }) });
	await request.post('/api/films', { data: filmOf('instant', 640, { name: 'Wrack 640' }) });
	await fromMenu(page, 'Quay Box', 'Reach sheet');
	const rows = page.getByRole('list', { name: 'Films in your bag' }).getByRole('listitem');
	await expect(rows).toHaveCount(2);
	// Right at EV 13.56, usable from one under to three over.
	await expect(rows.first()).toContainText('Works from EV 12⅔ (grey day) to 16⅔ (snow).');
	// Three stops faster: three stops less light.
	await expect(rows.last()).toContainText('Works from EV 9⅔ (dusk) to 13⅔ (sun).');
});

test('cameras and films are found, put in order, duplicated, deleted and brought back; what was shot with stays', async ({
	page,
	request
}) => {
	await loadCamera(request, { camera: quayBox, film });
	await request.post('/api/cameras', { data: fixedCamera({ name: 'Spare Box' }) });
	await open(page, '/bag');
	await page.getByLabel('Search').fill('spare');
	await expect(page.getByRole('link', { name: 'Quay Box', exact: true })).toBeHidden();
	await page.getByLabel('More for Spare Box').click();
	await page.getByRole('button', { name: 'Duplicate Spare Box' }).click();
	await expect(page.getByText('Spare Box, copy is in the bag.')).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByText('Spare Box, copy is deleted.')).toBeVisible();
	await page.getByLabel('More for Spare Box').click();
	await page.getByRole('button', { name: 'Delete Spare Box' }).click();
	await expect(page.getByText('No camera has that name.')).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByRole('link', { name: 'Spare Box', exact: true })).toBeVisible();
	await page.getByLabel('Search').fill('');
	await page.getByLabel('More for Quay Box').click();
	await page.getByRole('button', { name: 'Delete Quay Box' }).click();
	await expect(page.getByText('so it can’t be deleted')).toBeVisible();
	await page.getByRole('button', { name: 'Archive it' }).click();
	await expect(page.getByText('Quay Box is archived.')).toBeVisible();
	await page.getByLabel('Order').selectOption({ label: 'films by speed' });
	await expect(page.getByRole('link', { name: 'Dulse 100', exact: true })).toBeVisible();
});
