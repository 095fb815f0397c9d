import { chromium } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { chromiumFlags } from '../../scripts/steps.mjs';
import { foldingInstant } from '../fixtures/automatic';
import { filmOf } from '../fixtures/bag';
import { shutterSound } from '../fixtures/clicks';
import { wavOf } from '../fixtures/wav';
import { DESK, expect, loadCamera, open, picture, readLight, stored, test } from './app';
import { answer, handle, openWay, quayBox, use } from './shoot-page';
import { longestOfPage } from './trace';

/** What becomes of readings, and what is refused as one. */

test('a reading of the eye’s own light moves that camera’s line alone, and dragging keeps the difference', async ({
	page
}) => {
	await loadCamera(page.request, { camera: foldingInstant({ name: 'Wedge' }), film: filmOf('instant', 160) });
	await readLight(page.request, { ev: 12, sd: 0.5 });
	await open(page, '/');
	await openWay(page, 'Meter');
	await page.getByLabel('This is the light on Wedge’s eye').check();
	await page.getByLabel('The meter shows').selectOption({ label: 'EV' });
	// The meter is set to the film in hand until it is told otherwise.
	await expect(page.getByLabel('Set to ISO')).toHaveValue('160');
	await page.getByLabel('Set to ISO').fill('100');
	await page.getByLabel('EV', { exact: true }).fill('9');
	await use(page);
	// Three stops darker at the eye: three too much, of which the wheel takes one and a half.
	await expect(answer(page).getByRole('heading', { name: 'Just too light' })).toBeVisible();
	await answer(page).getByText('On the camera', { exact: true }).click();
	await expect(answer(page).getByLabel('Light on its eye')).toHaveValue('-3');
	await page.keyboard.press('Escape');
	await handle(page).focus();
	await page.keyboard.press('PageDown');
	await expect(answer(page).getByRole('heading', { name: 'Just too light' })).toBeVisible();
});

test('a reading of before is taken again with one tap, named, and stays on the line after a restart', async ({
	page,
	app
}) => {
	await quayBox(page);
	await readLight(page.request, { ev: 9, sd: 0.5 });
	await readLight(page.request, { ev: 13, sd: 0.5 });
	await open(page, '/');
	await page.getByText('Earlier readings').click();
	await page.getByRole('button', { name: 'Name it: the reading 9 typed as an EV' }).click();
	await page.getByLabel('Its name on the light line').fill('Net loft');
	await page.getByRole('button', { name: 'Save the name' }).click();
	await expect(page.locator('[data-ruler]')).toContainText('Net loft');
	await page.getByRole('button', { name: /^9 ± ½ Net loft/ }).click();
	await expect(handle(page)).toHaveAttribute('aria-valuetext', /about 9/);
	await app.restart();
	await open(page, '/');
	await expect(page.locator('[data-ruler]')).toContainText('Net loft');
	await expect(handle(page)).toHaveAttribute('aria-valuetext', /about 9/);
});

test('what frames say of a way of reading is taken off the next one where it is agreed to', async ({
	page
}) => {
	const { loadId } = await quayBox(page);
	const light = { method: 'shadows', school: 'shadow-edge', condition: 'soft' };
	const { best } = await (await page.request.post('/api/match', { data: { loadId, light } })).json();
	for (const number of [1, 2, 3, 4, 5, 6, 7, 8])
		await stored(page.request, 'frames', {
			loadId,
			number,
			takenAt: `2026-05-02T10:0${number}:00Z`,
			light,
			settings: { f: 8, seconds: 1 / 125, compensation: null, iso: null },
			predicted: best,
			judged: { stops: best.error - 1, sd: 0.33, by: 'eye', judgedAt: '2026-05-03T10:00:00Z' }
		});
	await open(page, '/frames/learnt');
	const eye = page.getByRole('region', { name: 'Your own eye' });
	await expect(eye).toContainText(/readings run .* bright, give or take/);
	await eye.getByRole('button', { name: 'Take it off on Shoot' }).click();
	await expect(eye).toContainText(/Shoot takes .* off such readings/);
	await open(page, '/');
	await openWay(page, 'Shadows');
	await page.getByRole('button', { name: /^Soft-edged shadows/ }).click();
	await expect(page.getByText(/taken off for your usual error/).first()).toBeVisible();
	const newest = async () => (await (await page.request.get('/api/readings')).json()).items[0];
	await expect.poll(async () => (await newest())?.light.habit.stops).toBeGreaterThan(0.2);
	await open(page, '/frames/learnt');
	await eye.getByRole('button', { name: 'Stop using it' }).click();
	await expect(eye.getByRole('button', { name: 'Take it off on Shoot' })).toBeVisible();
});

