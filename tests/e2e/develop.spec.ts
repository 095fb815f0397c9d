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
			await expect(page.getByRole('list', { name: 'By parts' }).getByText('58.8 ml')).toHaveCount(3);
			await expect(page.getByRole('list', { name: 'By parts' }).getByText('823.5 ml')).toBeVisible();
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

test('a tank goes from what waits to judged negatives, and the next one takes the time that they ask for', async ({
	page,
	request
}) => {
	const parts = (stock: number, water: number) => [
		{ name: 'Stock', parts: stock },
		{ name: 'Water', parts: water }
	];
	const recipeId = await stored(request, 'recipes', {
		...fine,
		agitation: { first: 30, inversions: 2, every: 30 }
	});
	await stored(request, 'recipes', { name: 'Sour', kind: 'stop', parts: parts(1, 4) });
	const fixerId = await stored(request, 'recipes', {
		...{ name: 'Clear', kind: 'fixer', parts: parts(1, 4), rollsPerLitre: 20, rollsDone: 3 }
	});
	const process = { name: fine.name, recipeId, stops: 0 };
	const compact = { ...fixedCamera({ name: 'Pocket Box' }), format: '35 mm' };
	const box = await stored(request, 'cameras', compact);
	const film = await stored(request, 'films', { ...filmOf('bw-negative', 125), name: 'Samphire 125' });
	const takenOut = (day: number) =>
		stored(request, 'loads', {
			...{ cameraId: box, filmId: film, frames: 12, loadedAt: '2026-05-01T10:00:00+01:00', process },
			unloadedAt: `2026-05-0${day}T10:00:00+01:00`
		});
	const loads = [await takenOut(2), await takenOut(4)];
	await stored(request, 'frames', {
		...{
			loadId: loads[0],
			number: 1,
			takenAt: '2026-05-01T12:00:00+01:00',
			settings: { f: 11, seconds: 0.01, compensation: null, iso: null }
		},
		predicted: null,
		light: null
	});

	await page.clock.install();
	await open(page, '/develop');
	await page.getByRole('link', { name: 'Mix and start' }).click();
	// Two reels of 35 mm at 300 ml; one part of two, and by mass balance one of five: 300 and 120 ml.
	await expect(page.getByLabel('Working solution, ml')).toHaveValue('600');
	await page.getByText('Your tank').click();
	await page.getByLabel('A reel of 35 mm takes, ml').fill('250');
	await expect(page.getByLabel('Working solution, ml')).toHaveValue('500');
	await page.getByLabel('A reel of 35 mm takes, ml').fill('300');
	await page.getByText('Before and after the developer').click();
	await page.getByLabel('Prewash, two minutes').check();
	await page
		.getByLabel('Wash', { exact: true })
		.selectOption({ label: 'by three changes of water: 5, 10 and 20 turns' });
	await page.getByText('To fetch').click();
	for (const thing of [
		'A tank with 2 reels, for 600 ml',
		'Fine grain: Stock 300 ml, Water 300 ml, at 20 °C',
		'Water for the prewash: 600 ml at 20 °C',
		'Sour: Stock 120 ml, Water 480 ml',
		// 20 rolls a litre are 12 in 600 ml, of which three are done.
		'Clear: 600 ml as it is mixed, good for 9 more rolls',
		'Water for the wash: 1800 ml, near the bath’s temperature'
	])
		await page.getByRole('checkbox', { name: thing }).check();
	await isClean(page);
	await expect(page.getByText('Agitation: first 30 s, then 2 turns every 30 s.')).toBeVisible();
	await page.getByRole('button', { name: 'Ready: 9:48' }).click();

	const run = page.getByRole('article');
	await run.getByRole('button', { name: 'Begin: Prewash' }).click();
	await expect(run.getByLabel('Bath temperature, °C')).toBeHidden();
	await page.clock.runFor(120_000);
	await run.getByRole('button', { name: 'Prewash is done' }).click();
	await run.getByRole('button', { name: 'Begin: Develop' }).click();
	await expect(run.getByLabel('Bath temperature, °C')).toBeVisible();
	await page.clock.runFor(33_000);
	await expect(run.getByRole('status')).toHaveText('Develop: agitate');
	await page.clock.runFor(555_000);
	await run.getByRole('button', { name: 'Develop is done' }).click();
	await run.getByRole('button', { name: 'Without Stop' }).click();
	// Common practice: twice as long as it takes to clear.
	await run.getByLabel('A scrap of the film cleared in').fill('1:15');
	await expect(run.getByLabel('Time', { exact: true })).toHaveValue('2:30');
	await run.getByRole('button', { name: 'Begin: Fix' }).click();
	await page.clock.runFor(150_000);
	await run.getByRole('button', { name: 'Fix is done' }).click();
	for (const bath of ['Wash, 5 turns', 'Wash, 10 turns', 'Wash, 20 turns', 'Dry'])
		await run.getByRole('button', { name: `Without ${bath}` }).click();
	await run.getByRole('button', { name: 'Save the log with its film' }).click();
	await expect(page.getByText(/^The log is saved with Samphire 125/)).toBeVisible();
	const kept = async (id: string) =>
		(await (await request.get(`/api/recipes/${id}`)).json()) as { rollsDone?: number };
	expect((await kept(fixerId)).rollsDone).toBe(5);
	expect((await kept(recipeId)).rollsDone).toBe(2);

	await open(page, `/frames?load=${loads[0]}`);
	await expect(page.getByText(/^Developed in Fine grain, 9:48 at 20 °C/)).toBeVisible();
	await page.getByRole('link', { name: 'Judge frame 1' }).first().click();
	await page.getByLabel('Contrast', { exact: true }).selectOption({ label: 'flat' });
	await page.getByLabel('Its test strip on paper').fill('4 8 16 s: 8 s');
	await page.getByRole('radio', { name: 'right', exact: true }).check({ force: true });
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByText('Extend development by a sixth.')).toBeVisible();

	await takenOut(6);
	await open(page, '/develop');
	// By hand: one flat negative wants ln(7/6), told to √(0.07² + 0.15²) = 0.166 beside the table’s 0.15: 7 % longer, 10:30.
	const tank = page.getByRole('article', { name: 'Fine grain' }).first();
	await expect(tank).toContainText('by your own negatives');
	await expect(tank.getByRole('heading')).toHaveText('Fine grain, 10:30');
	await tank.getByRole('link', { name: 'Mix and start' }).click();
	await expect(
		page.getByText(
			'Your negatives of Samphire 125 say 7 % longer than the table, give or take 11 %: one negative of one roll.'
		)
	).toBeVisible();
	await expect(page.getByRole('button', { name: 'Ready: 10:30' })).toBeVisible();
	await page.getByRole('button', { name: 'Use the table' }).click();
	await expect(page.getByRole('button', { name: 'Ready: 9:48' })).toBeVisible();
});

