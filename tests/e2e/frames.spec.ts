import type { Page } from '@playwright/test';
import sharp from 'sharp';
import { cameraKind } from '../../src/core/camera';
import { fixedCamera, filmOf } from '../fixtures/bag';
import { expect, loadCamera, open, readLight, stored, test, sizes } from './app';
import { answer } from './shoot-page';

/** Loading, shooting, judging and learning, as a person does them. */

const wedge = () => ({
	name: 'Slip Wedge',
	kind: 'folding-instant',
	...cameraKind('folding-instant')!.camera
});
const pack = filmOf('instant', 160);
const took = (page: Page, number: number) =>
	page.getByRole('button', { name: new RegExp(`^Took frame ${number}`) });
const saved = (page: Page, words: string) => expect(page.getByText(words, { exact: true })).toBeVisible();

test('a pack is loaded with its list, bracketed, shot on through a crash, judged, and teaches what it gives', async ({
	page,
	request,
	app
}) => {
	await request.post('/api/cameras', { data: wedge() });
	await request.post('/api/films', { data: { ...pack, name: 'Wrack 160' } });
	await readLight(request, { ev: 9, sd: 0.33 });

	await open(page, '/bag/load');
	await page.getByLabel('Frames', { exact: true }).fill('10');
	await page.getByLabel('What it costs').fill('20');
	await expect(page.getByLabel('Its counter')).toHaveValue('down');
	await page.getByRole('checkbox', { name: 'In the shade' }).check();
	await page.getByRole('button', { name: 'Load it', exact: true }).click();
	await expect(answer(page).getByRole('heading', { name: 'Just enough' })).toBeVisible();
	const [load] = (await (await request.get('/api/loads')).json()).items;
	expect(load).toMatchObject({ price: 20, counter: 'down', checked: ['In the shade'] });

	// The camera's own list and what is in the frame, one glance away; still there after the page is closed.
	await page.getByRole('button', { name: 'List, notes …' }).click();
	await page.getByRole('checkbox', { name: 'Lens cap or cover off' }).check();
	await page.getByLabel('What is in it').fill('Capstan');
	await page.reload();
	await page.getByRole('button', { name: 'List, notes …' }).click();
	await expect(page.getByRole('checkbox', { name: 'Lens cap or cover off' })).toBeChecked();
	await expect(page.getByLabel('What is in it')).toHaveValue('Capstan');
	await page.getByRole('button', { name: 'Back to the light' }).click();

	await page.getByRole('button', { name: 'Bracket 1 to 3' }).click();
	await saved(page, 'Frames 1 to 3 of Slip Wedge saved');
	const errors = async () =>
		((await (await request.get('/api/frames')).json()).items as { predicted: { error: number } }[]).map(
			({ predicted }) => predicted.error
		);
	const [darker, even, lighter] = await errors();
	expect(darker).toBeLessThan(even - 0.3);
	expect(lighter).toBeGreaterThan(even + 0.3);

	await took(page, 4).click();
	await saved(page, 'Frame 4 of Slip Wedge saved');
	await page.getByRole('button', { name: 'Three more like it' }).click();
	await saved(page, 'Frames 5 to 7 of Slip Wedge saved');

	// The server dies in the middle of it; what it acknowledged is there, what it did not is kept here.
	process.kill(app.pid, 'SIGKILL');
	await took(page, 8).click();
	await expect(page.getByText(/one entry is kept here/)).toBeVisible();
	await app.restart();
	await page.getByRole('button', { name: 'Save now' }).click();
	await expect(page.getByText(/kept here, in this browser/)).toBeHidden();
	await expect(took(page, 9)).toBeVisible();
	const numbers = (await (await request.get('/api/frames')).json()).items.map(
		(frame: { number: number }) => frame.number
	);
	expect(numbers).toEqual([1, 2, 3, 4, 5, 6, 7, 8]);

	// Judged beside the simulated prints: each came out two thirds darker than right.
	await open(page, '/frames');
	await expect(page.getByRole('list', { name: 'Frames' })).toContainText('Capstan');
	await page.getByRole('link', { name: 'Judge frame 4' }).first().click();
	for (const number of [4, 5, 6, 7, 8]) {
		await expect(page.getByRole('heading', { name: `Frame ${number} of Slip Wedge` })).toBeVisible();
		await page.getByRole('radio', { name: '⅔ stop too dark' }).check({ force: true });
		await expect(page.getByText('It came out ⅔ stop too dark')).toBeVisible();
		await page.getByRole('checkbox', { name: 'shadows are gone' }).check();
		await page.getByRole('button', { name: /^Save and judge frame/ }).click();
	}
	await expect(page.getByRole('heading', { name: 'Frame 1 of Slip Wedge' })).toBeVisible();

	await open(page, '/frames/learnt');
	const lesson = page.getByRole('article', { name: 'Slip Wedge' });
	await expect(lesson).toContainText('stop less than its eye says');
	await expect(lesson).toContainText('from 5 frames');
	await expect(lesson).toContainText('to lighten');
	await lesson.getByRole('button', { name: 'Use it from now on' }).click();
	await expect(lesson).toContainText('In use.');

	// Shoot is answered with it at once: the same light now wants the wheel toward lighten.
	await open(page, '/');
	await expect(answer(page)).toContainText(/toward lighten/);
	await open(page, '/frames/learnt');
	await lesson.getByRole('button', { name: 'Reset it' }).click();
	await expect(lesson).toContainText('Set aside.');
	await lesson.getByRole('button', { name: 'Undo' }).click();
	await expect(lesson).toContainText('In use.');

	await open(page, '/frames/honest');
	await expect(
		page.getByText(/^\s*\d of 5 judged frames came out, at \d.*Too few to prove anything yet/s)
	).toBeVisible();
	await expect(page.getByRole('columnheader', { name: 'Predicted' })).toBeVisible();
	await expect(page.locator('.apexcharts-svg').first()).toBeVisible();
	await page.getByText('Month by month').click();
	await expect(page.getByRole('columnheader', { name: 'A keeper cost' })).toBeVisible();
	await expect(page.getByRole('cell', { name: /^\d of 5$/ })).toBeVisible();
});

