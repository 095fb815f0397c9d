import type { Locator, Page, TestInfo } from '@playwright/test';
import type { FilmedShutter } from '../../src/core/standin';
import { filmOf, fixedCamera } from '../fixtures/bag';
import { H264, HEVC, VP8, writeClip } from '../fixtures/clips';
import { answer } from './shoot-page';
import { expect, loadCamera, open, readLight, said, sizes, test } from './app';

/** A shutter is measured by a phone's video. */

const quayBox = fixedCamera({ name: 'Quay Box', aperture: { kind: 'fixed', f: 11 } });
const film = filmOf('colour-negative', 100, { name: 'Dulse 100' });
/** A shutter of 1/50 s, twice as long as it is marked, by a phone that keeps to a curve of its own. */
const slow: FilmedShutter = {
	...{ times: [1 / 50, 1 / 50, 1 / 50], framesPerSecond: 60, exposed: 0.98, open: 0.8, black: 0.03 },
	...{ noise: 0.002, encode: (light) => light ** 0.35, seed: 0.4, steps: 6, held: 7 }
};

async function shutterBench(page: Page, cameraId: string): Promise<Locator> {
	await open(page, `/bag/bench/${cameraId}`);
	const bench = page.getByRole('region', { name: 'Shutter' });
	await bench.getByLabel('Measured by').selectOption({ label: 'a phone’s video through it' });
	return bench;
}

function choose(
	bench: Locator,
	info: TestInfo,
	name: string,
	what: FilmedShutter,
	encoder: readonly string[]
) {
	const file = info.outputPath(name);
	writeClip(file, what, encoder);
	return bench.getByLabel(/Choose a video/).setInputFiles(file);
}

// A clip is chosen at the desk; the page is looked at on the phone with all others.
for (const [where, viewport] of sizes.filter(([where]) => where === 'desk')) {
	test.describe(`on the ${where}`, () => {
		test.use({ viewport });

		test('a video through the empty camera tells its shutter’s time, by the steps that were filmed, and Shoot answers by it', async ({
			page,
			request
		}, info) => {
			const { cameraId } = await loadCamera(request, { camera: quayBox, film });
			await readLight(request, { ev: 13.5, sd: 0.5 });
			const bench = await shutterBench(page, cameraId);
			await choose(bench, info, 'shutter.mp4', slow, H264);
			const firings = bench.getByRole('list', { name: 'Firings' }).getByRole('listitem');
			await expect(firings).toHaveCount(3);
			await expect(bench.getByText('behind it 7 steps of the screen were found')).toBeVisible();
			// 1/50 s within a tenth.
			for (const each of await firings.allTextContents()) {
				const [, part] = /1\/([\d.]+) s ± \d %/.exec(each)!;
				expect(Math.abs(Number(part) / 50 - 1)).toBeLessThan(0.1);
			}
			await expect(bench.getByText('marked 1/100 s: 1 stop longer, so lighter, than marked')).toBeVisible();
			await bench.getByRole('button', { name: 'Save for Quay Box' }).click();
			await expect(page.getByText(/^Saved\. Quay Box now uses 1\/5[01]/)).toBeVisible();
			await expect(page.getByRole('row', { name: 'by a phone’s video, 3 firings' })).toContainText('1/100 s');
			await open(page, '/');
			await expect(answer(page)).toContainText('1 stop over, which this film likes');
		});
	});
}

test('a video that this browser cannot read, or that tells nothing, is refused in words', async ({
	page,
	request
}, info) => {
	const { cameraId } = await loadCamera(request, { camera: quayBox, film });
	const bench = await shutterBench(page, cameraId);
	await bench.getByLabel(/Choose a video/).setInputFiles({
		...{ name: 'notes.mp4', mimeType: 'video/mp4' },
		buffer: Buffer.from('no video at all')
	});
	await expect(bench.getByText('This is no video that can be read here.')).toBeVisible();
	await choose(bench, info, 'new.mov', { ...slow, times: [1 / 50], steps: 0, held: 1.2 }, HEVC);
	await expect(bench.getByText('Have the phone record as “most compatible”')).toBeVisible();
	const part = { ...slow, exposed: 0.2, times: [1 / 90, 1 / 90, 1 / 90], steps: 0, held: 1.2 };
	await choose(bench, info, 'part.webm', part, VP8);
	await expect(bench.getByText('Make the light dimmer, or film at more frames a second.')).toBeVisible();
});