test('a reading grows old before one’s eyes, until it asks to be read again', async ({ page }) => {
	await quayBox(page);
	await page.clock.install();
	await readLight(page.request, { ev: 13, sd: 0.5 });
	await open(page, '/');
	await expect(handle(page)).toHaveAttribute('aria-valuetext', /give or take ½/);
	await page.clock.fastForward('02:00:00');
	await expect(page.getByText('This reading is old. Read the light again.')).toBeVisible();
	await expect(handle(page)).toHaveAttribute('aria-valuetext', /give or take 1/);
	await expect(page.getByText(/2 hours ago/).first()).toBeVisible();
});

test('a town is found by name without a network, kept in the own list, and a nonsense latitude refused', async ({
	page
}) => {
	await quayBox(page);
	await open(page, '/');
	await openWay(page, 'Sun');
	await page.getByLabel('A town by name').fill('qqxxzz');
	// The first search takes the list up, which is long.
	const searched = page.waitForResponse(/[/]places[/]search/);
	await page.getByRole('button', { name: 'Find' }).click();
	await searched;
	await expect(page.getByText('No town starts like that')).toBeVisible();
	await page.getByLabel('A town by name').fill('sa');
	await page.keyboard.press('Enter');
	await page.getByRole('list', { name: 'Towns found' }).getByRole('button').first().click();
	await expect(page.getByLabel('Latitude, °')).toHaveValue(/\d/);
	await page.getByLabel('Save it in my list as').fill('Causeway end');
	await page.getByRole('button', { name: 'Keep', exact: true }).click();
	await expect(page.getByText('Causeway end is in your list.')).toBeVisible();
	await page.getByLabel('Where').selectOption({ label: 'somewhere else' });
	await page.getByLabel('Latitude, °').fill('95');
	await use(page);
	await expect(page.getByText('must be 90 or less')).toBeVisible();
	await page.getByLabel('Latitude, °').fill('54');
	await page.getByLabel('Longitude, °').fill('-4');
	await use(page);
	await expect(handle(page)).toHaveAttribute('aria-valuetext', /about/);
});

test('the stand-in meter fills in what it shows, by its dome and by its spot', async ({ page }) => {
	await quayBox(page);
	await open(page, '/');
	await openWay(page, 'Meter');
	await page.getByText('No meter at hand: try a stand-in').click();
	await expect(page.getByText('A simulation, to learn and try things with')).toBeVisible();
	await page.getByLabel('Its light').selectOption({ label: 'an even grey sky' });
	await page.getByRole('button', { name: 'Press its button' }).click();
	// The stand-in's grey sky is EV 12⅔; meters of a kind differ by a fraction of a stop.
	await expect(page.getByText(/That is about 1[23](⅓|⅔)?, give or take ⅓/)).toBeVisible();
	await page.getByLabel('It measures').last().selectOption({ label: 'by its spot, the light coming off' });
	await page.getByLabel('Placed at').selectOption({ label: 'the white sail' });
	await page.getByRole('button', { name: 'Press its button' }).click();
	await expect(page.getByLabel('It measures').first()).toHaveValue('reflected');
	// A white surface makes a reflected meter read two stops too bright, until it is told.
	await expect(page.getByText(/That is about 1[45](⅓|⅔)?, give or take ½/)).toBeVisible();
	await page.getByLabel('Metered off').selectOption({ label: 'snow, white wall' });
	await expect(page.getByText(/That is about 1[23](⅓|⅔)?, give or take ½/)).toBeVisible();
	await use(page);
	await expect(handle(page)).toHaveAttribute('aria-valuetext', /give or take ½/);
});

test('the sun is read where the device says it is, and its twilight is said', async ({
	page,
	context,
	app
}) => {
	await context.grantPermissions(['geolocation'], { origin: app.address });
	await context.setGeolocation({ latitude: 70, longitude: 20 });
	await quayBox(page);
	await open(page, '/');
	await openWay(page, 'Sun');
	await page.getByRole('button', { name: 'Use this device’s position' }).click();
	await expect(page.getByLabel('Latitude, °')).toHaveValue('70');
	await page.getByLabel('Now, following the clock').uncheck();
	await page.getByLabel('Date there').fill('2026-12-21');
	await page.getByLabel('Clock there').fill('11:40');
	// Source: at the winter solstice noon at 70° north the sun is 90 − 70 − 23.4 = −3.4°: polar night, civil twilight.
	await expect(page.getByText('The sun is 3° below the horizon: civil twilight.')).toBeVisible();
	await use(page);
	await expect(handle(page)).toHaveAttribute('aria-valuetext', /give or take 1(⅓)?, 11:/);
});

test('what the stand-in phone writes is read alike by another program', async ({ page }) => {
	await quayBox(page);
	await open(page, '/');
	await openWay(page, 'Photo');
	await page.getByText('No camera at hand: try a stand-in').click();
	await page.getByLabel('Its light').selectOption({ label: 'sun, with a shed’s shade' });
	await page.getByRole('button', { name: 'Take its picture' }).click();
	await expect(page.getByText(/^It came out/)).toBeVisible();
	const [download] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('link', { name: 'Save the file' }).click()
	]);
	// Source: exiftool from Debian's packages.
	const told = execFileSync('exiftool', ['-json', '-n', await download.path()], { encoding: 'utf8' });
	const [{ ISO, FNumber, ExposureTime, ImageDescription }] = JSON.parse(told);
	expect(ImageDescription).toContain('Simulated');
	await expect(page.getByLabel('ISO', { exact: true })).toHaveValue(String(ISO));
	await expect(page.getByLabel('f-number')).toHaveValue(String(FNumber));
	await expect(page.getByLabel('Time, s')).toHaveValue(`1/${Math.round(1 / ExposureTime)}`);
});

