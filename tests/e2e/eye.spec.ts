import type { Page } from '@playwright/test';
import sharp from 'sharp';
import { filmOf, fixedCamera, losesNothing } from '../fixtures/bag';
import { firedBy } from '../fixtures/eyes';
import { expect, loadCamera, open, PHONE, readLight, said, test } from './app';
import { answer } from './shoot-page';

/** An eye is measured with the empty camera. */

test('a script measures an eye by its firings, and hears what is wrong with its question', async ({
	request
}) => {
	// By hand: a cell that has lost a tenth of its slope, with a wheel that does four fifths of what is written on it.
	const firings = firedBy(
		{
			...{ slope: 0.9, fastest: 1 / 125, slowest: 1, brightest: 1 / 40, leak: 1 / 512, scatter: 0.1 },
			...{ wheel: { [-1]: -0.8, [-0.5]: -0.4, 0.5: 0.4, 1: 0.8 }, timing: 0.001 }
		},
		0.2
	);
	const post = (data: object) => request.post('/api/bench/eye', { data });
	const told = await (await post({ firings })).json();
	expect(Math.abs(told.slope.value - 0.9)).toBeLessThan(0.05);
	expect(told.fastest.reached && told.slowest.reached).toBe(true);
	expect(Math.abs(Math.log2(told.slowest.seconds))).toBeLessThan(1 / 6);
	expect(Math.abs(Math.log2(told.fastest.seconds * 125))).toBeLessThan(1 / 3);
	for (const { place, value } of told.wheel) expect(Math.abs(value - 0.8 * place)).toBeLessThan(0.2);
	for (const [data, path] of [
		[{}, 'firings'],
		[{ firings: firings.map((each) => ({ ...each, fraction: 1 })) }, 'firings'],
		[{ firings: [{ ...firings[0], seconds: 0 }, ...firings] }, 'firings.0.seconds'],
		[{ firings, timing: { sd: 0.001, period: 1 } }, 'firings']
	] as const) {
		const answer = await post(data);
		expect(answer.status()).toBe(422);
		expect((await answer.json()).issues).toContainEqual(expect.objectContaining({ path }));
	}
});

/** All pixels of what is on the screen. */
async function pixels(page: Page) {
	const { data, info } = await sharp(await page.locator('canvas').screenshot())
		.greyscale()
		.raw()
		.toBuffer({ resolveWithObject: true });
	const white = (from: number, to: number) => {
		let count = 0;
		for (let y = 0; y < info.height; y++)
			for (let x = from; x < to; x++) {
				const value = data[(y * info.width + x) * info.channels];
				if (value !== 0 && value !== 255) return NaN;
				if (value === 255) count++;
			}
		return count / ((to - from) * info.height);
	};
	return { left: white(0, info.width / 2), all: white(0, info.width) };
}

test('the screen of steps gives exact parts of light, and as much of it in all at every step', async ({
	page
}) => {
	await open(page, '/bag/steps');
	for (let step = 0; step <= 7; step++) {
		await expect(said(page)).toHaveText(new RegExp(`^step ${step + 1}, `));
		// By counting: every pixel is black or white, and so many are white.
		expect(await pixels(page)).toEqual({ left: 2 ** -step, all: 1 / 2 });
		await page.keyboard.press('ArrowRight');
	}
	await expect(said(page)).toHaveText('black');
	expect(await pixels(page)).toEqual({ left: 0, all: 1 / 2 });
	await page.getByRole('button', { name: 'Brighter' }).click();
	await expect(said(page)).toHaveText('step 8, 1/128 of the light');
});