for (const [where, viewport] of sizes) {
	test.describe(`the instant loop on the ${where}`, () => {
		test.use({ viewport });

		test('counts the development down, takes one tap, and answers the next click from it', async ({
			page,
			request
		}) => {
			// An eye of which little is known learns most from a print.
			const camera = { ...wedge(), offset: { stops: 0, sd: 0.7 } };
			await loadCamera(request, { camera, film: pack, frames: 10 });
			await readLight(request, { ev: 9, sd: 0.33 });
			await open(page, '/');
			const wheel = async () =>
				(await (await request.get('/api/frames')).json()).items.at(-1).settings.compensation;
			await took(page, 1).click();
			await saved(page, 'Frame 1 of Slip Wedge saved');
			const before = await wheel();

			const loop = page.getByRole('region', { name: 'The last print' });
			await expect(loop.getByRole('timer')).toContainText(/Frame 1 develops: (10:00|9:5\d)/);
			await loop.getByLabel('Temperature of the print').selectOption({ label: '10 °C' });
			await expect(loop.getByRole('timer')).toContainText(/develops: 2[01]:\d\d/);
			await loop.getByRole('button', { name: 'Too dark' }).click();
			await expect(loop).toContainText('Frame 1: ⅔ stop too dark.');

			await took(page, 2).click();
			await saved(page, 'Frame 2 of Slip Wedge saved');
			expect(await wheel()).toBeGreaterThan(before);
			await page.reload();
			await expect(loop.getByRole('timer')).toContainText('Frame 2 develops');

			// Two exposures on one frame; and the counter on the camera has gone on without being noted.
			await page.getByRole('button', { name: 'List, notes …' }).click();
			await page.getByRole('button', { name: 'One more on it' }).click();
			await expect(page.getByText('Frame 2: 2 exposures')).toBeVisible();
			const twice = (await (await request.get('/api/frames')).json()).items[1];
			expect(twice).toMatchObject({ exposures: 2 });
			expect(twice.predicted.error).toBeGreaterThan(0.5);
			await page.getByLabel('My counter says').fill('7');
			await page.getByRole('button', { name: 'Set it' }).click();
			await expect(page.getByText('The counter is set.')).toBeVisible();
			await page.getByRole('button', { name: 'Undo' }).click();
			await expect(page.getByText('The counter is set.')).toBeHidden();
			await page.getByLabel('My counter says').fill('7');
			await page.getByRole('button', { name: 'Set it' }).click();
			await expect(page.getByText('The counter is set.')).toBeVisible();
			await page.getByRole('button', { name: 'Back to the light' }).click();
			await expect(took(page, 7)).toBeVisible();
			await open(page, '/frames');
			await expect(page.getByText('Taken; nothing noted.')).toHaveCount(4);
		});
	});
}

