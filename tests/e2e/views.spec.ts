import type { APIRequestContext, Page } from '@playwright/test';
import { DESK, expect, isClean, open, PHONE, test } from './app';

test.use({ demo: true });

// Axe looks at every view with all that is folded away in it.
test.setTimeout(300_000);

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
		'/plan/outings',
		'/plan/outings/new',
		`/plan/outings/${outing}`,
		`/plan/outings/${outing}/sheet`,
		'/bag',
		`/bag/camera/${camera}`,
		`/bag/bench/${camera}`,
		`/bag/reach/${camera}`,
		`/bag/card/${camera}/${film}`,
		'/bag/camera/new',
		`/bag/film/${film}`,
		'/bag/load',
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
		'/practice/progress',
		'/scripts',
		'/nowhere'
	];
}

for (const display of ['sunlit', 'indoors', 'dark']) {
	for (const [size, viewport] of [
		['desk', DESK],
		['phone', PHONE]
	] as const) {
		test.describe(`${display} on the ${size}`, () => {
			test.use({ viewport });

			test('axe finds nothing, and nothing is wider than the screen', async ({
				page,
				request,
				context,
				app
			}) => {
				await context.addCookies([{ name: 'display', value: display, url: app.address }]);
				for (const path of await viewsOf(request)) {
					await open(page, path);
					await expect(page.locator('html')).toHaveAttribute('data-theme', display);
					await openAll(page);
					await isClean(page, path);
				}
			});
		});
	}
}

for (const display of ['sunlit', 'indoors', 'dark']) {
	for (const [size, viewport] of [
		['desk', DESK],
		['phone', PHONE]
	] as const) {
		test.describe(`reading the light, ${display}, on the ${size}`, () => {
			test.use({ viewport });

			test('axe finds nothing in any way’s panel, and nothing is wider than the screen', async ({
				page,
				context,
				app
			}) => {
				await context.addCookies([{ name: 'display', value: display, url: app.address }]);
				await open(page, '/');
				if (size === 'phone') await page.getByRole('button', { name: 'Read the light', exact: true }).click();
				const ways = page.getByRole('group', { name: 'Way of reading the light' }).locator('label');
				for (const way of await ways.all()) {
					await way.click();
					await openAll(page);
					await isClean(page, (await way.textContent()) ?? '');
				}
			});
		});
	}
}

test('the chosen display is remembered', async ({ page }) => {
	await open(page, '/');
	await page.getByRole('radio', { name: 'Dark' }).check({ force: true });
	await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
	await page.reload();
	await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
});

test.describe('on the phone', () => {
	test.use({ viewport: PHONE });

	test('one button goes round the displays', async ({ page }) => {
		await open(page, '/');
		for (const [name, id] of [
			['Display: Indoors. Change to Dark', 'dark'],
			['Display: Dark. Change to Sunlit', 'sunlit'],
			['Display: Sunlit. Change to Indoors', 'indoors']
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