test.describe('on the phone', () => {
	test.use({ viewport: PHONE });

	test('an aged eye is measured without film, taken, and the next answer is another', async ({
		page,
		request
	}) => {
		// An eye that sets both, of which nothing is known but what is usual: its times tell its cell where f/8 stays wide open.
		const { cameraId } = await loadCamera(request, {
			camera: {
				...fixedCamera({
					name: 'Slip Eye',
					aperture: { kind: 'range', widest: 8, smallest: 22 }
				}),
				// All of the stand-in’s light asks this eye for 1/62 s: it stops down there, and gives 1/50 s.
				shutter: { kind: 'range', fastest: 1 / 500, slowest: 30 },
				exposure: { mode: 'auto', sets: 'both', iso: [100] }
			},
			film: { ...filmOf('reversal', 100, losesNothing), name: 'Cockle 100' },
			frames: 8
		});
		await readLight(request, { ev: 5, sd: 0.2 });
		await open(page, '/');
		await page.getByRole('button', { name: /^Took frame 1/ }).click();
		await expect(page.getByText('Frame 1 of Slip Eye saved')).toBeVisible();

		await open(page, `/bag/bench/${cameraId}`);
		const bench = page.getByRole('region', { name: 'Its cell, without film' });
		await expect(bench.getByText('Step 1, all of the light')).toBeVisible();
		await bench.getByLabel('Or its time by your own tester, s').fill('1/31');
		await bench.getByRole('button', { name: 'Add it' }).click();
		await expect(bench.getByText('Step 2, 1/2 of the light')).toBeVisible();
		// What was fired is there after the page is closed, and can be taken back.
		await page.reload();
		await expect(bench.getByText('1 firing so far')).toBeVisible();
		await bench.getByRole('button', { name: 'Take back the last' }).click();
		await expect(bench.getByText('Step 1, all of the light')).toBeVisible();

		await bench.getByText('Set it up').click();
		await expect(bench.getByText(/only times of 1\/30.s and longer/)).toBeVisible();
		await bench.getByLabel('An ND to hold over its eye, stops').fill('4');
		await bench.getByText('No camera at hand: try a stand-in').click();
		await bench.getByLabel('Its cell').selectOption({ label: 'tired' });
		await bench.getByRole('button', { name: 'Fire all that is asked for' }).click();
		await expect(bench.getByText('Enough fired.')).toBeVisible();
		// The stand-in’s cell has a slope of 0.7.
		await expect(
			bench.getByText(/^For a stop of light it changes its time by 0\.(6[1-9]|7[0-9]) of a stop/)
		).toBeVisible();
		await expect(bench.getByRole('row', { name: /^Slowest 30 s/ })).toBeVisible();
		await expect(bench.getByText('Where it stops down, too, its times say little')).toBeVisible();
		// The stand-in’s ND takes a third of a stop more than is written on it; in 25 tries it was found from 4.1 to 4.5.
		await expect(
			bench.getByRole('row', { name: /^ND over the eye 4 stops (3\.9|4\.[0-8]) ± / })
		).toBeVisible();
		await bench.getByRole('button', { name: 'Use it for Slip Eye' }).click();
		await expect(
			page.getByText(/^Saved\. Slip Eye now uses 0\.\d+ of a stop for a stop instead of 1 of a stop/)
		).toBeVisible();
		await expect(bench.getByText(/^In use, measured: 0\.\d+ of a stop/)).toBeVisible();
		await expect(page.getByRole('table').first()).toContainText('with the empty camera');

		// By hand: seven stops dimmer than EV 12 a slope of 0.7 gives 2.1 stops too little, where it gave just enough before.
		await open(page, '/');
		await expect(answer(page)).toContainText(/too dark/i);
		await page.getByRole('button', { name: /^Took frame 2/ }).click();
		await expect(page.getByText('Frame 2 of Slip Eye saved')).toBeVisible();
		const predicted = (await (await request.get('/api/frames')).json()).items.map(
			(frame: { predicted: { error: number } }) => frame.predicted.error
		);
		const { response } = (await (await request.get(`/api/cameras/${cameraId}`)).json()).exposure;
		expect(predicted[0]).toBeCloseTo(0, 6);
		expect(predicted[1]).toBeCloseTo((1 - response.slope) * (5 - 12), 6);

		await open(page, `/bag/bench/${cameraId}`);
		await bench.getByRole('button', { name: 'Take it to be even again' }).click();
		await expect(page.getByText(/taken to follow the light stop for stop/)).toBeVisible();
		await expect(bench.getByText(/^In use/)).toBeHidden();
	});
});
