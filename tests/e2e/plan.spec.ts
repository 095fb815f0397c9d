import { cameraKind } from '../../src/core/camera';
import { filmOf, fixedCamera } from '../fixtures/bag';
import { expect, loadCamera, open, test, sizes } from './app';

/** A day planned at a place: when each loaded camera works, and how. */

for (const [where, viewport] of sizes) {
	test.describe(`on the ${where}`, () => {
		test.use({ viewport });

		test('a day says when each camera works, by a place, a date and a sky', async ({ page, request }) => {
			await request.post('/api/places', { data: { name: 'Hollin Holm', latitude: 54.62, longitude: -4.21 } });
			await request.post('/api/gear', { data: { type: 'support', name: 'Tripod' } });
			const wedge = { name: 'Slip Wedge', kind: 'folding-instant', ...cameraKind('folding-instant')!.camera };
			await loadCamera(request, { camera: wedge, film: filmOf('instant', 160) });
			await loadCamera(request, { camera: fixedCamera({ name: 'Quay Box' }) });

			await open(page, '/');
			await page.getByRole('link', { name: 'Plan' }).click();
			await page.getByLabel('Date there').fill('2026-05-02');
			// Source: an independent package gives sunrise 05:39 and sunset 20:53 there (see the core's tests).
			await expect(page.getByText(/Sun 05:3\d to 20:5\d/)).toBeVisible();
			const box = page
				.getByRole('listitem')
				.filter({ has: page.getByRole('heading', { name: /^Quay Box/ }) });
			await expect(box).toContainText(/Works \d\d:\d\d to \d\d:\d\d/);
			await expect(box).toContainText('hand-held');
			const slip = page
				.getByRole('listitem')
				.filter({ has: page.getByRole('heading', { name: /^Slip Wedge/ }) });
			await expect(slip).toContainText('on a tripod');
			const clear = await box.textContent();
			// The answer comes first: hours in which both are just enough, or the one that is longest.
			await expect(
				page.getByText(
					/^Best \d\d:\d\d to \d\d:\d\d: (both cameras are|1 of 2 cameras is) just enough, hand-held\.$/
				)
			).toBeVisible();

			// What was typed is there after another view, and a year is asked of the same.
			await page.getByLabel('The subject').selectOption({ label: 'in open shade' });
			await page.getByRole('link', { name: 'A year' }).click();
			await expect(page.getByLabel('The subject')).toHaveValue('open-shade');
			await page.getByLabel('The subject').selectOption({ label: 'faces the sun' });
			await page.getByRole('link', { name: 'Shoot', exact: true }).click();
			await page.getByRole('link', { name: 'Plan', exact: true }).click();
			await expect(page.getByLabel('Date there')).toHaveValue('2026-05-02');
			await expect(page.getByLabel('The subject')).toHaveValue('facing');
			await expect(box).toHaveText(clear!);

			// A grey afternoon is another day for a camera that cannot adapt.
			await page.getByLabel('Later').selectOption({ label: 'heavy, dark cloud' });
			await page.getByLabel('From', { exact: true }).fill('13:00');
			await expect(box).not.toHaveText(clear!);

			// The minute that is looked at, by keyboard.
			const slider = page.getByRole('slider', { name: /Look at/ });
			await slider.focus();
			await slider.press('Home');
			await expect(slider).toHaveAttribute('aria-valuetext', /^00:00, EV −/);
			await expect(page.getByText(/too dark by/).first()).toBeVisible();

			// When trails of 4 to 10 s are to be had.
			await page.getByLabel('Time', { exact: true }).selectOption({ label: '4 to 10 s, for light trails' });
			await expect(slip).toContainText(/Works 2[0-3]:\d\d to|Works 0\d:\d\d to/);
			await expect(box).toContainText('As it’s set, it won’t work that day');

			await page.getByLabel('Date there').fill('1066-10-14');
			await expect(page.getByText('Choose a date from 1900 to 2100')).toBeVisible();
		});
	});
}

test('a script asks for a day, and hears what is wrong with its question', async ({ request }) => {
	const asked = {
		camera: fixedCamera(),
		film: filmOf('colour-negative', 400),
		place: { latitude: 54.62, longitude: -4.21 },
		date: '2026-05-02',
		sky: 'clear',
		subject: 'facing',
		stepMinutes: 60
	};
	const answer = await request.post('/api/plan', { data: asked });
	expect(answer.status()).toBe(200);
	const { samples, windows } = await answer.json();
	expect(samples).toHaveLength(25);
	expect(windows[0]).toMatchObject({ steady: 'hand', settings: { f: 11 } });
	const wrong = await request.post('/api/plan', { data: { ...asked, date: '2026-13-01', sky: 'pink' } });
	expect(wrong.status()).toBe(422);
	expect((await wrong.json()).issues.map(({ path }: { path: string }) => path).sort()).toEqual([
		'date',
		'sky'
	]);
});

test('with nothing loaded, it says what will stand here', async ({ page }) => {
	await open(page, '/plan');
	await expect(page.getByText('No camera is loaded.')).toBeVisible();
});
