import { cameraKinds } from '../../src/core/camera';
import { foldingInstant } from '../fixtures/automatic';
import { filmOf, fixedCamera, steppedCamera } from '../fixtures/bag';
import { expect, loadCamera, open, PHONE, picture, readLight, records, test } from './app';

const faint = { method: 'shadows', school: 'shadow-edge', condition: 'faint' };

test('cameras without film say so', async ({ page, request }, info) => {
	await request.post('/api/cameras', { data: fixedCamera({ name: 'Empty Tin' }) });
	await open(page, '/');
	await expect(page.getByRole('heading', { name: 'Nothing is loaded' })).toBeVisible();
	await picture(page, info, 'nothing-loaded');
	await page.getByRole('listitem').filter({ hasText: 'Empty Tin' }).getByRole('link').click();
	await expect(page.getByText('There is no film yet')).toBeVisible();
});

test('without a reading, a light can be tried by moving the line', async ({ page, request }, info) => {
	await loadCamera(request);
	await open(page, '/');
	await expect(page.getByRole('heading', { name: 'Read the light', exact: true })).toBeVisible();
	await expect(page.getByRole('button', { name: /Took frame 1/ })).toBeEnabled();
	await picture(page, info, 'no-reading');
	await page.keyboard.press('ArrowRight');
	await expect(page.getByRole('heading', { name: 'Just enough' })).toBeVisible();
	await page.keyboard.press('k');
	await page.reload();
	await expect(page.getByRole('heading', { name: 'Just enough' })).toBeVisible();
});

test('eight cameras stay in their order while the light is dragged, by pointer too', async ({
	page,
	request
}, info) => {
	for (const [index, kind] of cameraKinds.slice(0, 8).entries()) {
		await loadCamera(request, {
			camera: { name: `Body ${index + 1}`, kind: kind.id, ...kind.camera } as never
		});
	}
	await readLight(request, faint);
	await open(page, '/');
	const names = page.getByRole('region', { name: 'In the bag' }).getByRole('button', { name: /^Body/ });
	await expect(names).toHaveCount(8);
	const before = await names.allTextContents();
	await picture(page, info, 'eight-cameras');

	const handle = page.getByRole('slider', { name: /Light on the subject/ });
	const box = (await handle.boundingBox())!;
	await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
	await page.mouse.down();
	await page.mouse.move(box.x - 120, box.y + 10, { steps: 12 });
	await page.mouse.up();
	expect(Number(await handle.getAttribute('aria-valuenow'))).toBeLessThan(10);
	expect(await names.allTextContents()).toEqual(before);
	await expect(handle).toBeInViewport();
	await page.getByRole('button', { name: 'Back to the reading' }).click();
	await expect(handle).toHaveAttribute('aria-valuetext', /about 12⅔/);
});

test('when nothing works, it says from where to where the camera does', async ({ page, request }, info) => {
	await loadCamera(request, { camera: fixedCamera({ name: 'Only One' }) });
	await readLight(request, { ev: 4, sd: 0.5 });
	await open(page, '/');
	await expect(page.getByRole('heading', { name: 'Too dark by 7⅔' })).toBeVisible();
	await expect(page.locator('.notice')).toContainText(
		'Works from EV 10⅔ (dusk) to 14⅔ (sun). Nothing in the bag works in this light'
	);
	await picture(page, info, 'nothing-works');
});

test('a light beyond the line is pointed at, not lost', async ({ page, request }, info) => {
	await loadCamera(request);
	await loadCamera(request, { camera: steppedCamera() });
	await readLight(request, { ev: 22, sd: 0.5 });
	await open(page, '/');
	await expect(page.getByText('lighter than this line')).toBeVisible();
	await picture(page, info, 'off-the-axis');
});

test('a finished roll asks for the next film and logs nothing more', async ({ page, request }, info) => {
	await loadCamera(request, { camera: fixedCamera({ name: 'Last One' }), frames: 1 });
	await readLight(request, faint);
	await open(page, '/');
	await page.getByRole('button', { name: /Took frame 1/ }).click();
	await expect(page.getByRole('heading', { name: 'Roll finished' })).toBeVisible();
	await picture(page, info, 'roll-finished');
	await expect(page.getByText('Frame 1 of Last One saved')).toBeVisible();
	await page.keyboard.press('Enter');
	const { total } = await (await request.get('/api/frames')).json();
	expect(total).toBe(1);
	await page.getByRole('link', { name: 'Load another film' }).first().click();
	await expect(page.getByText('holds Film 400 with 0 of 1 left')).toBeVisible();
	await page.getByLabel('Frames').fill('12');
	await page.getByRole('button', { name: 'Load it', exact: true }).click();
	await expect(page.getByRole('region', { name: 'Do' })).toContainText('frame 1 of 12');
});