test('files that are no pictures, say nothing, or claim too much get a clear word', async ({
	page
}, info) => {
	await quayBox(page);
	await open(page, '/');
	await openWay(page, 'Photo');
	const file = page.getByLabel(/Take or choose a picture|Opening/);
	await file.setInputFiles({
		name: 'note.jpg',
		mimeType: 'image/jpeg',
		buffer: Buffer.from('<script>alert(1)</script>')
	});
	await expect(page.getByText('This picture can’t be read')).toBeVisible();
	await file.setInputFiles('tests/fixtures/photos/plain.jpg');
	await expect(
		page.getByText('doesn’t say the film speed (ISO), nor the f-number, nor the time')
	).toBeVisible();
	await use(page);
	await expect(page.getByText('is needed')).toHaveCount(3);
	for (const name of ['phone.heic', 'camera.tiff']) {
		await file.setInputFiles(`tests/fixtures/photos/${name}`);
		await expect(page.getByText('This browser cannot see how bright it came out')).toBeVisible();
		await expect(page.getByLabel('Time, s')).toHaveValue('1/125');
	}
	// A PNG that claims 30,000 by 30,000 pixels: 3.6 GB when unpacked.
	const bomb = Buffer.from(readFileSync('tests/fixtures/photos/camera.png'));
	bomb.writeUInt32BE(30_000, 16);
	bomb.writeUInt32BE(30_000, 20);
	await file.setInputFiles({ name: 'bomb.png', mimeType: 'image/png', buffer: bomb });
	await expect(page.getByText('It has too many pixels to see how bright it came out')).toBeVisible();
	const cut = readFileSync('tests/fixtures/photos/phone.heic').subarray(0, 40);
	await file.setInputFiles({ name: 'cut.heic', mimeType: 'image/heic', buffer: cut });
	await expect(page.getByText(/picture can’t be read|doesn’t say/)).toBeVisible();
	await picture(page, info, 'hostile');
});

test('a picture of fifty megapixels is read in a worker while the page goes on answering', async ({
	page,
	browser
}) => {
	await quayBox(page);
	await open(page, '/');
	await openWay(page, 'Photo');
	const large = await page.evaluate(async () => {
		const canvas = new OffscreenCanvas(8700, 5800);
		const context = canvas.getContext('2d')!;
		context.fillStyle = 'rgb(118 118 118)';
		context.fillRect(0, 0, canvas.width, canvas.height);
		const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.5 });
		return [...new Uint8Array(await blob.arrayBuffer())];
	});
	await browser.startTracing(page, { categories: ['toplevel', 'devtools.timeline', '__metadata'] });
	const file = page.getByLabel(/Take or choose a picture|Opening/);
	await file.setInputFiles({ name: 'large.jpg', mimeType: 'image/jpeg', buffer: Buffer.from(large) });
	await expect(page.getByText('It came out as bright as mid grey.')).toBeVisible();
	// Unpacking it takes many times this long: it was not done on the page.
	expect(longestOfPage(await browser.stopTracing())).toBeLessThan(1 / 3);
});

test('the microphone hears both clicks', async ({ app, request }, info) => {
	const sound = info.outputPath('shutter.wav');
	writeFileSync(sound, wavOf(shutterSound([1, 2.25], { seconds: 30 })));
	await loadCamera(request, { camera: foldingInstant({ name: 'Wedge' }), film: filmOf('instant', 160) });
	const browser = await chromium.launch({
		executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
		args: [
			...chromiumFlags,
			'--use-fake-ui-for-media-stream',
			'--use-fake-device-for-media-stream',
			`--use-file-for-fake-audio-capture=${join(process.cwd(), sound.replace(process.cwd(), ''))}%noloop`
		]
	});
	try {
		const page = await browser.newPage({ viewport: DESK });
		await open(page, app.address);
		await openWay(page, 'Click');
		await page.getByRole('button', { name: 'Listen with the microphone' }).click();
		const stop = page.getByRole('button', { name: 'It has closed: stop listening' });
		await expect(stop).toBeVisible();
		const from = await page.evaluate(() => performance.now());
		await page.waitForFunction((until) => performance.now() > until, from + 4000);
		await stop.click();
		await expect(page.getByText(/It was open for 1\.[23] s\./)).toBeVisible();
		await use(page);
		await expect(handle(page)).toHaveAttribute('aria-valuetext', /about 5(⅓)?, give or take ⅔/);
		await picture(page, info, 'heard');
	} finally {
		await browser.close();
	}
});
