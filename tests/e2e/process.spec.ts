import { filmOf, fixedCamera } from '../fixtures/bag';
import { DESK, expect, isClean, loadCamera, open, PHONE, readLight, said, test } from './app';

/** What a load is to be developed in is set before it is shot, and told to every frame when it changes. */

const staining = {
	id: '0f6c7a0e-7a54-4f0f-8f65-0f2e1d6f2a10',
	name: 'Brown bath',
	kind: 'staining-developer',
	parts: [
		{ name: 'A', parts: 1 },
		{ name: 'Water', parts: 9 }
	],
	speedStops: -1,
	times: [
		{ celsius: 18, seconds: 720 },
		{ celsius: 22, seconds: 480 }
	]
};

test.describe('on the desk', () => {
	test.use({ viewport: DESK });

	test('a load is shot for its process, and another one tells what happens to each frame', async ({
		page,
		request,
		app
	}) => {
		await loadCamera(request, {
			camera: fixedCamera({ name: 'Quay Box' }),
			film: { ...filmOf('bw-negative', 200), name: 'Samphire 200' }
		});
		expect((await request.post('/api/recipes', { data: staining })).status()).toBe(201);
		await readLight(request, { ev: 13.3, sd: 0.3 });
		const answer = page.getByRole('region', { name: 'Do' }).getByRole('heading', { level: 2 });
		await open(page, '/');
		// By hand: f/11 at 1/100 s is 13.56, ISO 200 a stop over ISO 100: 13.3 + 1 − 13.56 = ⅔ too light, within good.
		await expect(answer).toHaveText('Just enough');

		// The same film again, to be developed in a bath that loses a stop.
		await open(page, '/bag/load');
		await page.getByLabel('To be developed in').selectOption('Brown bath, loses 1 stop');
		await page.getByRole('button', { name: 'Load it' }).click();
		await page.waitForURL('**/');
		const loads = (await (await request.get('/api/loads')).json()).items;
		const load = loads.find(({ unloadedAt }: { unloadedAt?: string }) => !unloadedAt);
		expect(load.process).toEqual({ name: 'Brown bath', recipeId: staining.id, stops: -1 });
		await page.getByRole('button', { name: /Took frame/ }).click();
		await expect.poll(async () => (await (await request.get('/api/frames')).json()).items.length).toBe(1);
		const [frame] = (await (await request.get('/api/frames')).json()).items;
		// By hand: a stop of speed less: 13.3 − 13.56 = −0.26, where without the process it is 0.74.
		expect(frame.predicted.error).toBeCloseTo(-0.26, 1);

		await app.restart();
		await open(page, '/frames');
		await page.getByText('To be developed in Brown bath: rate the film 1 stop slower').click();
		await page.getByLabel('To be developed in').selectOption('what the film says');
		await page.getByLabel('Push or pull').selectOption('pushed two stops');
		await expect(page.getByText('Frames already shot come out differently:')).toBeVisible();
		// By hand: three stops more than −0.26 is 2¾: within what b&w negative still bears, three.
		await expect(page.getByText(/^[^a-z]*Frame 1: just enough →/)).toBeVisible();
		await isClean(page);
		await page.getByLabel('Push or pull').selectOption('neither');
		await page.getByRole('button', { name: 'Develop it this way' }).click();
		await expect(page.getByText('To be developed as the film says')).toBeVisible();

		// In the darkroom, another bath than it was shot for.
		await open(page, `/develop/${staining.id}`);
		await page.getByText('Other film that waits').click();
		await page.getByRole('checkbox', { name: 'Samphire 200 of Quay Box, still in the camera' }).check();
		await expect(page.getByText('Planned development: as the film says.')).toBeVisible();
		await expect(page.getByText(/Frame 1: .* → just enough|Frame 1: just enough still/)).toBeVisible();
		await isClean(page);
		await page.getByRole('button', { name: 'Develop it this way' }).click();
		await expect(page.getByText('Planned development: as the film says.')).toBeHidden();
		const processNow = async () => (await (await request.get(`/api/loads/${load.id}`)).json()).process;
		expect(await processNow()).toMatchObject({ name: 'Brown bath', stops: -1 });

		// The recipe itself changes: the load is not left behind unsaid.
		await page.getByRole('link', { name: 'Change the recipe' }).click();
		await page.getByLabel('Changes film speed by, stops').fill('-2');
		await page.getByRole('button', { name: 'Save the recipe' }).click();
		await expect(
			page.getByText('Samphire 200 of Quay Box was shot for a different speed with this recipe')
		).toBeVisible();
		await expect(page.getByText(/Frame 1: just enough → .*too dark/)).toBeVisible();
		await isClean(page);
		await page.getByRole('button', { name: 'Develop it this way' }).click();
		await expect(page.getByText('was shot for a different speed')).toBeHidden();
		expect(await processNow()).toMatchObject({ stops: -2 });

		await page.getByRole('link', { name: 'Save as another version' }).click();
		await expect(page.getByLabel('Its name')).toHaveValue('Brown bath 2');
		await page.getByLabel('Or powders per litre').fill('Water 750 ml\nSoda\nBromide 20 ml of 10 %');
		await page.getByRole('button', { name: 'Save the recipe' }).click();
		await expect(page.getByText(/Line 2, “Soda”: write a name and what to take/)).toBeVisible();
		await page.getByLabel('Or powders per litre').fill('Water 750 ml\nBromide 20 ml of 10 %');
		await page.getByLabel('Stock mixed or opened on').fill('2020-01-01');
		await page.getByLabel('Keeps for, days').fill('180');
		await page.getByRole('button', { name: 'Save the recipe' }).click();
		await page.getByLabel('Working solution, ml').fill('500');
		await page.getByText('What is left', { exact: true }).click();
		await page.getByLabel('Stock left of each, ml').fill('120');
		// By hand: a tenth of 500 ml is 50 ml of A; 120 ml are enough for that twice.
		await expect(page.getByText('Enough stock for 2 mixes.')).toBeVisible();
		// By hand: 2 g a litre are 1 g in half of one, which 10 ml of a ten per cent solution hold.
		await expect(page.getByRole('list', { name: 'From powders' })).toContainText(/Water\s*375 ml/);
		await expect(page.getByRole('list', { name: 'From powders' })).toContainText(/Bromide, 10 %\s*10 ml/);
		await expect(page.getByText('or', { exact: true })).toBeVisible();
		await expect(page.getByText(/^Its stock is \d+ days old, past its best/)).toBeVisible();
		await isClean(page);
	});

	test('negatives are looked at, and one thing is to be changed next time', async ({ page, request }) => {
		await loadCamera(request, {
			camera: fixedCamera({ name: 'Quay Box' }),
			film: { ...filmOf('bw-negative', 125), name: 'Samphire 125' }
		});
		await readLight(request, { ev: 13, sd: 0.3 });
		await open(page, '/');
		await page.getByRole('button', { name: /Took frame 1/ }).click();
		await expect(page.getByText('Frame 1 of Quay Box saved')).toBeVisible();
		await open(page, '/frames');
		await page.getByRole('link', { name: 'Judge frame 1' }).first().click();
		await page.getByRole('radio', { name: '⅓ stop too light' }).check({ force: true });
		await page.getByLabel('Density').selectOption('dense');
		await page.getByLabel('Contrast', { exact: true }).selectOption('harsh');
		await page.getByLabel('Contrast filter or grade of its print').fill('grade 1½');
		await isClean(page);
		await page.getByRole('button', { name: 'Save', exact: true }).click();
		await expect(page.getByText('Next time: Cut development by a sixth.')).toBeVisible();
		await expect(page.getByText('Based on one negative.')).toBeVisible();
		const [frame] = (await (await request.get('/api/frames')).json()).items;
		expect(frame.judged.look).toEqual({ density: 1, contrast: 1, grade: 'grade 1½' });
		await isClean(page);
	});
});

