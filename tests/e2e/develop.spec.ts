import { expect, isClean, loadCamera, open, PHONE, said, stored, test } from './app';
import { filmOf, fixedCamera } from '../fixtures/bag';

/** A film developed: a recipe, measured out, run with a reload in the middle, its log with the load. */

// At the desk a tank is developed from end to end, in a file of its own.
test.describe('on the phone', () => {
	test.use({ viewport: PHONE });

	test('a recipe is mixed, run over a reload, and its log reaches the load and its strip', async ({
		page,
		request,
		context,
		app
	}) => {
		await context.addCookies([{ name: 'display', value: 'dark', url: app.address }]);
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
		await expect(said(page)).toHaveText('9:48, give or take 0:30');
		await page.getByLabel('Bath temperature, °C').fill('30');
		await expect(said(page)).toContainText('doesn’t reach');
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
	await expect(said(page)).toHaveText('0:38, give or take 0:10');
	await page.getByLabel('How warm it is, I know').selectOption({ label: 'by feel: in a heated room' });
	// By hand: in the logarithm between 82.5 s at 13 °C and 37.5 s at 24 °C it is 50 s at 20 °C, 58 s at 18 °C.
	await expect(said(page)).toHaveText('0:50, give or take 0:15');
	await expect(page.getByText('20 °C, give or take 2 degrees: a thermometer knows it better.')).toBeVisible();
	await expect(page.getByText('The paste is caustic and burns skin and eyes.')).toBeVisible();
	await page.getByLabel('How warm it is, I know').selectOption({ label: 'by feel: outdoors, in a coat' });
	await expect(said(page)).toContainText('doesn’t reach');
});