test('cine shots run from start to stop, also through a reload, and use the spool up', async ({
	page,
	request
}) => {
	const camera = { name: 'Quay 8', kind: 'cine', ...cameraKind('cine')!.camera };
	await request.post('/api/cameras', { data: camera });
	await request.post('/api/films', { data: filmOf('reversal', 50) });
	await readLight(request, { ev: 12, sd: 0.33 });
	await open(page, '/bag/load');
	await page.getByLabel('Feet a side').fill('25');
	await page.getByRole('button', { name: 'Load it', exact: true }).click();
	await expect(answer(page)).toContainText('250 s left');
	await page.getByRole('button', { name: 'Start shot 1' }).click();
	await expect(page.getByText(/Running: \d+ s/)).toBeVisible();
	await page.reload();
	await expect(page.getByText(/Running: [1-9]\d* s/)).toBeVisible();
	await page.getByRole('button', { name: 'Stop shot 1' }).click();
	await saved(page, 'Frame 1 of Quay 8 saved');
	const [frame] = (await (await request.get('/api/frames')).json()).items;
	expect(frame.ran).toBeGreaterThan(0);
	await open(page, '/frames');
	await expect(page.getByText(/s run: side 1, foot/)).toBeVisible();
});

test('several frames are picked, kept, deleted and brought back; a half-used roll goes out and in again', async ({
	page,
	request
}) => {
	await loadCamera(request, { camera: fixedCamera(), frames: 12 });
	await readLight(request, { ev: 12, sd: 0.5 });
	await open(page, '/');
	await took(page, 1).click();
	await expect(page.getByText(/^Frame 1 of .* saved$/)).toBeVisible();
	await page.getByRole('button', { name: 'Three more like it' }).click();
	await expect(page.getByText(/^Frames 2 to 4 of .* saved$/)).toBeVisible();

	await open(page, '/frames');
	await page.getByRole('button', { name: 'Select several' }).click();
	await page.getByRole('checkbox', { name: '2 select' }).check();
	await page.getByRole('checkbox', { name: '3 select' }).check();
	await page.getByRole('button', { name: 'To keep', exact: true }).click();
	await expect(page.getByText('2 frames to keep.')).toBeVisible();
	await page.getByLabel('Show').selectOption({ label: 'to keep' });
	await expect(page.getByRole('list', { name: 'Frames' }).getByRole('listitem')).toHaveCount(2);
	await page.getByRole('button', { name: 'Delete', exact: true }).click();
	await expect(page.getByText('2 frames are deleted.')).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByText('They’re back.')).toBeVisible();
	await expect(page.getByRole('list', { name: 'Frames' }).getByRole('listitem')).toHaveCount(2);

	await page.getByText('More', { exact: true }).click();
	await page.getByRole('button', { name: 'Take it out of the camera' }).click();
	await expect(page.getByText('It’s out of the camera')).toBeVisible();
	await page.getByText('More', { exact: true }).click();
	await page.getByRole('button', { name: 'Put it back in the camera' }).click();
	await expect(page.getByText('It’s back in the camera.')).toBeVisible();

	await page.getByRole('link', { name: 'All frames' }).click();
	await expect(page.getByText('4 frames, page 1 of 1.')).toBeVisible();
	await page.getByLabel('Show').selectOption({ label: 'to keep' });
	await expect(page.getByText('2 frames, page 1 of 1.')).toBeVisible();
	await expect(page.getByRole('row')).toHaveCount(3);
});

