import { expect, isClean, loadCamera, open, stored, test, sizes } from './app';
import { filmOf, fixedCamera } from '../fixtures/bag';

/** A film developed: a recipe, measured out, run with a reload in the middle, its log with the load. */

for (const [where, viewport] of sizes) {
	const display = where === 'desk' ? 'indoors' : 'dark';
	test.describe(`on the ${where}`, () => {
		test.use({ viewport });

		test('a recipe is mixed, run over a reload, and its log reaches the load and its strip', async ({
			page,
			request,
			context,
			app
		}) => {
			await context.addCookies([{ name: 'display', value: display, url: app.address }]);
			const { loadId } = await loadCamera(request, {
				camera: fixedCamera({ name: 'Quay Box' }),
				film: { ...filmOf('bw-negative', 125), name: 'Samphire 125' }
			});
			await page.clock.install();
			await open(page, '/develop');
			await isClean(page);
			await page.getByRole('link', { name: 'A new recipe' }).click();
			await page.getByLabel('Start from a usual one').selectOption('Staining, in three parts');
			await expect(page.getByText('poisonous through skin')).toBeVisible();
			await page.getByLabel('Your times').fill('warm');
			await page.getByRole('button', { name: 'Save the recipe' }).click();
			await expect(
				page.getByText('Line 1, “warm”: write a temperature and a time, such as “20 °C, 10:00”')
			).toBeVisible();
			await page.getByLabel('Your times').fill('18 °C, 12:00\n22 °C, 8:00');
			await isClean(page);
			await page.getByRole('button', { name: 'Save the recipe' }).click();

			// Common practice: one litre by 1 : 1 : 1 : 14 is 58.8 ml of each part and 823.5 ml of water.
			await page.getByLabel('Working solution, ml').fill('1000');
			await expect(page.getByText('58.8 ml')).toHaveCount(3);
			await expect(page.getByText('823.5 ml')).toBeVisible();
			// Source: half way in the logarithm between 12 and 8 minutes is √96 = 9.8 minutes.
			await page.getByLabel('Bath temperature, °C').fill('20');
			await expect(page.getByRole('status')).toHaveText('9:48, give or take 0:30');
			await page.getByLabel('Bath temperature, °C').fill('30');
			await expect(page.getByRole('status')).toContainText('doesn’t reach');
			await page.getByLabel('Bath temperature, °C').fill('20');
			await page.getByRole('checkbox', { name: 'Samphire 125 of Quay Box' }).check();
			await expect(page.getByText('Read the maker’s safety sheet first')).toBeVisible();
			await isClean(page);
			await page.getByRole('button', { name: 'Ready: 9:48' }).click();

			// A shortened development.
			const run = page.getByRole('article', { name: /^Staining/ });
			await expect(run.getByText('Agitation: first 15 s, then 2 slow turns a minute.')).toBeVisible();
			await expect(run.getByLabel('Time', { exact: true })).toHaveValue('9:48');
			await run.getByLabel('Time', { exact: true }).fill('1:40');
			await run.getByRole('button', { name: 'Begin: Develop' }).press('Space');
			await expect(run.getByRole('status')).toHaveText('Develop: agitate gently');
			await page.clock.runFor(50_000);
			await expect(run.getByRole('status')).toHaveText('Develop: let it stand');
			await expect(run.getByText(/next turn in 0:(10|09)\.$/)).toBeVisible();
			await page.reload();
			await expect(run.getByText('This page was reopened.')).toBeVisible();
			await run.getByRole('button', { name: 'Sound on' }).click();
			await expect(run.getByText('This page was reopened.')).toBeHidden();
			await isClean(page);
			// Source: warmer by two degrees it is √(8 / 12) of the time for what is left.
			await run.getByLabel('Bath temperature, °C').fill('22');
			await run.getByRole('button', { name: 'Follow it' }).click();
			await page.clock.runFor(60_000);
			await expect(run.getByRole('status')).toHaveText('Develop: pour out');
			await run.getByRole('button', { name: 'Develop is done' }).click();
			await run.getByRole('button', { name: 'Begin: Stop' }).click();
			await page.clock.runFor(60_000);
			await run.getByRole('button', { name: 'Stop is done' }).click();
			for (const bath of ['Fix', 'Wash', 'Dry'])
				await run.getByRole('button', { name: `Without ${bath}` }).click();
			await run.getByRole('button', { name: 'Save the log with its film' }).click();
			await expect(page.getByText('The log is saved with Samphire 125 of Quay Box.')).toBeVisible();

			const load = await (await request.get(`/api/loads/${loadId}`)).json();
			expect(load.developed).toMatchObject({ recipe: 'Staining, in three parts', celsius: [20, 22] });
			const [develop, stop] = load.developed.steps;
			expect(develop.wanted).toBeGreaterThan(85);
			expect(develop.wanted).toBeLessThan(95);
			expect(develop.took).toBeGreaterThan(105);
			expect(stop.wanted).toBe(60);
			await app.restart();
			await open(page, '/develop');
			await expect(page.getByRole('link', { name: 'Samphire 125 of Quay Box' })).toBeVisible();
			await open(page, '/frames');
			await expect(
				page.getByText(/^Developed in Staining, in three parts, 1:5\d at 20 to 22 °C/)
			).toBeVisible();
		});
	});
}