test.describe('on the phone, in the dark', () => {
	test.use({ viewport: PHONE });

	test('a peel-apart picture is timed by its temperature, with the caution before it is peeled', async ({
		page,
		context,
		app
	}) => {
		await context.addCookies([{ name: 'display', value: 'dark', url: app.address }]);
		await page.clock.install();
		await open(page, '/develop/edit/new');
		await page.getByLabel('Start from a usual one').selectOption('Peel-apart pack');
		await page.getByRole('button', { name: 'Save the recipe' }).click();
		await expect(page.getByText('Don’t touch the negative side')).toBeVisible();
		await page.getByLabel('Temperature of the picture, °C').fill('18');
		await expect(said(page)).toHaveText('1:00, give or take 0:05');
		await isClean(page);
		await page.getByRole('button', { name: 'Ready: 1:00' }).click();
		const run = page.getByRole('article');
		await run.getByRole('button', { name: 'Begin: Wait' }).press('Space');
		await page.clock.runFor(61_000);
		await expect(run.getByRole('status')).toHaveText('Wait: time’s up');
		await run.getByRole('button', { name: 'Wait is done' }).click();
		await expect(run.getByText('Don’t touch the negative side')).toBeVisible();
		await expect(run.getByRole('button', { name: 'Begin: Peel' })).toBeVisible();
		await isClean(page);
	});
});
