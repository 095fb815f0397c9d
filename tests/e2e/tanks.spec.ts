import { expect, isClean, open, said, stored, test } from './app';
import { filmOf, fixedCamera } from '../fixtures/bag';

/** Film that waits goes through tanks: put together, mixed, run, logged and judged. */

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

	// The next one, for which nobody chose a developer, is offered the one it was in; it goes into another, thinner.
	await stored(request, 'recipes', {
		...{ name: 'All round', kind: 'general-developer' },
		parts: [
			{ name: 'Stock', parts: 1 },
			{ name: 'Water', parts: 9 }
		],
		times: [...fine.times, { celsius: 22, seconds: 672, water: 14 }]
	});
	await takenOut(black, 6);
	await open(page, '/develop');
	const undecided = page.getByRole('article', { name: 'Black-and-white (negative): no developer chosen' });
	await expect(undecided.getByRole('link', { name: /^In / })).toHaveText([
		'In Fine grain, 8:00Samphire 125: as last time',
		'In All round, 8:00'
	]);
	await isClean(page);
	await undecided.getByRole('link', { name: 'In All round' }).click();
	await expect(page.getByLabel('Water to one part of stock')).toHaveValue('9');
	await page.getByLabel('Water to one part of stock').fill('14');
	// By mass balance: a fifteenth of half a litre is 33.3 ml, a tenth 50.
	await expect(page.getByRole('list', { name: 'By parts' }).getByText('33.3 ml')).toBeVisible();
	await expect(page.getByText('That leaves 33.3 ml of stock for each roll')).toContainText('50 ml');
	await expect(said(page)).toHaveText('11:12, give or take 0:35');
	await page.getByLabel('Water to one part of stock').fill('30');
	await expect(said(page)).toContainText('by rule of thumb from 1 + 14');
	await page.getByLabel('Water to one part of stock').fill('14');
	await page.getByText('To fetch').click();
	await expect(
		page.getByRole('checkbox', { name: 'All round 1 + 14: Stock 33.3 ml, Water 466.7 ml, at 22 °C' })
	).toBeVisible();
	await isClean(page);
	await page.getByRole('button', { name: 'Ready: 11:12' }).click();
	for (const bath of ['Develop', 'Stop', 'Fix', 'Wash', 'Dry'])
		await run.getByRole('button', { name: `Without ${bath}` }).click();
	await run.getByRole('button', { name: 'Save the log with its film' }).click();
	await expect(page.getByText('The log is saved with Samphire 125 of Quay Box.')).toBeVisible();
	await open(page, '/develop');
	await expect(developed.first()).toContainText('Developed in All round 1 + 14 at 22 °C.');
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
		...{ agitation: { first: 30, inversions: 2, every: 30 }, replenish: 22, replenisherLeft: 500 }
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
		'Water for the wash: 1800 ml, near the bath’s temperature',
		'Replenisher for Fine grain: 44 ml'
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
	await expect(run).toContainText('Fine grain: pour off 44 ml, then add 44 ml of replenisher.');
	await run.getByRole('button', { name: 'Save the log with its film' }).click();
	await expect(page.getByText(/^The log is saved with Samphire 125/)).toBeVisible();
	const kept = async (id: string) =>
		(await (await request.get(`/api/recipes/${id}`)).json()) as Partial<Record<string, number>>;
	expect((await kept(fixerId)).rollsDone).toBe(5);
	expect(await kept(recipeId)).toMatchObject({ rollsDone: 2, replenisherLeft: 456 });

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
