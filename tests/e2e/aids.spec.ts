import { expect, findsNothingInAnyDisplay, open, test, sizes } from './app';
import { openAid } from './shoot-page';

/** The help with the hard situations, as everybody must be able to use it. */

for (const [size, viewport] of sizes) {
	test.describe(`help with the hard situations on the ${size}`, () => {
		test.use({ viewport, demo: true });

		test('axe finds nothing in any display, and nothing is wider than the screen', async ({ page }) => {
			await page.clock.install({ time: new Date() });
			await open(page, '/');
			for (const [camera, aids] of [
				['Clockwork 8', ['Shots']],
				['Tin Box', ['Night', 'Flash', 'Lamp', 'Sharp zone']],
				['Bellows Wide', ['Sharp zone']]
			] as const) {
				const lane = page.getByRole('button', { name: new RegExp(`^${camera}`), pressed: false });
				if ((await lane.count()) > 0) await lane.first().click();
				if (camera === 'Tin Box')
					for (let step = 0; step < 24; step++) await page.keyboard.press('ArrowLeft');
				for (const name of aids) {
					const aid = await openAid(page, name);
					await aid
						.locator('details')
						.evaluateAll((all) => all.forEach((each) => each.setAttribute('open', '')));
					await findsNothingInAnyDisplay(page, name);
					const beyond = await aid.evaluate((box) => box.scrollWidth - box.clientWidth);
					expect(beyond, `${name} is too wide`).toBeLessThanOrEqual(0);
					await page.keyboard.press('Escape');
					await expect(aid).toBeHidden();
				}
			}
		});
	});
}
