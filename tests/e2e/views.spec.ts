import type { APIRequestContext, Page } from '@playwright/test';
import { expect, findsNothingInAnyDisplay, fits, open, PHONE, test, sizes, ready } from './app';
import { isInReach } from './reach';

test.use({ demo: true });

// Axe looks at every view with all that is folded away in it.

const openAll = (page: Page) =>
	page.locator('details').evaluateAll((all) => all.forEach((each) => each.setAttribute('open', '')));

/** Every view, with a record of the demo where it needs one. */
async function viewsOf(request: APIRequestContext): Promise<string[]> {
	const first = async (kind: string) =>
		(await (await request.get(`/api/${kind}?limit=1`)).json()).items[0].id;
	const [camera, film, outing] = [await first('cameras'), await first('films'), await first('outings')];
	const recipe = await first('recipes');
	return [
		'/',
		'/plan',
		'/plan/year',
		'/plan/compare',
		'/plan/what-if',
		'/plan/outings',
		'/plan/outings/new',
		`/plan/outings/${outing}`,
		`/plan/outings/${outing}/sheet`,
		'/bag',
		`/bag/camera/${camera}`,
		`/bag/bench/${camera}`,
		'/bag/steps',
		`/bag/reach/${camera}`,
		`/bag/card/${camera}/${film}`,
		'/bag/camera/new',
		`/bag/film/${film}`,
		`/bag/film/${film}/cameras`,
		'/bag/load',
		'/bag/stock',
		'/frames',
		'/frames?view=table',
		`/frames/${await first('frames')}`,
		`/frames/${await first('frames')}/judge`,
		'/frames/all',
		'/frames/learnt',
		'/frames/honest',
		'/develop',
		`/develop/${recipe}`,
		`/develop/edit/${recipe}`,
		'/develop/run',
		'/practice',
		'/practice/outside',
		'/practice/paper',
		'/practice/progress',
		'/settings',
		'/settings/phones',
		'/scripts',
		'/words',
		'/nowhere'
	];
}

/** Every so many views are one test, so that they share the machine well. */
const SHARES = 4;

for (const [size, viewport] of sizes) {
	test.describe(`on the ${size}`, () => {
		test.use({ viewport });

		for (let share = 0; share < SHARES; share++) {
			test(`axe finds nothing in any display, and nothing is wider than the screen, ${share + 1} of ${SHARES}`, async ({
				page,
				request
			}) => {
				const views = await viewsOf(request);
				for (const path of views.filter((_, at) => at % SHARES === share)) {
					await open(page, path);
					await openAll(page);
					await findsNothingInAnyDisplay(page, path);
					await fits(page, path);
					if (size === 'phone') await isInReach(page, path);
				}
			});
		}

		test('axe finds nothing in any way’s panel of reading the light, in any display', async ({ page }) => {
			await open(page, '/');
			if (size === 'phone') await page.getByRole('button', { name: 'Read the light', exact: true }).click();
			const ways = page.getByRole('group', { name: 'Way of reading the light' }).locator('label');
			for (const way of await ways.all()) {
				await way.click();
				await ready(page);
				await openAll(page);
				const name = (await way.textContent()) ?? '';
				await findsNothingInAnyDisplay(page, name);
				await fits(page, name);
			}
		});
	});
}

test('the chosen display is remembered', async ({ page }) => {
	await open(page, '/');
	await page.getByRole('radio', { name: 'Dark' }).check({ force: true });
	await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
	await page.reload();
	await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
});

test('the display follows the system until one is chosen, and letters are as large as they are set', async ({
	page
}) => {
	const html = page.locator('html');
	await page.emulateMedia({ colorScheme: 'dark' });
	await open(page, '/settings');
	await expect(html).toHaveAttribute('data-theme', 'dark');
	await page.emulateMedia({ colorScheme: 'light' });
	await expect(html).toHaveAttribute('data-theme', 'indoors');
	await page.getByLabel('Its display').selectOption('Sunlit');
	await page.getByLabel('Its letters').selectOption('very large');
	await page.emulateMedia({ colorScheme: 'dark' });
	await page.reload();
	await expect(html).toHaveAttribute('data-theme', 'sunlit');
	// By hand: 16 px of the browser, six tenths more.
	await expect(html).toHaveCSS('font-size', '25.6px');
	await page.getByLabel('Its display').selectOption('as the system is set, light or dark');
	await page.getByLabel('Its letters').selectOption('as the browser has it');
	await page.reload();
	await expect(html).toHaveAttribute('data-theme', 'dark');
	await expect(html).toHaveCSS('font-size', '16px');
});

test.describe('on the phone', () => {
	test.use({ viewport: PHONE });

	test('one button goes round the displays', async ({ page }) => {
		await open(page, '/');
		for (const [name, id] of [
			['In: the display is Indoors. Change to Dark', 'dark'],
			['Dark: the display is Dark. Change to Sunlit', 'sunlit'],
			['Sun: the display is Sunlit. Change to Indoors', 'indoors']
		] as const) {
			await page.getByRole('button', { name }).click();
			await expect(page.locator('html')).toHaveAttribute('data-theme', id);
		}
	});

	test('what a thumb needs is on the screen at once, and large enough', async ({ page }) => {
		await open(page, '/');
		for (const target of [
			page.getByRole('button', { name: /Took frame/ }),
			page.getByRole('slider', { name: /Light on the subject/ }),
			page.getByRole('button', { name: 'Read the light', exact: true })
		]) {
			await expect(target).toBeInViewport({ ratio: 1 });
			const box = (await target.boundingBox())!;
			expect(Math.min(box.width, box.height)).toBeGreaterThanOrEqual(44);
		}
		await expect(
			page.getByRole('region', { name: 'Do' }).getByRole('heading', { level: 2 })
		).toBeInViewport();
	});
});
