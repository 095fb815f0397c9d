import sharp from 'sharp';
import { filmOf, fixedCamera } from '../fixtures/bag';
import { expect, loadCamera, open, sizes, test } from './app';

/** An aperture in a photo of the lens, and a focal length that is measured. */

// 400 px of 20 mm, and an opening of 120 px: 6 mm.
const lens = `<svg xmlns="http://www.w3.org/2000/svg" width="800" height="600">
	<rect width="800" height="600" fill="#333"/>
	<circle cx="400" cy="270" r="60" fill="#fff"/>
	<rect x="200" y="430" width="400" height="40" fill="#bbb"/>
</svg>`;

// Marks are hardest to set with a thumb.
for (const [where, viewport] of sizes.filter(([where]) => where === 'phone')) {
	test.describe(`on the ${where}`, () => {
		test.use({ viewport });

		test('an opening is marked in a photo beside a known length, and a measured focal length is the camera’s from then on', async ({
			page,
			request
		}) => {
			const { cameraId } = await loadCamera(request, {
				camera: fixedCamera({ name: 'Quay Box', aperture: { kind: 'fixed', f: 11 } }),
				film: filmOf('colour-negative', 100, { name: 'Dulse 100' })
			});
			await open(page, `/bag/bench/${cameraId}`);
			const bench = page.getByRole('region', { name: 'Aperture' });
			await bench.getByText('If you don’t know the focal length').click();
			await bench.getByLabel('Near, mm').fill('1000');
			await bench.getByLabel('Far, mm').fill('3000');
			// By hand, by the thin lens: 60²/940 − 60²/2940 = 2.605 mm.
			await bench.getByLabel('Lens moved, mm').fill('2.605');
			await expect(bench.getByText('About 60.0 mm, give or take 3 %.')).toBeVisible();
			await bench.getByRole('button', { name: 'Save as the focal length of Quay Box' }).click();
			await expect(page.getByText('Saved. Quay Box now uses 60 mm instead of 35 mm.')).toBeVisible();

			await bench.getByText('Measure it in a photo').click();
			await bench.getByLabel('Choose a photo of the lens').setInputFiles({
				name: 'lens.png',
				mimeType: 'image/png',
				buffer: await sharp(Buffer.from(lens)).png().toBuffer()
			});
			const picture = bench.getByAltText('The lens from the front');
			await expect(picture).toBeVisible();
			await bench.getByLabel('Length beside it, mm').fill('20');
			for (const [mark, x, y] of [
				['Left edge of the opening', 340, 270],
				['Right edge of the opening', 460, 270],
				['Left end of the length', 200, 450],
				['Right end of the length', 600, 450]
			] as const) {
				await picture.scrollIntoViewIfNeeded();
				await bench.getByRole('button', { name: mark }).hover();
				await page.mouse.down();
				const box = (await picture.boundingBox())!;
				await page.mouse.move(box.x + (x / 800) * box.width, box.y + (y / 600) * box.height);
				await page.mouse.up();
			}
			await expect(bench.getByText(/^The opening is (5\.9|6\.0|6\.1) mm across, ± 0\.[12]\.$/)).toBeVisible();
			// One px of the photo is little, ten are not.
			for (let step = 0; step < 6; step++) await page.keyboard.press('Shift+ArrowLeft');
			await expect(bench.getByText(/^The opening is (6\.9|7\.0|7\.1|7\.2) mm across/)).toBeVisible();
			for (let step = 0; step < 6; step++) await page.keyboard.press('Shift+ArrowRight');
			await bench.getByRole('button', { name: 'Use this opening' }).click();
			// Source: the definition of the f-number: 60 mm by 6 mm is f/10.
			await expect(bench.getByText(/^f\/(9\.8|9\.84|10|10\.2), give or take/)).toBeVisible();
			await bench.getByRole('button', { name: 'Save for Quay Box' }).click();
			await expect(page.getByText(/^Saved\. Quay Box now uses f\//)).toBeVisible();
			await expect(page.getByRole('row', { name: /by a photo, (5\.9|6|6\.1) mm of 60 mm/ })).toBeVisible();
			const camera = await (await request.get(`/api/cameras/${cameraId}`)).json();
			expect(camera.focalLength).toBe(60);
			expect(Math.abs(camera.aperture.f - 10)).toBeLessThan(0.25);
		});
	});
}