test('a camera has pictures and the flashes that go with it', async ({ page, request }) => {
	const { cameraId } = await loadCamera(request, { camera: fixedCamera() });
	await request.post('/api/gear', {
		data: { type: 'flash', name: 'Pocket flash', guideNumber: 14, powers: [1] }
	});
	await open(page, `/bag/camera/${cameraId}`);
	await page.getByText('Pictures of it').click();
	const png = await sharp({ create: { width: 20, height: 20, channels: 3, background: 'red' } })
		.png()
		.toBuffer();
	await page
		.getByLabel(/Drop a picture here/)
		.setInputFiles({ name: 'front.png', mimeType: 'image/png', buffer: png });
	await expect(page.getByRole('img', { name: /picture front.png, 20 by 20/ })).toBeVisible();
	await page.getByText('Lever, finder, checklists, notes').click();
	await page.getByRole('checkbox', { name: 'Pocket flash' }).uncheck();
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByRole('heading', { name: 'Bag', exact: true })).toBeVisible();
	const camera = await (await request.get(`/api/cameras/${cameraId}`)).json();
	expect(camera.flashes).toEqual([]);
});

test('what one knows of a camera is said in a line, teaches like a judged frame, and can be taken back', async ({
	page,
	app
}) => {
	await loadCamera(page.request, { camera: { ...wedge(), name: 'Wedge', offset: undefined }, film: pack });
	await open(page, '/frames/learnt');
	const known = page.getByRole('region', { name: 'What you already know' });
	await known.getByLabel('Wheel').selectOption({ label: 'in the middle' });
	await known.getByLabel('Comes out').selectOption({ label: '1 stop too dark' });
	await known.getByRole('button', { name: 'Add it' }).click();
	await expect(known.getByRole('status')).toContainText('Saved: Wedge with');
	const lesson = page.getByRole('article', { name: 'Wedge' });
	await expect(lesson).toContainText('less than its eye says');
	await expect(lesson).toContainText('from what you know about it');
	await lesson.getByRole('button', { name: 'Use it from now on' }).click();
	await expect(lesson).toContainText('In use.');
	await app.restart();
	await open(page, '/frames/learnt');
	await expect(known.getByRole('listitem')).toContainText('1 stop too dark, give or take');
	await known.getByRole('button', { name: /^Remove/ }).click();
	await expect(known.getByRole('listitem')).toHaveCount(0);
	await expect(lesson).toHaveCount(0);
});

test('the oldest of many loads is found behind the newer ones, and opened by its address', async ({
	page
}) => {
	const { cameraId, filmId } = await loadCamera(page.request, {
		camera: { ...wedge(), name: 'Wedge' },
		film: pack
	});
	const ids: string[] = [];
	for (let at = 0; at < 45; at++) {
		const loadedAt = new Date(Date.UTC(2001, 0, 1 + at)).toISOString();
		const load = { cameraId, filmId, frames: 8, loadedAt, unloadedAt: loadedAt };
		ids.push(await stored(page.request, 'loads', load));
	}
	await open(page, `/frames?load=${ids[0]}`);
	await expect(page.getByRole('region', { name: /^Wedge/ })).toContainText('Loaded 1 Jan 2001');
	const list = page.getByRole('navigation', { name: 'Loads' });
	await expect(list.locator('[aria-current=true]')).toHaveCount(0);
	await list.getByRole('link', { name: 'Older loads' }).click();
	await expect(list.locator('[aria-current=true]')).toHaveCount(1);
	await expect(list.getByRole('link', { name: 'Back to the newest' })).toBeVisible();
	await expect(list.getByRole('link', { name: 'Older loads' })).toHaveCount(0);

	// What was shot on last is what one comes to see, however many loads are newer.
	const settings = { f: 11, seconds: 0.01, compensation: null, iso: null };
	const frame = { loadId: ids[3], light: null, settings, predicted: null, subject: 'Gull on a bollard' };
	await stored(page.request, 'frames', { ...frame, number: 1, takenAt: '2024-05-02T10:00:00Z' });
	await open(page, '/frames');
	await expect(page.getByRole('region', { name: /^Wedge/ })).toContainText('1 of 8 frames logged');
	await expect(page.getByRole('list', { name: 'Frames' })).toContainText('Gull on a bollard');
	await open(page, `/frames?load=${ids[44]}`);
	await expect(list.locator('[aria-current=true]')).toHaveText(/Wedge.*nothing logged/);
	await expect(list.getByRole('heading', { name: 'February 2001' })).toBeVisible();
});