test('how long a picture out of a pack takes can be told by where it is kept', async ({ page, request }) => {
	const id = await stored(request, 'recipes', {
		...{ name: 'Peel-apart pack', kind: 'peel-apart-pack' },
		times: [
			{ celsius: 13, seconds: [75, 90] },
			{ celsius: 24, seconds: [30, 45] }
		]
	});
	await open(page, `/develop/${id}`);
	await page.getByLabel('Temperature of the picture, °C').fill('24');
	await expect(page.getByRole('status')).toHaveText('0:38, give or take 0:10');
	await page.getByLabel('How warm it is, I know').selectOption({ label: 'by feel: in a heated room' });
	// By hand: in the logarithm between 82.5 s at 13 °C and 37.5 s at 24 °C it is 50 s at 20 °C, 58 s at 18 °C.
	await expect(page.getByRole('status')).toHaveText('0:50, give or take 0:15');
	await expect(page.getByText('20 °C, give or take 2 degrees: a thermometer knows it better.')).toBeVisible();
	await expect(page.getByText('The paste is caustic and burns skin and eyes.')).toBeVisible();
	await page.getByLabel('How warm it is, I know').selectOption({ label: 'by feel: outdoors, in a coat' });
	await expect(page.getByRole('status')).toContainText('doesn’t reach');
});