test.describe('in the field', () => {
	test.use({ viewport: PHONE });

	test('a frame that cannot be saved is kept here, through a reload, and saved later once', async ({
		page,
		request,
		app
	}, info) => {
		await loadCamera(request, { camera: fixedCamera({ name: 'Far Out' }) });
		await readLight(request, faint);
		await open(page, '/');
		await page.route(records, (route) => route.abort());
		await page.getByRole('button', { name: /Took frame 1/ }).click();
		await expect(page.getByText('Not saved yet: one entry is kept here')).toBeVisible();
		await expect(page.getByRole('button', { name: /Took frame 2/ })).toBeVisible();
		await picture(page, info, 'save-failed');
		await page.reload();
		await expect(page.getByText('Not saved yet: one entry is kept here')).toBeVisible();
		await page.unroute(records);
		// It is sent by itself as soon as there is a network again.
		await page.evaluate(() => dispatchEvent(new Event('online')));
		await expect(page.getByText('Not saved yet')).toBeHidden();
		await app.restart();
		const { items } = await (await request.get('/api/frames')).json();
		expect(items.map((frame: { number: number }) => frame.number)).toEqual([1]);
	});

	test('a frame logged in two tabs at once takes the next number', async ({ page, request, context }) => {
		await loadCamera(request, { camera: fixedCamera({ name: 'Twice' }) });
		await readLight(request, faint);
		const other = await context.newPage();
		await open(page, '/');
		await open(other, '/');
		await other.getByRole('button', { name: /Took frame 1/ }).click();
		await expect(other.getByText('Frame 1 of Twice saved')).toBeVisible();
		// The one is told of the other.
		await page.getByRole('button', { name: /Took frame 2/ }).click();
		await expect(page.getByText('Frame 2 of Twice saved')).toBeVisible();
	});
});

test('a stale edit shows both versions and loses neither', async ({ page, request, context }, info) => {
	const { filmId } = await loadCamera(request, {
		film: filmOf('colour-negative', 400, { name: 'Shared 400' })
	});
	await open(page, `/bag/film/${filmId}`);
	const other = await context.newPage();
	await open(other, `/bag/film/${filmId}`);
	await other.getByLabel('Speed', { exact: true }).fill('200');
	await other.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(other.getByText('ISO 200/24°')).toBeVisible();

	await page.getByLabel('Speed', { exact: true }).fill('320');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	const alert = page.getByRole('alert', { name: 'Changed elsewhere' });
	await expect(alert.getByRole('row', { name: /iso/ })).toContainText('320');
	await expect(alert.getByRole('row', { name: /iso/ })).toContainText('200');
	await picture(page, info, 'stale-edit');
	const { iso } = await (await request.get(`/api/films/${filmId}`)).json();
	expect(iso).toBe(200);
	await alert.getByRole('button', { name: 'Save mine' }).click();
	await expect(page.getByText('ISO 320/26°')).toBeVisible();
});

test('bad forms answer at the field while one types, and store nothing', async ({ page, request }) => {
	await open(page, '/bag/camera/new');
	await page.getByLabel('Your name for it').fill('Tin');
	await page.getByLabel('Your name for it').fill('');
	const name = page.getByLabel('Your name for it');
	await expect(name).toHaveAttribute('aria-invalid', 'true');
	const fNumber = page.getByLabel('f-number');
	await fNumber.fill('wide');
	await expect(fNumber).toHaveAttribute('aria-invalid', 'true');
	await page.getByLabel('Time, s').fill('0');
	await page.getByRole('button', { name: 'Save and load a film' }).click();
	await expect(page.getByText('3 fields need fixing')).toBeVisible();
	await expect(fNumber).toHaveValue('wide');
	expect((await (await request.get('/api/cameras')).json()).total).toBe(0);
});

test('a wheel whose click is nothing, or next to nothing, is refused at its field', async ({
	page,
	request
}) => {
	const { cameraId } = await loadCamera(request, { camera: foldingInstant({ name: 'Wedge' }) });
	const failed: string[] = [];
	page.on('pageerror', ({ message }) => failed.push(message));
	await open(page, `/bag/camera/${cameraId}`);
	const click = page.getByLabel('One click, stops');
	for (const value of ['0', '0.000001', '-1']) {
		await click.fill(value);
		await page.getByRole('button', { name: 'Save', exact: true }).click();
		await expect(click).toHaveAttribute('aria-invalid', 'true');
		await expect(page.getByText(/fields? needs? fixing/)).toBeVisible();
	}
	await click.fill('0.5');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByRole('heading', { name: 'Bag', exact: true })).toBeVisible();
	expect(failed).toEqual([]);
});

test('a form keeps what was typed when the server is gone, and nothing is carried here', async ({
	page,
	app
}) => {
	await page.addInitScript(() => localStorage.setItem('just-enough-carry', 'false'));
	await open(page, '/bag/film/new');
	await page.getByLabel('Name').fill('Sea Fret 50');
	await page.getByLabel('Speed', { exact: true }).fill('50');
	await app.stop();
	await page.getByRole('button', { name: 'Save and load it' }).click();
	await expect(page.getByText('Not saved: the server isn’t answering')).toBeVisible();
	await expect(page.getByLabel('Name')).toHaveValue('Sea Fret 50');
	await app.restart();
	await page.getByRole('button', { name: 'Save and load it' }).click();
	await expect(page.getByRole('heading', { name: 'Load a film' })).toBeVisible();
});

test('archiving takes a camera out of sight and can be undone', async ({ page, request }) => {
	await loadCamera(request, { camera: fixedCamera({ name: 'Old Tin' }) });
	await open(page, '/bag');
	await page.getByLabel('More for Old Tin').click();
	await page.getByRole('button', { name: 'Archive Old Tin' }).click();
	await expect(page.getByText('Old Tin is archived.')).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByRole('link', { name: 'Old Tin', exact: true })).toBeVisible();
});