test('where the browser hands out no frames they are taken from its player one by one', async ({
	page,
	request
}, info) => {
	const { cameraId } = await loadCamera(request, { camera: quayBox, film });
	await page.addInitScript(() => Reflect.deleteProperty(globalThis, 'VideoDecoder'));
	const bench = await shutterBench(page, cameraId);
	const what = { ...slow, framesPerSecond: 30, times: [1 / 8], steps: 0, held: 1.2 };
	await choose(bench, info, 'shutter.webm', { ...what, encode: undefined }, VP8);
	await expect(bench.getByText('marked 1/100 s: 3⅔ stops longer')).toBeVisible();
	await expect(bench.getByText('15 % in doubt')).toBeVisible();
});

test('a stand-in phone shows how it goes, times of a tester can be typed, and the screen runs through its steps', async ({
	page,
	request
}) => {
	const { cameraId } = await loadCamera(request, { camera: quayBox, film });
	const bench = await shutterBench(page, cameraId);
	await bench.getByText('No phone at hand: try a stand-in').click();
	await bench.getByLabel('Disturbed by').selectOption({ label: 'light that fades' });
	await bench.getByRole('button', { name: 'Film it' }).click();
	await expect(bench.getByText('The light changed while the shutter was held open.')).toBeVisible();
	await bench.getByLabel('Disturbed by').selectOption({ label: 'nothing' });
	await bench.getByRole('button', { name: 'Film it' }).click();
	await expect(bench.getByRole('list', { name: 'Firings' }).getByRole('listitem')).toHaveCount(3);
	// The place that is marked counts: there is no light in the first second.
	await bench.getByText('Mark where it is held open').click();
	for (const end of ['Open from', 'Open to']) {
		await bench.getByLabel(end).focus();
		await page.keyboard.press('Home');
	}
	await expect(bench.getByText('Nowhere in it is the shutter open for a second.')).toBeVisible();

	await bench.getByLabel('Measured by').selectOption({ label: 'a tester of my own' });
	await bench.getByLabel('Times, s').fill('1/48, 1/50; 1/52, x');
	await expect(bench.getByText('must be times up to 10 minutes')).toBeVisible();
	await bench.getByLabel('Times, s').fill('1/48, 1/50; 1/52');
	await bench.getByLabel('The tester is right to, %').fill('10');
	// By hand: the mean is 1/49.9 s, and a tenth of it 0.14 stop.
	await expect(bench.getByText('1/49.9 s, give or take')).toBeVisible();
	await bench.getByRole('button', { name: 'Save for Quay Box' }).click();
	await expect(page.getByRole('row', { name: /by a tester of one’s own, 3 firings/ })).toContainText(
		'1/100 s'
	);

	await page.clock.install({ time: '2026-01-01T12:00:00Z' });
	await open(page, '/bag/steps');
	await page.clock.pauseAt('2026-01-01T13:00:00Z');
	const step = said(page);
	await page.keyboard.press('ArrowRight');
	await page.getByRole('button', { name: 'Run all' }).click();
	await expect(step).toHaveText('step 1, all of the light');
	for (const [seconds, words] of [
		[1.9, 'step 1, all of the light'],
		[0.2, 'step 2, 1/2 of the light'],
		[1, 'step 3, 1/4 of the light'],
		[6, 'black']
	] as const) {
		await page.clock.runFor(1000 * seconds);
		await expect(step).toHaveText(words);
	}
	await expect(page.getByRole('button', { name: 'Run all', pressed: false })).toBeVisible();
});