const fine = {
	name: 'Fine grain',
	kind: 'fine-grain-developer',
	parts: [
		{ name: 'Stock', parts: 1 },
		{ name: 'Water', parts: 1 }
	],
	rollsPerLitre: 8,
	agitation: { first: 10, inversions: 2 },
	times: [
		{ celsius: 18, seconds: 720 },
		{ celsius: 22, seconds: 480 }
	]
};

test('film that waits is put together by its bath, goes through one tank, and what is left of the bath is counted', async ({
	page,
	request,
	app
}) => {
	const recipeId = await stored(request, 'recipes', fine);
	const process = { name: fine.name, recipeId, stops: 0 };
	const box = await stored(request, 'cameras', fixedCamera({ name: 'Quay Box' }));
	const samphire = { ...filmOf('bw-negative', 125), name: 'Samphire 125' };
	const black = await stored(request, 'films', samphire);
	const colour = await stored(request, 'films', { ...filmOf('colour-negative', 200), name: 'Thrift 200' });
	const takenOut = (filmId: string, day: number, more = {}) =>
		stored(request, 'loads', {
			...{ cameraId: box, filmId, frames: 12, loadedAt: '2026-05-01T10:00:00+01:00' },
			...{ unloadedAt: `2026-05-0${day}T10:00:00+01:00`, ...more }
		});
	await takenOut(black, 4, { process });
	await takenOut(colour, 3);
	await takenOut(black, 2, { process });

	await open(page, '/develop');
	const tank = page.getByRole('region', { name: 'To develop' }).getByRole('article', { name: 'Fine grain' });
	// Source: half way in the logarithm between 12 and 8 minutes is √96 = 9.8 minutes.
	await expect(tank.getByRole('heading')).toHaveText('Fine grain, 9:48');
	await expect(tank).toContainText('2 rolls, first 10 s, then 2 turns a minute');
	await page.getByLabel('Bath temperature, °C').fill('22');
	await expect(tank.getByRole('heading')).toHaveText('Fine grain, 8:00');
	await isClean(page);

	const lab = page.getByRole('article', { name: 'Colour print (negative): no developer chosen' });
	await lab.getByRole('button', { name: /A lab developed it/ }).click();
	await expect(page.getByText('Thrift 200 of Quay Box: developed by a lab.')).toBeVisible();
	await expect(lab).toBeHidden();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(lab).toBeVisible();
	await lab.getByRole('button', { name: /A lab developed it/ }).click();
	const developed = page.getByRole('region', { name: 'Developed' }).getByRole('listitem');
	await expect(developed).toContainText('Developed by a lab.');

	await tank.getByRole('link', { name: 'Mix and start' }).click();
	await expect(page.getByRole('checkbox', { name: 'Samphire 125 of Quay Box' })).toHaveCount(2);
	for (const film of await page.getByRole('checkbox', { name: 'Samphire 125 of Quay Box' }).all())
		await expect(film).toBeChecked();
	await expect(page.getByLabel('Rolls at a time')).toHaveValue('2');
	await page.getByRole('button', { name: 'Ready: 8:00' }).click();
	await open(page, '/develop');
	await expect(page.getByRole('region', { name: 'Running' })).toContainText('8:00, waiting for you');
	await expect(tank.getByRole('link', { name: 'Mix and start' })).toBeHidden();
	await page.getByRole('region', { name: 'Running' }).getByRole('link').click();
	const run = page.getByRole('article');
	for (const bath of ['Develop', 'Stop', 'Fix', 'Wash', 'Dry'])
		await run.getByRole('button', { name: `Without ${bath}` }).click();
	await run.getByRole('button', { name: 'Save the log with its film' }).click();
	await expect(page.getByText(/^The log is saved with Samphire 125 of Quay Box and Samphire/)).toBeVisible();

	await app.restart();
	await open(page, '/develop');
	await expect(page.getByText('Nothing is waiting.')).toBeVisible();
	await expect(developed.filter({ hasText: 'Developed in Fine grain at 22 °C.' })).toHaveCount(2);
	const card = page.getByRole('region', { name: 'Shelf' }).getByRole('article', { name: 'Fine grain' });
	await expect(card.getByRole('listitem')).toHaveText(['8:00 at 22 °C', '2 rolls done, 8 a litre']);
	await card.getByText('More', { exact: true }).click();
	await page.getByRole('button', { name: 'Delete Fine grain' }).click();
	await expect(page.getByText('Fine grain is deleted.')).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByText('Fine grain is back.')).toBeVisible();
});
