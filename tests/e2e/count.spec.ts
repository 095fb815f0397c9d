import { cameraKind } from '../../src/core/camera';
import { filmOf, fixedCamera } from '../fixtures/bag';
import { expect, loadCamera, open, readLight, test, sizes } from './app';

/** Long exposures counted on Shoot, on a clock that the test moves. */

for (const [where, viewport] of sizes) {
	test.describe(`on the ${where}`, () => {
		test.use({ viewport });

		test('bulb is counted, goes on after a reload, and is logged as it was held', async ({
			page,
			request
		}) => {
			await loadCamera(request, { camera: fixedCamera({ name: 'Quay Box', bulb: true }) });
			// Source: exposure equation: EV 0 at ISO 400 and f/11 is 121 / 4 = 30 s, and longer by what film loses.
			await readLight(request, { ev: 0, sd: 0.3 });
			await page.clock.install();
			await open(page, '/');
			await page.getByRole('button', { name: /^Count \d+/ }).click();
			const count = page.getByRole('dialog', { name: /^Quay Box:/ });
			await expect(count.getByText('Ready')).toBeVisible();
			// Too early a touch does nothing, and the button has the focus from the start.
			await expect(count.getByRole('button', { name: 'I closed it' })).toBeFocused();
			await page.keyboard.press('Space');
			await expect(count.getByText('Ready')).toBeVisible();
			await page.clock.runFor(4000);
			await expect(count.getByText('Open', { exact: true })).toBeVisible();
			// Escape must not lose an open shutter.
			await page.keyboard.press('Escape');
			await expect(count).toBeVisible();

			await page.reload();
			await expect(count.getByText('This page was reopened.')).toBeVisible();
			await expect(count.getByText('Open', { exact: true })).toBeVisible();
			await count.getByRole('button', { name: 'Sound on' }).click();
			await expect(count.getByText('This page was reopened.')).toBeHidden();
			await page.clock.runFor(180_000);
			await expect(count.getByText('Close now')).toBeVisible();
			await count.getByRole('button', { name: 'I closed it' }).press('Space');
			await expect(count.getByText(/^Open \d+ s instead of \d+ s: .* over\.$/)).toBeVisible();
			await expect(count.getByText(/^That makes it /)).toBeVisible();
			await expect(count.getByRole('button', { name: 'Log frame 1' })).toBeFocused();
			await page.keyboard.press('Enter');
			await expect(page.getByText('Frame 1 of Quay Box saved')).toBeVisible();
			await expect(count).toBeHidden();

			const { items, total } = await (await request.get('/api/frames')).json();
			expect(total).toBe(1);
			const [frame] = items;
			expect(frame.counted.wanted).toBeGreaterThanOrEqual(30);
			expect(frame.counted.held).toBeGreaterThan(180);
			expect(frame.settings.seconds).toBe(frame.counted.held);
			expect(frame.predicted.error).toBeGreaterThan(0);
			await page.reload();
			await expect(count).toBeHidden();
		});
	});
}

test('an eye’s own long time is timed by a touch when it closes', async ({ page, request }) => {
	const wedge = { name: 'Slip Wedge', kind: 'folding-instant', ...cameraKind('folding-instant')!.camera };
	await loadCamera(request, { camera: wedge, film: filmOf('instant', 160) });
	await request.post('/api/gear', { data: { type: 'support', name: 'Tripod' } });
	await readLight(request, { ev: 4, sd: 0.3 });
	await page.clock.install();
	await open(page, '/');
	await page.getByRole('button', { name: /^Time it, about / }).click();
	const count = page.getByRole('dialog', { name: /^Slip Wedge: about/ });
	await expect(count.getByText('Open: touch when it closes')).toBeVisible();
	await page.clock.runFor(2500);
	await count.getByRole('button', { name: 'It closed' }).click();
	await expect(count.getByText(/^Open [2-9]\.\d s( instead of|, as planned)/)).toBeVisible();
	await count.getByRole('button', { name: 'Count again' }).click();
	await count.getByRole('button', { name: 'Cancel, log nothing' }).click();
	await expect(count).toBeHidden();
	expect((await (await request.get('/api/frames')).json()).total).toBe(0);
});
