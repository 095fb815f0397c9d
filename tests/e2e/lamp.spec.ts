import { cameraKind } from '../../src/core/camera';
import { filmOf } from '../fixtures/bag';
import { expect, loadCamera, open, readLight, sizes, stored, test } from './app';
import { answer, openAid } from './shoot-page';

/** A lamp set up for a portrait: how near, behind what, how large, and with a fill. */

for (const [where, viewport] of sizes) {
	test.describe(`on the ${where}`, () => {
		test.use({ viewport });

		test('a lamp portrait with a plastic camera: how near the lamp must come', async ({ page, request }) => {
			const { bulb: _, ...plastic } = cameraKind('plastic-medium-format')!.camera;
			await loadCamera(request, {
				camera: { name: 'Paddle', kind: 'plastic-medium-format', ...plastic },
				film: { ...filmOf('colour-negative', 400), name: 'Marram 400' }
			});
			await stored(request, 'gear', { type: 'modifier', name: 'Sailcloth', stops: 1, sd: 0.5, times: 0 });
			await readLight(request, { method: 'meter', kind: 'incident', iso: 100, ev: 7 });
			await open(page, '/');
			await expect(answer(page).getByRole('heading', { level: 2 })).toHaveText(/^\s*Too dark by/);
			const lamp = await openAid(page, 'Lamp');
			await lamp.getByLabel('Lamp now at, m').fill('0.5');
			// Source: inverse square and exposure equation by hand: f/8 is good from EV 10.1, f/11 to 13.6; the middle is EV 11.85,
			// 4.85 stops over EV 7 at 2 m.
			await expect(lamp.getByRole('status').first()).toHaveText(
				/^Just enough with the lamp at 50 cm; just right at 37 cm$/
			);
			await expect(lamp.getByText('37 cm: just right')).toBeVisible();
			await lamp.getByLabel('In front of it now').selectOption({ label: 'Sailcloth, costs 1' });
			await expect(lamp.getByRole('status').first()).toHaveText(/^Usable with the lamp at 50 cm/);
			await lamp.getByLabel('And in front of that').selectOption({ label: 'Grid, costs 2' });
			await expect(lamp.getByRole('status').first()).toHaveText(/^Too dark/);
			await lamp.getByLabel('And in front of that').selectOption({ label: 'nothing' });
			await lamp.getByLabel('In front of it now').selectOption({ label: 'nothing' });
			// Source: 1/(R² + d²) by hand, R² = 0.36/π: EV 10.497 at 50 cm, and the middle would be nearer than the box is large.
			await lamp.getByLabel('Lit area, cm wide').fill('60');
			await lamp.getByLabel('cm high').fill('60');
			await expect(lamp.getByText(/^about 10⅓, give or take ⅓ on the subject there\.$/)).toBeVisible();
			await expect(lamp.getByRole('status').first()).toHaveText(/^Just enough with the lamp at 50 cm$/);
			await lamp.getByLabel('cm high').fill('');
			await lamp.getByLabel('Background behind the subject, m').fill('0.5');
			await expect(lamp.getByText('The background gets 2 stops less: dark.')).toBeVisible();
			await lamp.getByLabel('A second lamp like it').check();
			await lamp.getByLabel('Fill at, m').fill('1');
			// Source: light adds: a fill of two stops under the key leaves sides log2(5) apart.
			await expect(lamp.getByText(/^The shadow side is 2⅓ darker: modelled\./)).toBeVisible();
			await expect(lamp.getByText(/on the subject there, by both lamps\.$/)).toBeVisible();
			await lamp.getByText('Measure what something costs').click();
			await lamp.getByLabel('EV without it').fill('9');
			await lamp.getByLabel('EV with it').fill('7.5');
			await lamp.getByRole('button', { name: 'Save it' }).click();
			// It is said still once the page has asked for the records again.
			await expect(lamp.getByRole('option', { name: 'Sailcloth, costs 1⅓' })).toHaveCount(4);
			await expect(lamp.getByText(/^Sailcloth costs 1⅓, give or take ⅓\. Saved\.$/)).toBeVisible();
			await lamp.getByRole('button', { name: 'Use this light' }).click();
			await expect(lamp).toBeHidden();
			await expect(answer(page).getByRole('heading', { level: 2 })).toHaveText(/Just enough/);
			await page.getByRole('button', { name: 'Took frame 1' }).click();
			await expect(page.getByText('Frame 1 of Paddle saved')).toBeVisible();
			const [frame] = (await (await request.get('/api/frames')).json()).items;
			expect(frame.light).toMatchObject({ method: 'lamp', from: 2, to: 0.5, second: { from: 2, to: 1 } });
			// What was typed stands there again.
			await page.reload();
			const again = await openAid(page, 'Lamp');
			await expect(again.getByLabel('Lamp now at, m')).toHaveValue('0.5');
		});
	});
}
